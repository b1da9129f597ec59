import { feetWithMakeup, type NewCable, newCable } from '../changeout/new-cable';
import { shortCables } from '../changeout/short-cable';
import { DEVICE_LABELS, type DeviceId } from '../devices/device';
import { backupOf } from '../job/backup';
import type { FactPath, Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import type { Reading } from '../job/reading';
import { observedNow } from '../model/observation-key';
import { conductorKind, gaugeFor } from '../strips/conductors';
import { jobElements } from '../strips/from-job';
import { ladder } from '../strips/ladder';
import { ohmsItem } from '../strips/measured';
import { capital } from '../units/capital';
import { harnessAsFound } from '../wiring/as-found';
import type { Cable, Harness } from '../wiring/harness';
import { plan, thermostatCables } from '../wiring/plan';

/** A part to bring. The same part for several jobs has one key. */
export interface TruckLine {
  readonly key: string;
  readonly label: string;
  readonly amount: number;
  readonly unit: 'ft' | '';
  /** Its purpose, if the label does not say it. */
  readonly why: string;
}

/** Inputs of a list. */
export interface TruckJob {
  readonly facts: Facts;
  readonly confirmed: ReadonlySet<FactPath>;
  readonly readings: readonly Reading[];
}

const cableLine = (gauge: number, { conductors, feet }: NewCable, why: string): TruckLine => ({
  key: `cable/${gauge}/${conductors}`,
  label: `Control cable, ${gauge} AWG, ${conductors} conductors`,
  amount: feet,
  unit: 'ft',
  why,
});

/** Facts that confirm that a cable was checked: then it is on site. */
const COUNTED: Partial<Record<Cable['id'], FactPath>> = {
  'thermostat-cable': 'cables.thermostatConductors',
  'outdoor-cable': 'cables.outdoorConductors',
};

const cableLines = ({ facts, confirmed }: TruckJob, planned: Harness): readonly TruckLine[] => {
  const short = new Map(shortCables(planned).map((each) => [each.cable, each]));
  const isInWall = facts.wiring.asFound !== null;
  return [
    ...thermostatCables(planned).flatMap(({ id, label, gauge, lengthFt }): TruckLine[] => {
      const lacks = short.get(id);
      if (lacks) return [cableLine(gauge, lacks.pull, `${label}: the existing cable is too small.`)];
      const counted = COUNTED[id];
      const isThere =
        isInWall ||
        (counted !== undefined && confirmed.has(counted)) ||
        (id === 'thermostat-cable' && facts.changeout.subbase !== null);
      if (isThere) return [];
      const needed = planned.conductors.filter(({ cable, from }) => cable === id && from !== null).length;
      return [cableLine(gauge, newCable(needed, lengthFt), `${label}, with a spare.`)];
    }),
    ...(facts.thermostat.outdoorSensor === 'wired' && facts.cables.sensorRun === 'own' && !isInWall
      ? [
          {
            key: 'cable/shielded-pair',
            label: 'Shielded pair, 18 AWG',
            amount: feetWithMakeup(facts.cables.thermostatLengthFt + facts.cables.outdoorLengthFt),
            unit: 'ft' as const,
            why: 'For the outdoor sensor.',
          },
        ]
      : []),
  ];
};

const jumperLines = (planned: Harness, found: Harness): readonly TruckLine[] => {
  const there = new Set(found === planned ? [] : found.jumpers.map(({ id }) => id));
  const missing = planned.jumpers.filter(({ id }) => !there.has(id));
  return missing.length === 0
    ? []
    : [{ key: 'jumper', label: 'Jumpers, 18 AWG', amount: missing.length, unit: '', why: '' }];
};

/** Devices added to a system that a truck may not carry. */
const ADDED: readonly DeviceId[] = [
  'float-switch',
  'interlock',
  'isolation-relay',
  'fan-center',
  'low-gas-switch',
  'wet-switch',
  'load-control',
  'relay-pair-wall',
  'relay-pair-board',
  'emergency-relay',
  'strip-interlock',
  'zone-board',
  'dehumidistat',
];

const deviceLines = ({ facts }: TruckJob, { devices }: Harness): readonly TruckLine[] => {
  const one = (key: string, label: string, amount = 1, why = ''): TruckLine => ({ key, label, amount, unit: '', why });
  const isInWall = facts.wiring.asFound !== null;
  const switches = facts.gates.outdoorThermostats.length;
  return [
    ...devices.flatMap(({ id }) => (ADDED.includes(id) && !isInWall ? [one(`device/${id}`, DEVICE_LABELS[id])] : [])),
    ...(switches > 0 && !isInWall
      ? [one('device/outdoor-thermostats', 'Outdoor thermostat, closes as it gets cold', switches)]
      : []),
    ...(facts.thermostat.outdoorSensor === 'wired' && !isInWall ? [one('device/sensor', 'Outdoor sensor, wired')] : []),
    ...(facts.thermostat.outdoorSensor === 'wireless'
      ? [one('device/sensor-wireless', 'Outdoor sensor, wireless, with batteries')]
      : []),
    ...(facts.thermostat.power === 'battery' ? [one('batteries', 'Thermostat batteries, one set')] : []),
    ...(backupOf({ system: facts.system }) === 'fossil' && facts.furnace.fuel === 'propane'
      ? [
          one(
            'conversion',
            'Propane conversion kit: spring, orifices, label',
            1,
            'If the burner shipped for natural gas.',
          ),
        ]
      : []),
  ];
};

/** Breakers and conductors that the kit needs and that were not found. */
const kitLines = ({ facts }: TruckJob): readonly TruckLine[] =>
  ladder(facts).circuits.flatMap(({ at, circuit, foundBreakerAmps, foundAwg }) => {
    const kind = conductorKind(facts);
    const needsAwg = gaugeFor(kind, circuit.minCircuitAmps);
    const why = `Heat-kit circuit ${at + 1}: ${circuit.minCircuitAmps.toFixed(1)} A at least.`;
    return [
      ...(circuit.breakerAmps !== null && foundBreakerAmps !== circuit.breakerAmps
        ? [
            {
              key: `breaker/${circuit.breakerAmps}`,
              label: `Breaker, two-pole, ${circuit.breakerAmps} A`,
              amount: 1,
              unit: '' as const,
              why,
            },
          ]
        : []),
      ...(needsAwg !== null && (foundAwg === null || foundAwg > needsAwg)
        ? [
            {
              key: `${kind.metal}/${needsAwg}`,
              label: `${capital(kind.metal)}, ${needsAwg} AWG: two conductors and ground`,
              amount: 1,
              unit: '' as const,
              why: `${why} Measure the run for length.`,
            },
          ]
        : []),
    ];
  });

/** Parts of a rung that reads open: taking it apart shows which one. */
const rungLines = ({ facts, readings }: TruckJob): readonly TruckLine[] => {
  const now = observedNow(facts, readings);
  const elements = jobElements(facts);
  return elements.flatMap(({ kW, ratedVolts }, at): TruckLine[] => {
    if (now.get(ohmsItem(at))?.value !== 'OL') return [];
    const part = (key: string, label: string): TruckLine => ({
      key,
      label,
      amount: 1,
      unit: '',
      why: `Element ${at + 1} reads open.`,
    });
    return [
      part(`element/${kW}/${ratedVolts}`, `Element, ${kW} kW at ${ratedVolts} V`),
      ...(facts.heatKit.hasLinks ? [part('link', 'Fusible link, at the rating stamped on the old one')] : []),
      part('limit', 'Limit, at the rating stamped on the old one'),
    ];
  });
};

/** Lines with one key combined; purposes listed once. */
const added = (lines: readonly TruckLine[]): readonly TruckLine[] => {
  const byKey = new Map<string, TruckLine>();
  for (const line of lines) {
    const before = byKey.get(line.key);
    byKey.set(
      line.key,
      before
        ? {
            ...before,
            amount: before.amount + line.amount,
            why: before.why.includes(line.why) ? before.why : `${before.why} ${line.why}`,
          }
        : line,
    );
  }
  return [...byKey.values()];
};

/** What a job needs and is not known to be on site: plan less what was found, counted or ticked. */
export const truckList = (job: TruckJob): readonly TruckLine[] => {
  const { facts } = job;
  const planned = plan(facts);
  const onSite = new Set(facts.changeout.onSite.map(({ key }) => key));
  const hasKit = backupOf(facts) === 'strips' && kitRows(facts).length > 0;
  return added([
    ...cableLines(job, planned),
    ...jumperLines(planned, harnessAsFound(facts, planned)),
    ...deviceLines(job, planned),
    ...(hasKit ? [...kitLines(job), ...rungLines(job)] : []),
  ]).filter(({ key }) => !onSite.has(key));
};

/** The lists of a day’s jobs combined. */
export const dayList = (jobs: readonly TruckJob[]): readonly TruckLine[] => added(jobs.flatMap(truckList));
