import type { Facts } from '../../job/document';
import type { Item, StartupStep } from '../step';
import { tick } from '../tick';

const FLOAT_STOPS: Readonly<Record<Facts['system']['floatSwitch'], string | null>> = {
  none: null,
  R: 'Lift the float: everything stops; release it: everything restarts',
  Y: 'Lift the float: only the compressor stops; backup heat keeps running',
};

const floatItems = ({ system }: Facts): Item[] => {
  const words = FLOAT_STOPS[system.floatSwitch];
  return words === null ? [] : [tick('float', words)];
};

const isIndoors = ({ system }: Facts) => system.cabinet === 'split';

export const water: StartupStep = {
  id: 'water',
  title: 'Condensate and final details',
  why: 'A dry trap, a raised float or a snowed-in outdoor unit causes the next call-back.',
  applies: () => true,
  build: ({ facts }) => ({
    cautions: ['moving-blades'],
    how: ['Pour water into the pan, and watch where it goes.'],
    call: null,
    waits: [],
    items: [
      ...(isIndoors(facts)
        ? [
            tick('trap', 'Trap primed; vent on the outlet side only; cleanout capped'),
            tick('pan', 'Pan dry, drain flows, pitch correct'),
          ]
        : [tick('drain', 'Cabinet drains open; pad slopes away')]),
      ...floatItems(facts),
      tick('filter-size', 'Filter’s size noted on its door, reminder set'),
      tick('wall', 'Thermostat level; wall opening behind it sealed'),
      tick('level', 'Outdoor unit level, above the snow, clear on all sides'),
      tick('covers', 'Disconnect covers back, cable clear of sharp edges'),
    ],
  }),
};
