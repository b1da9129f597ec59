import type { Facts } from '../job/document';
import type { ReadingValue } from '../job/reading';
import { roundTo } from '../units/round';
import { AMBIENT_CO_PPM, co2Of, coLimitPpm, coVerdict, efficiencySpan, fitTogether, MOST_CO_PPM } from './combustion';
import { expectBetween } from './expect';
import { numberRead, type StartupContext } from './given';
import { recorded } from './recorded';
import type { Grade, Item, Verdict } from './step';

const TOGETHER = 'Read both again at one place in one minute; check the analyzer’s zero and its fuel setting.';

const cannotBe = (means: string): Verdict => ({ grade: 'fail', means, next: TOGETHER });

/** Room CO with everything burning: read before anything is opened. */
export const ambientCo: Item = {
  id: 'ambient-co',
  label: 'CO in the room, at breathing height',
  unit: 'ppm',
  stops: 'ambient-co',
  expect: () => ({
    kind: 'band',
    aim: null,
    pass: [0, AMBIENT_CO_PPM[0]],
    warn: [0, AMBIENT_CO_PPM[1]],
    tolerance: `up to ${AMBIENT_CO_PPM[0]} ppm`,
    sum: `${AMBIENT_CO_PPM[0]} ppm: US EPA, 8 hours. Above ${AMBIENT_CO_PPM[1]} ppm (NIOSH) everyone leaves`,
  }),
  explain: (_value: ReadingValue, grade: Grade) =>
    grade === 'warn'
      ? {
          means: 'Something in the house makes carbon monoxide.',
          next: 'Ventilate, and find it: read at each appliance and at the supply registers.',
        }
      : null,
};

/** O₂, CO₂ and CO of one sample: none passes if the others contradict it. */
export const flueGas = (context: StartupContext, step: 'gas' | 'oil'): Item[] => {
  const { furnace, proof } = context.facts;
  const o2 = numberRead(context, `${step}/o2`);
  const co2 = numberRead(context, `${step}/co2`);
  const apart =
    o2 !== undefined && co2 !== undefined && !fitTogether(furnace.fuel, co2, o2)
      ? cannotBe(
          `${co2} % CO₂ and ${o2} % O₂ cannot be one sample: with ${o2} % O₂ this fuel gives about ${roundTo(co2Of(furnace.fuel, o2), 1)} % CO₂.`,
        )
      : null;
  const limit = coLimitPpm(proof.mostCoPpm);
  return [
    {
      ...recorded('o2', 'O₂ in the flue', '%', 'Read it first: CO is judged by it.'),
      verdict: (value) =>
        value > 20.9
          ? cannotBe('Air is 20.9 % O₂: the cell has drifted.')
          : (apart ?? { grade: 'noted', means: 'Recorded.' }),
    },
    {
      ...recorded('co2', 'CO₂ in the flue', '%', 'It goes with the O₂ of the same sample.'),
      verdict: () => apart ?? { grade: 'noted', means: 'Recorded.' },
    },
    {
      id: 'co',
      label: 'CO in the flue, as measured',
      unit: 'ppm',
      stops: 'co',
      expect: () => ({
        kind: 'band',
        aim: null,
        pass: [0, limit],
        warn: [0, MOST_CO_PPM],
        tolerance: `up to ${limit} ppm air-free`,
        sum: `CO × 20.9 ÷ (20.9 − O₂). ${proof.mostCoPpm === null ? 'A burner in order' : 'The limit typed'}: ${limit} ppm. Ceiling ${MOST_CO_PPM} ppm air-free (ANSI Z21.47)`,
      }),
      verdict: (value) => coVerdict(value, o2, proof.mostCoPpm),
    },
  ];
};

/**
 * Net stack temperature and efficiency: consistent with the flue gas and its O₂.
 * @param grossKey the reading of the flue gas temperature
 */
