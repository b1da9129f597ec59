import type { HandoverRecord, RecordReading } from '@/core/handover/record';
import { GradeMark } from '../findings/grade-mark';
import { DateText } from '../kit/date-text';

const ReadingLine = ({ reading }: { reading: RecordReading }) => {
  const { label, expected, read, isCorrected, grade, words, before } = reading;
  return (
    <li className="grid break-inside-avoid grid-cols-[minmax(0,1fr)_auto_minmax(0,5.5rem)_1rem] gap-x-2 print:grid-cols-[minmax(0,1fr)_auto_15mm_3mm] print:gap-x-1 border-b border-line">
      <span>{label}</span>
      <span className="max-w-40 text-right print:max-w-none print:whitespace-nowrap font-mono text-quiet">
        {expected}
      </span>
      <span className="text-right font-mono font-semibold">
        {read}
        {isCorrected && '†'}
      </span>
      <GradeMark grade={grade} size={10} />
      {before && <span className="col-span-4 text-quiet">Before: {before}</span>}
      {words && <span className="col-span-4 font-semibold">{words}</span>}
    </li>
  );
};

/** Every reading with expectation and verdict, by step. */
export const RecordReadings = ({ taken, tally, measured, trouble, returns, steps }: HandoverRecord) => (
  <>
    <p className="text-sm">
      {taken && (
        <>
          Taken <DateText at={taken.from} /> to <DateText at={taken.to} /> by {taken.people}
          {taken.instruments && `, with ${taken.instruments}`}.{' '}
        </>
      )}
      {tally} Columns: expected, then measured. † corrected; all readings are in the CSV.
    </p>
    {trouble && trouble.length > 0 && (
      <ul aria-label="Diagnosis" className="mb-2">
        {trouble.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    )}
    {measured && measured.length > 0 && <p className="text-sm font-semibold">{measured.join(' ')}</p>}
    <div className="mt-1 gap-6 text-xs sm:columns-2 print:columns-3 print:gap-4 print:text-[6.4pt] print:leading-[1.02]">
      {steps.map(({ title, readings, done, leftOut }) => (
        <section key={title}>
          <h4 className="mt-1 break-after-avoid font-label text-sm font-semibold print:mt-0.5 print:text-[7.5pt] print:leading-none">
            {title}
          </h4>
          <ul>
            {readings.map((reading) => (
              <ReadingLine key={reading.label} reading={reading} />
            ))}
            {done.length > 0 && <li>Done: {done.join('; ')}.</li>}
            {leftOut.length > 0 && <li>Not measured: {leftOut.join('; ')}.</li>}
          </ul>
        </section>
      ))}
      {returns && returns.length > 0 && (
        <section>
          <h4 className="mt-1 break-after-avoid font-label text-sm font-semibold print:mt-0.5 print:text-[7.5pt] print:leading-none">
            For a return visit
          </h4>
          <ul>
            {returns.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </section>
      )}
    </div>
  </>
);
