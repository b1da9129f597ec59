'use client';

import type { People } from '@/core/startup/route';
import { RadioButtons } from '../fields/radio-buttons';
import type { RouteChoice } from './use-route';

/** Time saved by walking by place instead of in listed order. */
const Saves = ({ route }: { route: RouteChoice }) => {
  const { plain, byPlace } = route.compare();
  const minutes = plain.minutes - byPlace.minutes;
  const climbs = plain.climbs - byPlace.climbs;
  const parts = [
    ...(minutes > 0 ? [`${minutes} min`] : []),
    ...(climbs > 0 ? [`${climbs} ${climbs === 1 ? 'trip' : 'trips'} to the indoor unit`] : []),
  ];
  return (
    <p className="py-1 text-quiet">
      By location saves {parts.length === 0 ? 'nothing here' : `about ${parts.join(' and ')}`} of {plain.minutes} min as
      listed
    </p>
  );
};

/** Order of the steps, number of people, and time saved. */
export const OrderChoice = ({ route }: { route: RouteChoice }) => {
  const { isByPlace, people, choose } = route;
  return (
    <>
      <RadioButtons
        label="Step order"
        className="grid-cols-2"
        options={[
          [false, 'As listed'],
          [true, 'By place'],
        ]}
        value={isByPlace}
        onChoose={(next) => choose(next, people)}
      />
      <RadioButtons<People>
        label="Crew on site"
        className="mt-1 grid-cols-2"
        options={[
          [1, 'One person'],
          [2, 'Second person at the thermostat'],
        ]}
        value={people}
        onChoose={(going) => choose(isByPlace, going)}
      />
      <Saves route={route} />
    </>
  );
};
