import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { MANIFOLD_IN_WC } from '../../model/observables/pressure';
import { roundTo } from '../../units/round';
import { expectWithin } from '../expect';
import { ambientCo, flueGas, stackItems } from '../flue-items';
import { NO_LIMIT, recorded, typed } from '../recorded';
import type { Expectation, Item, StartupStep } from '../step';
import { tick, verifiedTick } from '../tick';
import { STEADY_FIRE } from '../waits';

/** Tolerance of manifold pressure. Our judgment: gauge accuracy. */
const MANIFOLD_TOLERANCE = 0.05;
/** Tolerance of the clocked input against the nameplate. Our judgment: a stopwatch, and gas of varying heat content. */
const INPUT_TOLERANCE = 0.05;

const isOnGas = (facts: Facts) => backupOf(facts) === 'fossil' && facts.furnace.fuel !== 'fuel-oil';

const wrongGas = {
  means: 'The burner gets the wrong amount of gas.',
  next: 'Check inlet pressure with every gas appliance on, then the nameplate figure for this elevation. Setting it is for licensed techs.',
};

/**
 * Possible manifold pressures of each gas, in. w.c.: a typed figure outside belongs to another gas. Our judgment, wide
 * enough for elevation and all nameplates seen.
 */
const MANIFOLD_SPAN: Readonly<Record<'natural-gas' | 'propane', readonly [number, number]>> = {
  'natural-gas': [0.8, 5],
  propane: [4, 12],
};

/** Whether a manifold pressure from a nameplate fits the gas in use. */
export const isManifoldOf = (fuel: Facts['furnace']['fuel'], inWc: number): boolean => {
  if (fuel === 'fuel-oil') return true;
  const [least, most] = MANIFOLD_SPAN[fuel];
  return inWc >= least && inWc <= most;
};

const otherGas = (fact: 'proof.manifoldInWc' | 'proof.manifoldLowInWc'): Expectation => ({
  kind: 'needs',
  what: 'the nameplate’s manifold pressure again: the one typed is another gas’s. Conversion, orifices and label first',
  fact,
});

/** Manifold pressure at high fire: the nameplate's, else the usual one for the gas. */
const manifold = ({ furnace, proof }: Facts): Item[] => {
  const usual = MANIFOLD_IN_WC[furnace.fuel];
  const aim = proof.manifoldInWc ?? usual;
  if (aim === null) return [];
  const from =
    proof.manifoldInWc === null
      ? `${aim} in. w.c. is usual for this gas; the furnace’s own nameplate decides, at elevation too`
      : `The nameplate, at this elevation: ${aim} in. w.c.`;
  return [
    {
      id: 'manifold',
      of: { call: 'emergency', observable: { kind: 'pressure', at: 'manifold' } },
      label: 'Manifold pressure, high fire',
      unit: 'in. w.c.',
      isSafety: true,
      expect: () =>
        isManifoldOf(furnace.fuel, aim)
          ? expectWithin(aim, MANIFOLD_TOLERANCE, MANIFOLD_TOLERANCE, from)
          : otherGas('proof.manifoldInWc'),
      explain: (_, grade) => (grade === 'pass' || grade === 'noted' ? null : wrongGas),
    },
  ];
};

const lowManifold = ({ airHandler, proof }: Facts): Item[] =>
  airHandler.wInputs === 'W1'
    ? []
    : [
        {
          id: 'manifold-low',
          label: 'Manifold pressure, low fire',
          unit: 'in. w.c.',
          isSafety: true,
          expect: () =>
            proof.manifoldLowInWc === null
              ? { kind: 'needs', what: 'the plate’s pressure at low fire', fact: 'proof.manifoldLowInWc' }
              : expectWithin(
                  proof.manifoldLowInWc,
                  MANIFOLD_TOLERANCE,
                  MANIFOLD_TOLERANCE,
                  `The plate, at low fire: ${proof.manifoldLowInWc} in. w.c.`,
                ),
          explain: (_, grade) => (grade === 'fail' || grade === 'warn' ? wrongGas : null),
        },
      ];

/**
 * Input by the gas meter, Btu/h.
 * @param dialFt3 gas per turn of the dial, ft³
 * @param seconds per turn; above zero
 * @param btuPerFt3 heat content per cubic foot @source 3600 × ft³ a turn ÷ seconds × Btu/ft³
 * @example clockedBtuh(1, 60, 1030); // 61,800
 */
export const clockedBtuh = (dialFt3: number, seconds: number, btuPerFt3: number): number =>
  ((3600 * dialFt3) / seconds) * btuPerFt3;

/** Only natural gas has a meter dial to clock. */
const clock = ({ furnace, proof }: Facts): Item[] => (furnace.fuel === 'natural-gas' ? [clockItem(proof)] : []);

