'use client';

import type { PlannedItem } from '@/core/startup/plan';
import { unitOn } from '@/core/units/degrees';
import { LocalizedDegrees, useDegrees } from '../degrees/degrees';
import { ChoiceBox } from '../fields/choice-box';
import { NumberBox } from '../fields/number-box';
import { UseReadingButton } from '../meter/use-reading-button';
import { Expected } from './expected';
import { ItemHistory } from './item-history';
import { ReadingMenu } from './reading-menu';
import { FailsButton, TickBlocked, TickButton } from './tick-button';
import { useItem } from './use-item';
import { SlipLine, VerdictLine } from './verdict-line';

interface StartupItemProps {
  readonly planned: PlannedItem;
  /** Its reading under the simulation. */
  readonly tried?: string | undefined;
}

const Tick = ({ planned }: StartupItemProps) => {
  const { item } = planned;
  const { openedAt } = useItem(planned);
  return (
    <li className="border-b border-line py-1">
      <div className="flex items-center gap-1">
        <div className="min-w-0 flex-1">
          {item.stages && <p className="pt-1">{item.label}</p>}
          <TickButton planned={planned} />
        </div>
        <ReadingMenu planned={planned} />
      </div>
      <FailsButton planned={planned} />
      <TickBlocked planned={planned} />
      {planned.verdict?.grade === 'fail' && <VerdictLine verdict={planned.verdict} />}
      <div className="pl-9">
        <ItemHistory planned={planned} now={openedAt} />
      </div>
    </li>
  );
};

/** Shown instead of a field while hands must stay out. */
export const BlockedReason = ({ planned: { heldShut, reading, item } }: Pick<StartupItemProps, 'planned'>) => (
  <p className="text-sm font-semibold text-fail">
    {reading && (
      <span className="block font-mono text-ink">
        {String(reading.value)} {item.unit}
      </span>
    )}
    {heldShut}
  </p>
);

const Measure = ({ planned, tried }: StartupItemProps) => {
  const { item, reading, verdict } = planned;
  const { keep, leads, place, setPlace, expected, field, openedAt } = useItem(planned);
  const { scale } = useDegrees();
  return (
    <li className="border-b border-line py-3">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <div className="min-w-0 flex-1 basis-48">
          <h3 className="font-label text-xl font-semibold">{item.label}</h3>
          <Expected expected={expected} unit={item.unit} />
          {tried !== undefined && (
            <p className="text-sm text-ember">
              With this fault:{' '}
              <span className="font-mono font-semibold">
                <LocalizedDegrees>{tried}</LocalizedDegrees>
              </span>
            </p>
          )}
        </div>
        <div className="flex w-full items-end gap-1 sm:w-64">
          <div className="min-w-0 flex-1">
            {planned.heldShut ? (
              <BlockedReason planned={planned} />
            ) : (
              <NumberBox label={`${item.label}, ${unitOn(scale, item.unit)}`} hidesLabel isLarge {...field} />
            )}
          </div>
          <ReadingMenu planned={planned} />
        </div>
      </div>
      {!planned.heldShut && <UseReadingButton leads={leads} onTake={(value, beside) => keep(value, place, beside)} />}
      {item.places && place !== null && (
        <div className="mt-2 max-w-md">
          <ChoiceBox
            label="Clamp on"
            options={item.places.map(({ id, label }) => ({ value: id, label }))}
            value={place}
            onCommit={setPlace}
          />
        </div>
      )}
      <VerdictLine verdict={verdict} />
      {typeof reading?.value === 'number' && (
        <SlipLine item={item} typed={reading.value} place={reading.place} onTake={(value) => keep(value)} />
      )}
      <ItemHistory planned={planned} now={openedAt} />
    </li>
  );
};

/** One reading of a step: expectation, field, and meaning. */
export const StartupItem = (props: StartupItemProps) =>
  props.planned.expected.kind === 'tick' ? <Tick {...props} /> : <Measure {...props} />;
