'use client';

import type { PlannedItem } from '@/core/startup/plan';
import { unitOn } from '@/core/units/degrees';
import { useDegrees } from '../degrees/degrees';
import { NumberBox } from '../fields/number-box';
import { UseReadingButton } from '../meter/use-reading-button';
import { ClampPlace } from './clamp-place';
import { Expected } from './expected';
import { FaultReading } from './fault-reading';
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
  const { blocked, keep, leads, place, setPlace, expected, field, openedAt } = useItem(planned);
  const { scale } = useDegrees();
  return (
    <li className="border-b border-line py-3">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <div className="min-w-0 flex-1 basis-48">
          <h3 className="font-label text-xl font-semibold">{item.label}</h3>
          <Expected expected={expected} unit={item.unit} />
          <FaultReading tried={tried} />
        </div>
        <div className="flex w-full items-end gap-1 sm:w-64">
          <div className="min-w-0 flex-1">
            {blocked ? (
              <BlockedReason planned={planned} />
            ) : (
              <NumberBox label={`${item.label}, ${unitOn(scale, item.unit)}`} hidesLabel isLarge {...field} />
            )}
          </div>
          <ReadingMenu planned={planned} />
        </div>
      </div>
      {!blocked && <UseReadingButton leads={leads} onTake={(value, beside) => keep(value, place, beside)} />}
      <div className="max-w-md pt-2 empty:pt-0">
        <ClampPlace places={item.places} place={place} onCommit={setPlace} />
      </div>
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
