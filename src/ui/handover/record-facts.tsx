import type { HandoverRecord } from '@/core/handover/record';

/** The facts of house and equipment, as the record prints them. */
export const RecordFacts = ({ facts }: HandoverRecord) => (
  <div className="columns-1 gap-6 text-xs sm:columns-2 print:columns-4 print:gap-4 print:text-[6.5pt] print:leading-[1.15]">
    {facts.map(({ group, rows }) => (
      <div key={group} className="mb-3 break-inside-avoid print:mb-1.5">
        <h4 className="font-label text-base font-semibold print:text-[8pt] print:leading-none">{group}</h4>
        <dl>
          {rows.map(({ label, value, isAssumed }) => (
            <div key={label} className="flex justify-between gap-2 border-b border-line">
              <dt className="text-quiet">{label}</dt>
              <dd className="min-w-0 text-right font-mono [overflow-wrap:anywhere]">
                {value}
                {isAssumed && <span title="assumed"> *</span>}
              </dd>
            </div>
          ))}
        </dl>
      </div>
    ))}
    <p>* assumed, not confirmed on site</p>
  </div>
);
