import { ratedTons } from '../../job/rated-tons';
import { apartF } from '../../units/degrees';
import { roundTo } from '../../units/round';
import { OUTDOOR_ITEM } from '../conditions';
import { coolingSplitF } from '../cooling-split';
import { expectBetween } from '../expect';
import { numberRead, type StartupContext } from '../given';
import { motorAmpsItem } from '../motor-amps';
import { recorded } from '../recorded';
import type { Expectation, Item, StartupStep } from '../step';
import { minOffWait, steadyRunWait } from '../waits';
import { coolingWait } from '../weather-waits';

/** Tolerance between the calculated split and the manufacturer's table with probes, °F. Our judgment. */
const SPLIT_TOLERANCE_F = 3;
/** Share of full capacity that may run on first-stage cooling. Our judgment; the unit's data decides. */
const RUNNING_SHARE = { single: [1, 1], two: [0.65, 1], inverter: [0.4, 1.1] } as const;

const RETURN_ITEM = 'cool-air/return';
const WET_BULB_ITEM = 'cool-air/wet-bulb';

const expectSupply = (context: StartupContext): Expectation => {
  const { waitsFor } = coolingWait(context);
  if (waitsFor) return { kind: 'needs', what: `${waitsFor.atF} °F or warmer outside: leave for cooling season` };
  const returnF = numberRead(context, RETURN_ITEM);
  const wetBulbF = numberRead(context, WET_BULB_ITEM);
  if (returnF === undefined) return { kind: 'needs', what: 'the return air' };
  if (wetBulbF === undefined) return { kind: 'needs', what: 'the wet bulb of the return air' };
  if (wetBulbF > returnF) return { kind: 'needs', what: 'a wet bulb no higher than the return air: read both again' };
  const { facts } = context;
  const { coolCfm } = facts.airHandler;
  const tons = ratedTons(facts);
  const outdoorF = numberRead(context, OUTDOOR_ITEM);
  const split = (share: number) =>
    coolingSplitF({
      tons,
      cfm: coolCfm,
      returnF,
      wetBulbF,
      elevationFt: facts.site.elevationFt,
      share,
      ...(outdoorF === undefined ? {} : { outdoorF }),
    });
  const [least, most] = RUNNING_SHARE[facts.outdoorUnit.stages];
  const perTon = Math.round(coolCfm / tons);
  return expectBetween(
    Math.round(returnF - split(most) - SPLIT_TOLERANCE_F),
    Math.round(returnF - split(least) + SPLIT_TOLERANCE_F),
    '°F',
    `Return ${returnF} °F, wet bulb ${wetBulbF} °F, ${perTon} CFM a ton on ${roundTo(tons, 1)} tons: it splits about ${apartF(Math.round(split(most)))}${least < most ? ' at full capacity, less at part' : ''}. Damper air and more air split less; the manufacturer’s table decides`,
  );
};

const supply = (context: StartupContext): Item => ({
  id: 'supply',
  label: 'Supply air, cooling',
  unit: '°F',
  expect: () => expectSupply(context),
  explain: (value, grade) => {
    const expected = expectSupply(context);
    if (grade === 'pass' || typeof value !== 'number' || expected.kind !== 'band') return null;
    return value < expected.pass[0]
      ? {
          means: 'Too cold for this airflow: low airflow.',
          next: 'Filter, coil, registers, static pressure, blower setting.',
        }
      : {
          means: 'Not cold enough: low cooling, or too much airflow.',
          next: 'Check airflow first; then the refrigerant side (EPA-certified tech only).',
        };
  },
});

export const coolAir: StartupStep = {
  id: 'cool-air',
  title: 'Cooling: air and amps',
  why: 'In cold weather this proves nothing. Leave it for cooling season; the record will say so.',
  applies: () => true,
  build: (context) => ({
    cautions: ['moving-blades', 'live-measuring', 'refrigerant'],
    how: ['After 15 minutes of steady cooling: wet bulb and dry bulb at the return, dry bulb after the coil.'],
    call: 'cool-1',
    ...coolingWait(context),
    waits: [minOffWait(context.facts), steadyRunWait(context.facts)],
    items: [
      motorAmpsItem(context, 'cool-1', 'compressor'),
      motorAmpsItem(context, 'cool-1', 'fan'),
      recorded('return', 'Return air, cooling', '°F'),
      recorded('wet-bulb', 'Wet bulb of the return air', '°F'),
      supply(context),
    ],
  }),
};
