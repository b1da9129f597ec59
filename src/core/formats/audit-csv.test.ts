import { auditCsv } from './audit-csv';

test('a line for each thing done; what a spreadsheet would take for a formula is disarmed', () => {
  const at = '2026-01-05T12:00:00.000Z';
  expect(auditCsv([{ at, person: 'Ana, Wachs', did: 'invited as reader', subject: '=HYPERLINK("x")' }])).toBe(
    `time,person,did,what\r\n${at},"Ana, Wachs",invited as reader,"'=HYPERLINK(""x"")"`,
  );
});
