import type { HandoverRecord } from '@/core/handover/record';

/** House and equipment facts of the record. */
export const RecordFacts = ({ facts }: HandoverRecord) => (
  <div className="columns-1 gap-6 text-xs sm:columns-2 print:columns-5 print:gap-3 print:font-label print:text-[6.6pt] print:leading-[1.05]">
    {facts.map(({ group, rows }) => (
      <div key={group} className="mb-3 break-inside-avoid print:mb-1 print:break-inside-auto">
        <h4 className="break-after-avoid font-label text-base font-semibold print:text-[7.5pt] print:leading-none">
          {group}
        </h4>
        <dl>
          {rows.map(({ label, value, isAssumed }) => (
            <div key={label} className="flex break-inside-avoid justify-between gap-2 border-b print:gap-1 border-line">
              <dt className="text-quiet">{label}</dt>
              <dd className="min-w-0 text-right font-mono [overflow-wrap:anywhere] print:font-label">
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
