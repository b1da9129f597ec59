'use client';

import { type PlannedItem, tally } from '@/core/startup/plan';
import { roundTo } from '@/core/units/round';
import { useJob } from '../job/provider';
import { useModel } from '../job/use-model';
import { GradeMark } from '../startup/grade-mark';
import { When } from '../when';

/** Who read, and when: one line for the whole visit. */
const Taken = () => {
  const readings = useJob((job) => job.readings);
  const times = readings.map(({ at }) => at).sort();
  if (times.length === 0) return null;
  const people = [...new Set(readings.map(({ author }) => author))].join(', ');
  const instruments = [...new Set(readings.map(({ instrument }) => instrument))].filter(Boolean).join('; ');
  return (
    <p className="text-sm">
      Taken <When at={times[0]!} /> to <When at={times.at(-1)!} /> by {people}
      {instruments && `, with ${instruments}`}.
    </p>
  );
};

const expectedWords = ({ expected, item }: PlannedItem): string => {
  if (expected.kind !== 'band') return '';
  return expected.aim === null ? expected.tolerance : `${roundTo(expected.aim, 1)} ${item.unit}`;
};

const ReadingLine = ({ planned }: { planned: PlannedItem }) => {
  const { item, reading, verdict } = planned;
  if (!reading || !verdict) return null;
  const isBad = verdict.grade === 'warn' || verdict.grade === 'fail';
  return (
    <li className="grid break-inside-avoid grid-cols-[minmax(0,1fr)_auto_5.5rem_1rem] gap-x-2 print:grid-cols-[minmax(0,1fr)_auto_18mm_3mm] border-b border-line">
      <span>{item.label}</span>
      <span className="max-w-40 text-right print:max-w-none print:whitespace-nowrap font-mono text-quiet">
        {expectedWords(planned)}
      </span>
      <span className="text-right font-mono font-semibold">
        {`${reading.value} ${reading.value === 'OL' ? '' : item.unit}`}
        {reading.replaces !== null && '†'}
      </span>
      <GradeMark grade={verdict.grade} size={10} />
      {isBad && (
        <span className="col-span-4 font-semibold">
          {verdict.means} {verdict.next}
        </span>
      )}
    </li>
  );
};

/** Everything ticked off in a step, in one line. */
const DoneLine = ({ items }: { items: readonly PlannedItem[] }) => {
  const done = items.filter(({ reading }) => reading?.value === 'done');
  return done.length === 0 ? null : <li>Done: {done.map(({ item }) => item.label).join('; ')}.</li>;
};

/** Every reading with what was expected and its verdict, step by step. */
export const RecordReadings = () => {
  const model = useModel();
  const readings = useJob((job) => job.readings);
  const moment = useJob((job) => job.moment);
  const steps = model.startup(readings, moment);
  const counts = tally(steps);
  const taken = steps.filter(({ items }) => items.some(({ reading }) => reading));
  return (
    <>
      <Taken />
      <p className="text-sm">
        {counts.pass} passed, {counts.warn} to look at again, {counts.fail} failed, {counts.open} open. Expected, then
        read. † corrected; every reading is in the CSV.
      </p>
      <div className="mt-1 gap-6 text-xs sm:columns-2 print:text-[7pt] print:leading-[1.12]">
        {taken.map(({ step, items }) => (
          <section key={step.id}>
            <h4 className="mt-1 break-after-avoid font-label text-sm font-semibold print:mt-0.5 print:text-[8pt] print:leading-none">
              {step.title}
            </h4>
            <ul>
              {items
                .filter(({ reading }) => reading?.value !== 'done')
                .map((planned) => (
                  <ReadingLine key={planned.key} planned={planned} />
                ))}
              <DoneLine items={items} />
            </ul>
          </section>
        ))}
      </div>
    </>
  );
};
