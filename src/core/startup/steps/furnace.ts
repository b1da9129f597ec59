import { FURNACE_COIL } from '../../devices/device';
import type { Facts } from '../../job/document';
import type { FuelKind } from '../../units/constants';
import { plan } from '../../wiring/plan';
import { wiringState } from '../../wiring/state';
import { returnItem, supplyItem } from '../air-items';
import { expectWithin } from '../expect';
import { type Item, type StartupStep, stepMoment } from '../step';
import { terminalItems } from '../terminal-items';
import { tick } from '../tick';

/** Manifold pressure, in. w.c., where the plate says nothing else; oil has none. */
const MANIFOLD_IN_WC: Record<FuelKind, number | null> = { 'natural-gas': 3.5, propane: 10, 'fuel-oil': null };
const MANIFOLD_TOLERANCE = 0.05;

const manifold = ({ furnace }: Facts): Item[] => {
  const aim = MANIFOLD_IN_WC[furnace.fuel];
  if (aim === null) return [];
  return [
    {
      id: 'manifold',
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
  applies: ({ system }) => system.backup === 'furnace',
  build: (context) => {
    const { facts } = context;
    const runs = wiringState(facts, plan(facts), stepMoment(context, 'emergency')).energised.has(FURNACE_COIL);
    return {
      cautions: ['fuel', 'live-measuring', 'never-defeat', 'moving-blades'],
      how: [
        'Licensed for fuel work: leak-check first, vent and combustion air open, carbon-monoxide alarm in the house.',
        'Thermostat: emergency heat. The outdoor unit must stop and stay off.',
        'Temperatures after ten minutes of full fire, out of sight of the burner.',
      ],
      call: 'emergency',
      waits: [{ id: 'steady', label: 'Steady fire', seconds: 600, why: 'The rise settles in about ten minutes.' }],
      items: [
        ...terminalItems(context, 'furnace', 'emergency', ['air-handler-W1', 'outdoor-unit-Y']),
        ...interlock(facts),
        ...manifold(facts),
        returnItem(facts),
        supplyItem(
          context,
          'furnace',
          runs ? facts.furnace.outputBtuh : undefined,
          facts.airHandler.auxCfm,
          'furnace output',
          'a furnace call that is wired',
        ),
      ],
    };
  },
};
