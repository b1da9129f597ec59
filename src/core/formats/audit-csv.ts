import Papa from 'papaparse';
import { FORMULA_CELL } from './csv-cell';

interface AuditLine {
  readonly at: string;
  readonly person: string;
  readonly did: string;
  readonly subject: string;
}

const WAY = { newline: '\r\n', escapeFormulae: FORMULA_CELL } as const;

/** Header of the audit CSV. */
export const AUDIT_CSV_HEAD = `${Papa.unparse([['time', 'person', 'did', 'what']], WAY)}\r\n`;

/** Lines of it, one per entry. */
export const auditCsvLines = (lines: readonly AuditLine[]): string =>
  lines.length === 0
    ? ''
    : `${Papa.unparse(
        lines.map(({ at, person, did, subject }) => [at, person, did, subject]),
        WAY,
      )}\r\n`;
