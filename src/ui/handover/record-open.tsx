import type { HandoverRecord } from '@/core/handover/record';
import { SeverityMark } from '../severity-mark';

/** What is still open: findings, and steps not read. */
export const RecordOpen = ({ open }: HandoverRecord) =>
  open.length === 0 ? (
    <p className="text-sm">Nothing.</p>
  ) : (
    <ul className="space-y-1 text-sm print:space-y-0 print:text-[8pt] print:leading-tight">
      {open.map(({ severity, words }) => (
        <li key={words} className="flex gap-2">
          {severity && <SeverityMark severity={severity} />}
          {words}
        </li>
      ))}
    </ul>
  );