const clockItem = (proof: Facts['proof']): Item => {
  const { inputBtuh, gasBtuPerFt3, meterDialFt3 } = proof;
  return {
    id: 'clock',
    label: 'One revolution of the meter dial, furnace only',
    unit: 's',
    expect: () => {
      if (gasBtuPerFt3 === null)
        return { kind: 'needs', what: 'the heat in a cubic foot of the gas', fact: 'proof.gasBtuPerFt3' };
      if (inputBtuh === null) return { kind: 'needs', what: 'the plate’s input', fact: 'proof.inputBtuh' };
      const seconds = (3600 * meterDialFt3 * gasBtuPerFt3) / inputBtuh;
      return expectWithin(
        seconds,
        INPUT_TOLERANCE,
        INPUT_TOLERANCE,
        `3600 × ${meterDialFt3} ft³ × ${gasBtuPerFt3.toLocaleString('en-US')} Btu ÷ ${inputBtuh.toLocaleString('en-US')} Btu/h = ${roundTo(seconds, 1)} s`,
      );
    },
    explain: (value, grade) => {
      if (typeof value !== 'number' || value <= 0 || gasBtuPerFt3 === null) return null;
      const means = `That is ${Math.round(clockedBtuh(meterDialFt3, value, gasBtuPerFt3)).toLocaleString('en-US')} Btu/h.`;
      if (grade === 'pass' || grade === 'noted') return { means };
      return {
        means: `${means} ${inputBtuh !== null && clockedBtuh(meterDialFt3, value, gasBtuPerFt3) > inputBtuh ? 'Overfired.' : 'Underfired.'}`,
        next: 'Every other gas appliance off? Then check manifold pressure and orifices.',
      };
    },
  };
};

/** Flame current at which boards lose flame, and below which the rod needs cleaning, µA. Our judgment. */
const LEAST_FLAME_UA = 0.5;
const GOOD_FLAME_UA = 1;

const flameItem: Item = {
  id: 'flame',
  of: { call: 'emergency', observable: { kind: 'flame-current' } },
  label: 'Flame current',
  unit: 'µA',
  isSafety: true,
  expect: () => ({
    kind: 'band',
    aim: null,
    pass: [GOOD_FLAME_UA, NO_LIMIT],
    warn: [LEAST_FLAME_UA, NO_LIMIT],
    tolerance: `${GOOD_FLAME_UA} µA or more`,
    sum: `Below ${LEAST_FLAME_UA} µA most boards lose the flame; the manufacturer’s own minimum decides above that`,
  }),
  explain: (_, grade) =>
    grade === 'pass'
      ? null
      : {
          means: 'Too little flame current: the board will lose the flame.',
          next: 'Clean rod and burner, check the ground; then gas pressure, by a licensed tech.',
        },
};

export const gas: StartupStep = {
  id: 'gas',
  title: 'Gas (licensed tech only)',
  why: 'Pressure, input and combustion decide whether it heats safely. Set everything per the manufacturer’s instructions.',
  license: 'fuel',
  applies: isOnGas,
  build: (context) => {
    const { facts } = context;
    const { proof, furnace } = facts;
    const inlet = { least: proof.inletLeastInWc, most: proof.inletMostInWc, fact: 'proof.inletLeastInWc' } as const;
    return {
      cautions: ['fuel', 'never-defeat', 'moving-blades'],
      how: [
        'Leak-check every joint that was opened. Vent, combustion air and the carbon-monoxide alarm first.',
        'Manometer at the valve taps; plugs back in tight afterward.',
        'Flue readings after ten minutes at high fire, doors on.',
      ],
      call: 'emergency',
      waits: [STEADY_FIRE],
      limits: [
        'proof.inputBtuh',
        ...(furnace.fuel === 'natural-gas' ? (['proof.gasBtuPerFt3', 'proof.meterDialFt3'] as const) : []),
        'proof.inletLeastInWc',
        'proof.inletMostInWc',
        'proof.manifoldInWc',
        ...(facts.airHandler.wInputs === 'W1' ? [] : (['proof.manifoldLowInWc'] as const)),
        'proof.mostCoPpm',
      ],
      items: [
        verifiedTick('leaks', 'No leak at any joint', 'gas-leak', {
          word: 'leaks',
          label: 'It leaks',
          means: 'A joint leaks.',
        }),
        ambientCo,
        ...(furnace.fuel === 'propane'
          ? [tick('conversion', 'Conversion for propane: spring, orifices, label on the unit')]
          : []),
        typed('inlet-rest', 'Inlet pressure, all gas appliances off', 'in. w.c.', {
          ...inlet,
          sum: 'Nameplate limits',
        }),
        typed('inlet-firing', 'Inlet pressure, all gas appliances on', 'in. w.c.', {
          ...inlet,
          sum: 'Nameplate limits',
        }),
        ...manifold(facts),
        ...lowManifold(facts),
        ...clock(facts),
        tick('sequence', 'Ignition in order: inducer, pressure switch, igniter, gas, flame'),
        recorded('ignition-s', 'From the call to the flame', 's', 'The manufacturer’s table has the times.'),
        flameItem,
        verifiedTick(
          'limit',
          'Limit tested per the manufacturer’s instructions, if they call for it; never bypassed',
          'limit',
          { word: 'not-open', label: 'It did not open', means: 'The limit does not open.' },
        ),
        verifiedTick('rollout', 'Rollout switches closed, no scorch marks at the burner box', 'rollout', {
          word: 'open',
          label: 'Open or scorched',
          means: 'A rollout switch has opened, or the burner box is scorched.',
        }),
        recorded('draft', 'Draft or vent pressure', 'in. w.c.'),
        ...flueGas(context, 'gas'),
        recorded('stack', 'Stack temperature', '°F'),
        ...stackItems(context, 'gas', 'gas/stack'),
        tick('condensate', 'Condensate: trap primed, drain runs, neutralizer filled where there is one'),
      ],
    };
  },
};
