import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { MANIFOLD_IN_WC } from '../../model/predict';
import { returnItem, supplyItem } from '../air-items';
import { expectWithin } from '../expect';
import { staticHow, staticItems } from '../static-item';
import type { Item, StartupStep } from '../step';
import { terminalItems } from '../terminal-items';
import { tick } from '../tick';

/** How far the manifold may be off. Our judgement: what a gauge shows. */
const MANIFOLD_TOLERANCE = 0.05;

const manifold = ({ furnace }: Facts): Item[] => {
  const aim = MANIFOLD_IN_WC[furnace.fuel];
  if (aim === null) return [];
  return [
    {
      id: 'manifold',
      of: { call: 'emergency', observable: { kind: 'pressure', at: 'manifold' } },
      label: 'Manifold pressure',
      unit: 'in. w.c.',
      expect: () =>
        expectWithin(
          aim,
          MANIFOLD_TOLERANCE,
          MANIFOLD_TOLERANCE,
          `${aim} in. w.c. is usual for this gas; the furnace’s own plate decides, at elevation too`,
        ),
      explain: (_, grade) =>
        grade === 'pass'
          ? null
          : {
              means: 'The burner gets the wrong amount of gas.',
              next: 'Inlet pressure with everything burning, then the plate’s figure for this elevation. Setting it is for licensed people.',
            },
    },
  ];
};

/** Where the interlock must show itself: compressor off while the furnace is called. */
const interlock = ({ furnace }: Facts): Item[] => [
  tick(
    'compressor-stays-off',
    furnace.interlock === 'none'
      ? 'Compressor off while the furnace runs'
      : 'Interlock: compressor off while the furnace runs, back when the coil has cooled',
  ),
];

export const furnaceStep: StartupStep = {
  id: 'furnace',
  title: 'Furnace, in the compressor’s place',
  why: 'It must heat the house with the outdoor unit dead, and never together with it.',
  applies: ({ system }) => backupOf({ system }) === 'fossil',
  build: (context) => {
    const { facts } = context;
    return {
      cautions: ['fuel', 'live-measuring', 'never-defeat', 'moving-blades'],
      how: [
        'Licensed for fuel work: leak-check first, vent and combustion air open, carbon-monoxide alarm in the house.',
        'Thermostat: emergency heat. The outdoor unit must stop and stay off.',
        'Temperatures after ten minutes of full fire, out of sight of the burner.',
        ...staticHow(facts, 'emergency'),
      ],
      call: 'emergency',
      waits: [{ id: 'steady', label: 'Steady fire', seconds: 600, why: 'The rise settles in about ten minutes.' }],
      items: [
        ...terminalItems(context, 'emergency', ['air-handler-W1', 'outdoor-unit-Y']),
        ...interlock(facts),
        ...manifold(facts),
        returnItem(facts, 'emergency'),
        supplyItem(context, 'emergency'),
        ...staticItems(context, 'emergency'),
      ],
    };
  },
};
