import type { Facts } from '../../job/document';
import type { Item, StartupStep } from '../step';
import { tick } from '../tick';

const FLOAT_STOPS: Readonly<Record<Facts['system']['floatSwitch'], string | null>> = {
  none: null,
  R: 'Float switch lifted: everything stops, and comes back when it falls',
  Y: 'Float switch lifted: the compressor alone stops; heat from the backup goes on',
};

const floatItems = ({ system }: Facts): Item[] => {
  const words = FLOAT_STOPS[system.floatSwitch];
  return words === null ? [] : [tick('float', words)];
};

const isIndoors = ({ system }: Facts) => system.cabinet === 'split';

export const water: StartupStep = {
  id: 'water',
  title: 'Water and small things',
  why: 'A dry trap, a lifted float or a buried outdoor unit brings the next call.',
  applies: () => true,
  build: ({ facts }) => ({
    cautions: ['moving-blades'],
    how: ['Pour water into the pan, and watch where it goes.'],
    call: null,
    waits: [],
    items: [
      ...(isIndoors(facts)
        ? [
            tick('trap', 'Trap primed; open after it, closed before it; cleanout capped'),
            tick('pan', 'Pan dry, drain runs, pitch right'),
          ]
        : [tick('drain', 'Cabinet’s drains open, pad drains away')]),
      ...floatItems(facts),
      tick('filter-size', 'Filter’s size noted on its door, reminder set'),
      tick('wall', 'Thermostat level; hole behind it sealed'),
      tick('level', 'Outdoor unit level, above the snow, clear on all sides'),
      tick('covers', 'Disconnect covers back, cable clear of sharp edges'),
    ],
  }),
};
