import { expectBetween } from '../expect';
import { numberRead, type StartupContext } from '../given';
import { motorAmpsItem } from '../motor-amps';
import { recorded } from '../recorded';
import type { Expectation, Item, StartupStep } from '../step';
import { minOffWait, steadyRunWait } from '../waits';
import { coolingWait } from '../weather-waits';

/**
 * How much colder the supply should be, °F, by indoor wet bulb: damp air gives more of the coil's work as water.
 * Our judgement, from coils at about 400 CFM a ton and a room near 75 °F; the maker's table wins.
 */
const splitBand = (wetBulbF: number): readonly [number, number] => {
  const middle = 21 - 0.9 * (wetBulbF - 60);
  return [middle - 3, middle + 3];
};

const RETURN_ITEM = 'cool-air/return';
const WET_BULB_ITEM = 'cool-air/wet-bulb';

const expectSupply = (context: StartupContext): Expectation => {
  const { waitsFor } = coolingWait(context);
  if (waitsFor) return { kind: 'needs', what: `${waitsFor.atF} °F or more outdoors: due in the cooling season` };
  const returnF = numberRead(context, RETURN_ITEM);
  const wetBulbF = numberRead(context, WET_BULB_ITEM);
  if (returnF === undefined) return { kind: 'needs', what: 'the return air' };
  if (wetBulbF === undefined) return { kind: 'needs', what: 'the wet bulb of the return air' };
  const [low, high] = splitBand(wetBulbF);
  return expectBetween(
    Math.round(returnF - high),
    Math.round(returnF - low),
    '°F',
    `Return ${returnF} °F, wet bulb ${wetBulbF} °F: damper air cools less. Usual for about 400 CFM a ton; the maker’s table wins`,
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
          means: 'Colder than the air flow allows for: little air.',
          next: 'Filter, coil, registers, static pressure, blower setting.',
        }
      : {
          means: 'Not cold enough: little cooling, or much air.',
          next: 'Airflow first; then the refrigerant side, by licensed people.',
        };
  },
});

export const coolAir: StartupStep = {
  id: 'cool-air',
  title: 'Cooling: air and amps',
  why: 'In the cold it proves nothing: it waits for the season, and the record says so.',
  applies: () => true,
  build: (context) => ({
    cautions: ['moving-blades', 'live-measuring', 'refrigerant'],
    how: ['A quarter hour of steady cooling. Wet bulb and temperature at the return, supply past the coil.'],
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
