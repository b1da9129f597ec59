import { currentPath, MOVED_PAGES } from './old-paths';
import { JOB_SCREENS, jobScreen, screenPathOf } from './screens';

describe('old addresses of a job’s pages', () => {
  test.each([
    ['sheet', 'survey'],
    ['crossing/year', 'balance/year'],
    ['day/defrost', 'simulate/defrost'],
    ['trouble', 'diagnose'],
    ['constructor', 'constructor'],
    ['', ''],
  ])('%s opens %s', (old, now) => expect(currentPath(old)).toBe(now));

  test('every redirect target is a page, and a current path stays as it is', () => {
    for (const page of Object.values(MOVED_PAGES)) expect(jobScreen(page)).toBeDefined();
    for (const { path } of JOB_SCREENS) expect(screenPathOf(`/jobs/1/${path}`)).toBe(path);
    expect(screenPathOf('/jobs/1/crossing/air')).toBe('balance/air');
  });
});
