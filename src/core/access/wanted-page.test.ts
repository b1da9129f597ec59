import fc from 'fast-check';
import { wantedPage } from './wanted-page';

const ORIGIN = 'https://heat.example.org';

describe('the page opened after signing in', () => {
  test.each([
    ['/jobs/5?at=28#top', '/jobs/5?at=28#top'],
    ['', '/'],
    ['/', '/'],
    ['/\t/elsewhere.example', '/'],
    ['/\n/elsewhere.example', '/'],
    ['/\r\n/elsewhere.example', '/'],
    ['//elsewhere.example', '/'],
    ['/\\elsewhere.example', '/'],
    ['https://elsewhere.example/', '/'],
    ['javascript:alert(1)', '/'],
    ['https://[', '/'],
  ])('%j opens %s', (wanted, opens) => expect(wantedPage(wanted, ORIGIN)).toBe(opens));

  test('whatever the address says, a browser stays on this site', () =>
    fc.assert(
      fc.property(
        fc.string({ unit: fc.constantFrom('/', '\\', '\t', '\n', '\r', '@', ':', 'a', '.', '?', '#', '%', ' ') }),
        (wanted) => {
          const opens = wantedPage(wanted, ORIGIN);
          expect(new URL(opens, ORIGIN).origin).toBe(ORIGIN);
        },
      ),
      { numRuns: 2000 },
    ));
});