export const stackItems = (context: StartupContext, step: 'gas' | 'oil', grossKey: string): Item[] => {
  const { fuel } = context.facts.furnace;
  const gross = numberRead(context, grossKey);
  const net = numberRead(context, `${step}/net-stack`);
  const o2 = numberRead(context, `${step}/o2`);
  const isOver = gross !== undefined && net !== undefined && net > gross;
  return [
    {
      ...recorded('net-stack', 'Net stack temperature', '°F', 'Flue gas less combustion air.'),
      isDifference: true,
      verdict: () =>
        isOver
          ? cannotBe(`Net ${net} °F above the flue gas of ${gross} °F: net is flue gas less combustion air.`)
          : { grade: 'noted', means: 'Recorded.' },
    },
    {
      ...recorded('efficiency', 'Efficiency, as the analyzer reads it', '%'),
      verdict: (value) => {
        if (net === undefined || o2 === undefined || o2 >= 20.9)
          return { grade: 'noted', means: 'Recorded. It is checked once net stack temperature and O₂ are read.' };
        const [least, most] = efficiencySpan(fuel, net, o2);
        return value < least || value > most
          ? cannotBe(
              `${value} % cannot be: a net stack of ${net} °F at ${o2} % O₂ gives ${roundTo(least, 0)} to ${roundTo(most, 0)} %.`,
            )
          : { grade: 'pass', means: `It fits a net stack of ${net} °F at ${o2} % O₂.` };
      },
    },
  ];
};

/** Usual overfire draft, in. w.c. Our judgment: burner manuals give −0.01 to −0.02. */
const USUAL_DRAFT = [-0.06, -0.01] as const;

/** Overfire draft: below zero unless the appliance is listed for a positive chamber; then the manufacturer's range. */
export const draftOverFire = ({ proof }: Facts): Item => {
  const { chamberPressure, draftLeastInWc, draftMostInWc } = proof;
  return {
    id: 'draft-fire',
    label: 'Draft over the fire',
    unit: 'in. w.c.',
    stops: 'draft',
    expect: () => {
      if (chamberPressure === 'positive')
        return draftLeastInWc === null || draftMostInWc === null
          ? { kind: 'needs', what: 'the manufacturer’s range for its positive chamber', fact: 'proof.draftLeastInWc' }
          : expectBetween(draftLeastInWc, draftMostInWc, 'in. w.c.', 'The manufacturer’s own range, as typed');
      return {
        kind: 'band',
        aim: null,
        pass: USUAL_DRAFT,
        warn: [-0.15, -0.000_1],
        tolerance: `${USUAL_DRAFT[1]} to ${USUAL_DRAFT[0]} in. w.c.`,
        sum: 'Below zero: the fire draws. The manufacturer’s own figure decides within that',
      };
    },
    explain: (value, grade) =>
      typeof value !== 'number' || grade === 'pass' || grade === 'noted'
        ? null
        : chamberPressure === 'negative' && value >= 0
          ? { means: `${value} in. w.c. over the fire: it pushes, and does not draw.` }
          : {
              means: 'Draft is off.',
              next: 'Barometric damper, flue and combustion air; then the manufacturer’s figure.',
            },
  };
};

/** Smoke number of an oil flame: at most a trace. Source: ASTM D2156 scale; our judgment of what passes. */
export const smokeItem: Item = {
  id: 'smoke',
  label: 'Smoke number',
  unit: '',
  stops: 'smoke',
  expect: () => ({
    kind: 'band',
    aim: 0,
    pass: [0, 0.5],
    warn: [0, 1],
    tolerance: 'a trace at most',
    sum: 'Scale of ASTM D2156, 0 to 9: zero, or a trace',
  }),
  explain: (value, grade) =>
    grade === 'pass' || typeof value !== 'number'
      ? null
      : {
          means: `Smoke number ${value}: more than a trace.`,
          next: 'Air band, nozzle, draft and pump pressure by a licensed tech; then read it again.',
        },
};
