import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { oilInputBtuh } from '../combustion';
import { expectWithin } from '../expect';
import { ambientCo, draftOverFire, flueGas, smokeItem, stackItems } from '../flue-items';
import { recorded, typed } from '../recorded';
import type { Item, StartupStep } from '../step';
import { tick, verifiedTick } from '../tick';

/** Tolerance of pump pressure against the chart. Our judgment: gauge accuracy. */
const PUMP_TOLERANCE = 0.03;

/** Tolerance of the input by nozzle and pressure against the nameplate. Our judgment: nozzles come in steps. */
const INPUT_TOLERANCE = 0.1;

/** Nameplate input, Btu/h; if not typed, output divided by efficiency. */
const plateInputBtuh = ({ proof, furnace }: Facts): number =>
  proof.inputBtuh ?? Math.round(furnace.outputBtuh / furnace.efficiency);

const amount = (btuh: number) => Math.round(btuh / 100) * 100;
const words = (btuh: number) => `${amount(btuh).toLocaleString('en-US')} Btu/h`;

/** Pump pressure by the chart, and the input from nozzle and pressure against the nameplate. */
const pumpItem = (facts: Facts): Item => {
  const { pumpPsi, nozzleGph } = facts.proof;
  const plate = plateInputBtuh(facts);
  const inputAt = (psi: number) => (nozzleGph === null ? null : oilInputBtuh(nozzleGph, psi));
  return {
    id: 'pump',
    label: 'Pump pressure',
    unit: 'psi',
    stops: 'overfired',
    expect: () =>
      pumpPsi === null
        ? { kind: 'needs', what: 'the chart’s pressure for this nozzle', fact: 'proof.pumpPsi' }
        : expectWithin(
            pumpPsi,
            PUMP_TOLERANCE,
            PUMP_TOLERANCE,
            `The chart${nozzleGph === null ? '' : `, nozzle of ${nozzleGph} gal/h: ${words(inputAt(pumpPsi)!)}`}: ${pumpPsi} psi`,
          ),
    verdict: (psi) => {
      const input = inputAt(psi);
      const offChart =
        pumpPsi !== null && Math.abs(psi - pumpPsi) > PUMP_TOLERANCE * pumpPsi
          ? `The chart has ${pumpPsi} psi: line, filter and vacuum; then the chart again.`
          : null;
      if (input === null)
        return offChart === null
          ? { grade: 'noted', means: 'Recorded. Judged once the nozzle is known: nozzle and pressure set the input.' }
          : { grade: 'warn', means: 'Nozzle and pressure together set the input.', next: offChart };
      const means = `${nozzleGph} gal/h × √(${psi} ÷ 100) = ${words(input)}; nameplate ${words(plate)}.`;
      if (input > plate * (1 + 2 * INPUT_TOLERANCE)) return { grade: 'fail', means: `${means} Over-fired.` };
      if (Math.abs(input - plate) > INPUT_TOLERANCE * plate)
        return { grade: 'warn', means, next: 'Nozzle, pressure and nameplate against each other, by a licensed tech.' };
      if (pumpPsi === null) return { grade: 'noted', means: `${means} The chart’s pressure is not typed yet.` };
      return offChart === null ? { grade: 'pass', means } : { grade: 'warn', means, next: offChart };
    },
  };
};

export const oil: StartupStep = {
  id: 'oil',
  title: 'Oil (licensed tech only)',
  why: 'Nozzle and pump pressure set the input; smoke, draft and flue say how it burns. Set per the manufacturer’s chart.',
  license: 'fuel',
  applies: (facts) => backupOf(facts) === 'fossil' && facts.furnace.fuel === 'fuel-oil',
  build: (context) => {
    const { facts } = context;
    const { proof } = facts;
    return {
      cautions: ['fuel', 'never-defeat', 'capacitor'],
      how: [
        'Look in the chamber before any reset. One reset only: unburned oil can light off all at once.',
        'Two-pipe system: never close a valve in the return line, or the pump seal blows.',
        'Bleed until it runs without bubbles. Flue readings after ten minutes.',
      ],
      call: 'emergency',
      waits: [
        {
          id: 'steady',
          label: 'Steady fire',
          seconds: 600,
          why: 'Smoke clears in the first minutes; flue readings settle in ten.',
        },
      ],
      limits: [
        'proof.inputBtuh',
        'proof.nozzleGph',
        'proof.pumpPsi',
        'proof.safetyMostS',
        'proof.flueLeastF',
        'proof.flueMostF',
        'proof.mostCoPpm',
        'proof.chamberPressure',
        'proof.draftLeastInWc',
        'proof.draftMostInWc',
      ],
      items: [
        ambientCo,
        tick('line', 'Oil line tight, filter new, valves open'),
        tick('nozzle', 'Nozzle per the chart: gallons per hour, angle, pattern'),
        tick('bled', 'Line bled, no bubbles'),
        pumpItem(facts),
        tick('cut-off', 'Pump cuts off cleanly: no after-drip, no rumble'),
        {
          ...typed('safety-s', 'Safety timing: locks out without a flame after', 's', {
            most: proof.safetyMostS,
            fact: 'proof.safetyMostS',
            sum: 'The control’s own timing',
          }),
          isSafety: true,
        },
        verifiedTick(
          'limit',
          'Limit tested per the manufacturer’s instructions, if they call for it; never bypassed',
          'limit',
          { word: 'not-open', label: 'It did not open', means: 'The limit does not open.' },
        ),
        tick('reset', 'One reset only; chamber checked first'),
        tick('flame-clear', 'Flame clear of the chamber’s wall'),
        draftOverFire(facts),
        recorded('draft-breech', 'Draft at the breech', 'in. w.c.'),
        smokeItem,
        ...flueGas(context, 'oil'),
        {
          ...typed('flue', 'Flue gas', '°F', {
            least: proof.flueLeastF,
            most: proof.flueMostF,
            fact: 'proof.flueLeastF',
            sum: 'As entered; 350 to 450 °F is typical',
          }),
          isSafety: true,
          explain: (value, grade) =>
            typeof value !== 'number' || (grade !== 'warn' && grade !== 'fail')
              ? null
              : value < (proof.flueLeastF ?? 0)
                ? {
                    means: 'Cold enough to condense and rust the flue.',
                    next: 'Input, airflow too high, chimney; set by the manufacturer’s chart.',
                  }
                : { means: 'High: heat is going up the flue.', next: 'Soot, airflow, input.' },
        },
        ...stackItems(context, 'oil', 'oil/flue'),
      ],
    };
  },
};
