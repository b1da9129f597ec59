import type { HandoverRecord, RecordSetting } from '@/core/handover/record';
import { DateText } from '../kit/date-text';

const ReadBack = ({ left, readBack }: RecordSetting) =>
  readBack === null ? (
    <span className="text-quiet">not read back</span>
  ) : readBack === left ? (
    '✓'
  ) : (
    <span className="font-semibold">reads {readBack}</span>
  );

/** Found, left and read-back values of each controller. */
export const RecordSettings = ({ set, settings }: HandoverRecord) =>
  settings.length === 0 || set === null ? (
    <p className="text-sm">Nothing recorded yet. Use the controller cards on Setup.</p>
  ) : (
    <>
      <p className="text-sm">
        Set <DateText at={set.from} /> to <DateText at={set.to} /> by {set.people}. Columns: as found → as left · read
        back. All changes are in the CSV.
      </p>
      <div className="gap-6 text-xs sm:columns-2 print:columns-3 print:gap-4 print:text-[7pt] print:leading-[1.1]">
        {settings.map(({ controller, rows }) => (
          <section key={controller}>
            <h4 className="mt-1 break-after-avoid font-label text-sm font-semibold print:text-[8pt]">{controller}</h4>
            <ul>
              {rows.map((row) => (
                <li
                  key={row.code + row.label}
                  className="grid break-inside-avoid grid-cols-[3.5rem_minmax(0,1fr)_auto] gap-x-2 border-b border-line"
                >
                  <span className="font-mono font-semibold">{row.code}</span>
                  <span>{row.label}</span>
                  <span className="text-right font-mono">
                    {row.found ?? '—'} → <span className="font-semibold">{row.left ?? '—'}</span> <ReadBack {...row} />
                  </span>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
    </>
  );
