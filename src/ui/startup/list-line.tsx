'use client';

import { useState } from 'react';
import { VISIT_REASONS } from '@/core/job/visit';
import { minutesLeft } from '@/core/startup/minutes-left';
import type { PlannedStep } from '@/core/startup/planned';
import type { People } from '@/core/startup/route';
import { RadioButtons } from '../fields/radio-buttons';
import type { RouteChoice } from './use-route';
import type { VisitList } from './use-visit-list';

/** What walking by place saves against the plain order. */
const Saves = ({ route }: { route: RouteChoice }) => {
  const { plain, byPlace } = route.compare();
  const minutes = plain.minutes - byPlace.minutes;
  const climbs = plain.climbs - byPlace.climbs;
  const parts = [
    ...(minutes > 0 ? [`${minutes} min`] : []),
    ...(climbs > 0 ? [`${climbs} ${climbs === 1 ? 'climb' : 'climbs'} to the indoor unit`] : []),
  ];
  return (
    <p className="py-1 text-quiet">
      By place saves {parts.length === 0 ? 'nothing here' : `about ${parts.join(' and ')}`}, of {plain.minutes} min as
      listed
    </p>
  );
};

/** The order of the steps: as the work is listed, or by place for one or two people. */
const OrderOf = ({ route }: { route: RouteChoice }) => {
  const { isByPlace, people, choose } = route;
  const [isOpen, setOpen] = useState(false);
  return (
    <details className="mt-1 border-y border-line" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        Order: {isByPlace ? 'by place' : 'as listed'}
      </summary>
      <RadioButtons
        label="Order of the steps"
        className="grid-cols-2"
        options={[
          [false, 'As listed'],
          [true, 'By place'],
        ]}
        value={isByPlace}
        onChoose={(next) => choose(next, people)}
      />
      <RadioButtons<People>
        label="Who goes"
        className="mt-1 grid-cols-2"
        options={[
          [1, 'One alone'],
          [2, 'One stays at the thermostat'],
        ]}
        value={people}
        onChoose={(going) => choose(isByPlace, going)}
      />
      {isOpen && <Saves route={route} />}
    </details>
  );
};

/** What of the startup is shown and in which order, each the other way in one tap, and how long what is left takes. */
export const ListLine = ({
  steps,
  list,
  route,
}: {
  steps: readonly PlannedStep[];
  list: VisitList;
  route: RouteChoice;
}) => {
  const { reason, isAll, listed, all, showAll } = list;
  const minutes = minutesLeft(steps);
  return (
    <div className="mb-2 text-sm">
      <RadioButtons
        label="Items of this startup"
        className="grid-cols-[3fr_2fr]"
        options={[
          [false, `${VISIT_REASONS[reason]} · ${listed}`],
          [true, `Everything · ${all}`],
        ]}
        value={isAll}
        onChoose={showAll}
      />
      {minutes > 0 && <p className="mt-1 text-quiet">About {minutes} min left, waits included</p>}
      <OrderOf route={route} />
    </div>
  );
};
