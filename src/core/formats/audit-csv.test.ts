import { AUDIT_CSV_HEAD, auditCsvLines } from './audit-csv';

test('a line for each action; spreadsheet formulas are disarmed', () => {
  const at = '2026-01-05T12:00:00.000Z';
  expect(AUDIT_CSV_HEAD).toBe('time,person,did,what\r\n');
  expect(auditCsvLines([])).toBe('');
  expect(auditCsvLines([{ at, person: 'Ana, Wachs', did: 'invited as reader', subject: '=HYPERLINK("x")' }])).toBe(
    `${at},"Ana, Wachs",invited as reader,"'=HYPERLINK(""x"")"\r\n`,
  );
});
