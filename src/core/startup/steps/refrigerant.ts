import { apartF } from '../../units/degrees';
import { expectBetween } from '../expect';
import { recorded } from '../recorded';
import type { Item, StartupStep } from '../step';
import { tick } from '../tick';

/** Tolerance of superheat and subcooling against target, °F. Our judgment: clamps and gauges. */
const TARGET_TOLERANCE_F = { superheat: 5, subcooling: 3 } as const;

const aimed = (
  id: 'superheat' | 'subcooling',
  label: string,
  target: number | null,
  fact: 'proof.superheatF' | 'proof.subcoolingF',
): Item => ({
  id,
  label,
  unit: '°F',
  isDifference: true,
  expect: () => {
    if (target === null) return { kind: 'needs', what: 'the unit’s own target', fact };
    const off = TARGET_TOLERANCE_F[id];
    const [least, most] = [Math.max(0, target - off), target + off];
    return {
      ...expectBetween(least, most, '°F', 'The unit’s own target, as entered'),
      tolerance: apartF(`${least} to ${most}`),
    };
  },
  explain: (_, grade) =>
    grade === 'warn' || grade === 'fail'
      ? {
          means: 'Not on the unit’s target.',
          next: 'For licensed techs: as the manufacturer’s instructions say, airflow first.',
        }
      : null,
});

export const refrigerant: StartupStep = {
  id: 'refrigerant',
  title: 'Refrigerant side (EPA-certified tech only)',
  why: 'Recorded and compared with the unit’s own targets. Nothing here tells you how to charge.',
  license: 'refrigerant',
  applies: () => true,
  build: ({ facts: { proof } }) => ({
    cautions: ['refrigerant', 'moving-blades'],
    how: [
      'Confirm airflow first. 15 minutes of steady run, strips off.',
      'Targets from the unit’s own label or chart.',
    ],
    call: null,
    waits: [{ id: 'steady', label: 'Steady run', seconds: 900, why: 'Pressures settle in about 15 minutes.' }],
    limits: ['proof.superheatF', 'proof.subcoolingF', 'proof.refrigerantBurns'],
    items: [
      recorded('vapor-line', 'Vapor line', '°F'),
      recorded('liquid-line', 'Liquid line', '°F'),
      aimed('superheat', 'Superheat', proof.superheatF, 'proof.superheatF'),
      aimed('subcooling', 'Subcooling', proof.subcoolingF, 'proof.subcoolingF'),
      tick('caps', 'Caps on, valves open, no oil at a joint'),
      ...(proof.refrigerantBurns
        ? [
            tick('leak-sensor', 'Leak sensor present; its test stops the compressor and starts the blower'),
            tick('leak-vent', 'No flame, spark or hot surface where it could gather'),
          ]
        : []),
    ],
  }),
};
