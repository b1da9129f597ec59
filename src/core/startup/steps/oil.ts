import { backupOf } from '../../job/backup';
import { expectWithin } from '../expect';
import { recorded, typed } from '../recorded';
import type { Item, StartupStep } from '../step';
import { tick } from '../tick';

/** How far pump pressure may be off the chart. Our judgement: what a gauge shows. */
const PUMP_TOLERANCE = 0.03;

const pumpItem = (pumpPsi: number | null, nozzleGph: number | null): Item => ({
  id: 'pump',
  label: 'Pump pressure',
  unit: 'psi',
  expect: () =>
    pumpPsi === null
      ? { kind: 'needs', what: 'the chart’s pressure for this nozzle', fact: 'proof.pumpPsi' }
      : expectWithin(
          pumpPsi,
          PUMP_TOLERANCE,
          PUMP_TOLERANCE,
          `The chart${nozzleGph === null ? '' : `, nozzle of ${nozzleGph} gal/h`}: ${pumpPsi} psi`,
        ),
  explain: (_, grade) =>
    grade === 'warn' || grade === 'fail'
      ? { means: 'Nozzle and pressure together set the input.', next: 'Line, filter and vacuum; then the chart again.' }
      : null,
});

export const oil: StartupStep = {
  id: 'oil',
  title: 'Oil, by licensed people',
  why: 'Nozzle and pump pressure set the input; smoke, draft and flue say how it burns. Set as the maker’s chart says.',
  license: 'fuel',
  applies: (facts) => backupOf(facts) === 'fossil' && facts.furnace.fuel === 'fuel-oil',
  build: ({ facts: { proof } }) => ({
    cautions: ['fuel', 'never-defeat', 'capacitor'],
    how: [
      'Look into the chamber before any reset. One reset, never more: unburnt oil fires all at once.',
      'Two-pipe line: no valve closed in the return, or the pump’s seal blows.',
      'Bleed until it runs without bubbles. Flue readings after ten minutes.',
    ],
    call: 'emergency',
    waits: [
      {
        id: 'steady',
        label: 'Steady fire',
        seconds: 600,
        why: 'Smoke goes in the first minutes; the flue settles in ten.',
      },
    ],
    limits: [
      'proof.nozzleGph',
      'proof.pumpPsi',
      'proof.safetyMostS',
      'proof.flueLeastF',
      'proof.flueMostF',
      'proof.mostCoPpm',
    ],
    items: [
      tick('line', 'Oil line tight, filter new, valves open'),
      tick('nozzle', 'Nozzle as the chart says: gallons an hour, angle, pattern'),
      tick('bled', 'Line bled, no bubbles'),
      pumpItem(proof.pumpPsi, proof.nozzleGph),
      tick('cut-off', 'Pump cuts off sharp: no after-drip, no rumble'),
      typed('safety-s', 'Safety timing: locks out without a flame after', 's', {
        most: proof.safetyMostS,
        fact: 'proof.safetyMostS',
        sum: 'The control’s own time',
      }),
      tick('limit', 'Limit proved as the maker’s instructions say, where they ask for it; never bypassed'),
      tick('reset', 'One reset alone was needed; chamber looked into first'),
      tick('flame-clear', 'Flame clear of the chamber’s wall'),
      recorded('draft-fire', 'Draft over the fire', 'in. w.c.', 'The maker’s instructions have it; it is below zero.'),
      recorded('draft-breech', 'Draft at the breech', 'in. w.c.'),
      recorded('smoke', 'Smoke number', ''),
      recorded('co2', 'CO₂ in the flue', '%'),
      recorded('o2', 'O₂ in the flue', '%'),
      typed('co', 'CO in the flue', 'ppm', {
        most: proof.mostCoPpm,
        fact: 'proof.mostCoPpm',
        sum: 'The most that was typed',
      }),
      {
        ...typed('flue', 'Flue gas', '°F', {
          least: proof.flueLeastF,
          most: proof.flueMostF,
          fact: 'proof.flueLeastF',
          sum: 'As typed; about 350 to 450 °F is usual',
        }),
        explain: (value, grade) =>
          typeof value !== 'number' || (grade !== 'warn' && grade !== 'fail')
            ? null
            : value < (proof.flueLeastF ?? 0)
              ? {
                  means: 'Cold enough to condense and rust the flue.',
                  next: 'Input, airflow too high, chimney; set by the maker’s chart.',
                }
              : { means: 'Hot: heat goes up the flue.', next: 'Soot, airflow, input.' },
      },
      { ...recorded('net-stack', 'Net stack temperature', '°F'), isDifference: true },
      recorded('efficiency', 'Efficiency, as the analyzer reads it', '%'),
    ],
  }),
};
