import type { HandoverRecord } from '@/core/handover/record';
import { SeverityMark } from '../findings/severity-mark';

/** Open items: findings, and steps not read. */
export const RecordOpen = ({ open, stops = [], shutOff }: HandoverRecord) =>
  open.length + stops.length === 0 ? (
    <p className="text-sm">Nothing.</p>
  ) : (
    <ul className="space-y-1 text-sm print:space-y-0 print:text-[8pt] print:leading-tight">
      {stops.map((words) => (
        <li key={words} className="border-2 border-fail px-2 font-semibold">
          {words}
        </li>
      ))}
      {shutOff && <li className="font-semibold">{shutOff}</li>}
      {open.map(({ severity, words }) => (
        <li key={words} className="flex gap-2">
          {severity && <SeverityMark severity={severity} />}
          {words}
        </li>
      ))}
    </ul>
  );
