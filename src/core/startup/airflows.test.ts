import { DEFAULT_MOMENT } from '../control/moment';
import { type FactPath, type Facts, withFact } from '../job/document';
import { said } from '../job/test-readings';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { AIRFLOW_METHODS } from './airflow-seen';
import { tableCfm } from './airflows';
import { startupOf } from './startup-of';
import { staticCall } from './static-item';

const TABLE = [
  { staticInWc: 0.7, cfm: 1080 },
  { staticInWc: 0.3, cfm: 1260 },
  { staticInWc: 0.5, cfm: 1180 },
];
const facts = (of: Facts, ...changes: readonly (readonly [FactPath, unknown])[]): Facts =>
  changes.reduce((before, [path, value]) => withFact(before, path, value), of);
const airflows = (of: Facts, step: string, ...readings: ReturnType<typeof said>[]) =>
  startupOf(jobModel(of), readings, DEFAULT_MOMENT)
    .find((each) => each.step.id === step)!
    .built.airflows!.map(({ way, cfm }) => [way, Math.round(cfm)] as const);

test('a blower table is linear between its rows, and gives nothing beyond them', () => {
  expect([0.3, 0.4, 0.6, 0.7].map((inWc) => tableCfm(TABLE, inWc))).toEqual([1260, 1220, 1130, 1080]);
  expect([0.2, 0.71].map((inWc) => tableCfm(TABLE, inWc))).toEqual([null, null]);
  expect(tableCfm([], 0.5)).toBeNull();
});

test('strips: table, rise by amps and rise by plate are listed next to the setting, checked by hand', () => {
  const strips = facts(
    SAMPLES[0]!.facts,
    ['site.elevationFt', 0],
    ['airHandler.auxCfm', 1050],
    ['airHandler.heatCfm', 1050],
    ['airHandler.coolCfm', 1050],
    ['airHandler.fanCfm', 600],
    [
      'heatKit.elements',
      [
        { kW: 4.8, bank: 1, circuit: 1 },
        { kW: 4.8, bank: 1, circuit: 1 },
      ],
    ],
    ['heatKit.ratedVolts', 240],
    ['proof.blowerTable', TABLE],
  );
  const call = staticCall(strips) === 'heat-1' ? 'heat' : staticCall(strips);
  const amps = startupOf(jobModel(strips), [], DEFAULT_MOMENT)
    .flatMap(({ items }) => items)
    .find(({ key }) => key.startsWith('emergency/amps-'))!;
  const readings = [
    said(`${call}/static`, 0.5),
    said('strips/volts', 240),
    { ...said(amps.key, 38), place: amps.item.places?.find(({ id }) => id === 'heaters-only')?.id ?? null },
    said('emergency/return', 70),
    said('emergency/supply', 99),
  ];
  const blower = amps.item.places ? 0 : strips.airHandler.blowerAmps;
  // 9.6 kW × 3412.14 ÷ (1.08 × 29 °F) = 1,046 CFM; 240 V × 38 A × 3.41214 ÷ (1.08 × 29) = 994.
  expect(airflows(strips, 'emergency', ...readings)).toEqual([
    ['setting', 1050],
    ['table', 1180],
    ['rise', Math.round((240 * (38 - blower) * 3.41214) / (1.08 * 29))],
    ['kW', 1046],
  ]);
  expect(airflows(strips, 'emergency')).toEqual([]);
});

test('a furnace: by its output and the rise', () => {
  const furnace = facts(
    SAMPLES.find(({ id }) => id === 'tamarack-spur')!.facts,
    ['site.elevationFt', 0],
    ['furnace.outputBtuh', 60_000],
    ['airHandler.auxCfm', 1200],
  );
  const [, input] = airflows(furnace, 'furnace', said('emergency/return', 70), said('emergency/supply', 120));
  // 60,000 ÷ (1.08 × 50 °F) = 1,111 CFM.
  expect(input).toEqual(['input', 1111]);
  expect(AIRFLOW_METHODS.input).toMatch(/furnace/);
});
