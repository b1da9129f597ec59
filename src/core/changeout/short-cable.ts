import { climateById } from '../balance/year/climates';
import { jobPlant, jobTariff } from '../balance/year/from-job';
import { everyTemperature, type Temperatures } from '../balance/year/temperatures';
import { yearOf } from '../balance/year/year';
import { checkEquipment } from '../check/equipment';
import { backupOf } from '../job/backup';
import { factAt, type FactChange, type Facts } from '../job/document';
import type { NumberFact } from '../job/fact';
import { kitRows } from '../job/kit-rows';
import { withChanges, withRoom } from '../model/choices';
import { jobModel } from '../model/job-model';
import type { CableId, Harness } from '../wiring/harness';
import { plan, thermostatCables } from '../wiring/plan';
import { refusals } from '../wiring/refusals';
import { type NewCable, newCable } from './new-cable';

/** How a cable falls short: conductors needed and available. */
export interface ShortCable {
  readonly cable: CableId;
  readonly label: string;
  readonly needed: number;
  readonly there: number;
  readonly pull: NewCable;
}

/** A plan with fewer conductors, checked like any plan. */
export interface CableSaver {
  readonly id: string;
  readonly label: string;
  /** What it gives up, in words. */
  readonly loses: string;
  readonly changes: readonly FactChange[];
  /** Functions given up. */
  readonly steps: number;
  /** Extra cost per year, $; less than half a dollar counts as zero. */
  readonly yearMore: number;
}

/** One function to give up. */
interface Step extends Pick<CableSaver, 'id' | 'label' | 'loses' | 'changes'> {
  readonly applies: boolean;
}

const missingIn = ({ conductors }: Harness, cable?: CableId): number =>
  conductors.filter((each) => each.from !== null && each.colour === null && (!cable || each.cable === cable)).length;

/** Cables of a plan that are short of conductors. */
export const shortCables = (harness: Harness): readonly ShortCable[] =>
  thermostatCables(harness).flatMap(({ id, label, conductors: there, lengthFt }): ShortCable[] => {
    if (missingIn(harness, id) === 0) return [];
    const needed = harness.conductors.filter((each) => each.cable === id && each.from !== null).length;
    return [{ cable: id, label, needed, there, pull: newCable(needed, lengthFt) }];
  });

/** A second cable pulled along the sensor's route: what both lack, and a spare. */
const secondCable = (facts: Facts): { readonly conductors: number; readonly changes: readonly FactChange[] } => {
  const planned = plan(facts);
  const lacks = (cable: CableId) => missingIn(planned, cable);
  const most = Math.max(lacks('thermostat-cable'), lacks('outdoor-cable'));
  const { conductors } = newCable(most, 0);
  const more = (path: 'cables.thermostatConductors' | 'cables.outdoorConductors', there: number): FactChange => ({
    path,
    value: Math.min((factAt(path) as NumberFact).max, there + conductors),
  });
  return {
    conductors,
    changes: [
      more('cables.thermostatConductors', facts.cables.thermostatConductors),
      more('cables.outdoorConductors', facts.cables.outdoorConductors),
    ],
  };
};

/** What a job can give up, best first: options that cost no heat come first. */
const stepsOf = (facts: Facts): readonly Step[] => {
  const { thermostat, gates, outdoorUnit } = facts;
  const isStrips = backupOf(facts) === 'strips' && kitRows(facts).length > 0;
  const step = (one: Omit<Step, 'applies'>, applies: boolean): Step => ({ ...one, applies });
  return [
    step(
      {
        id: 'sensor-own-pair',
        label: 'Outdoor sensor on its own shielded pair',
        loses: 'Means pulling a second, two-conductor cable.',
        changes: [{ path: 'cables.sensorRun', value: 'own' }],
      },
      thermostat.outdoorSensor === 'wired' && facts.cables.sensorRun === 'shared',
    ),
    step(
      {
        id: 'multi-conductor',
        label: `A second ${secondCable(facts).conductors}-conductor cable where a pair would be pulled`,
        loses: 'A cable to pull, as the pair would be; it brings every conductor that is missing, and a spare.',
        changes: secondCable(facts).changes,
      },
      thermostat.outdoorSensor === 'wired' && facts.cables.sensorRun === 'shared',
    ),
    step(
      {
        id: 'sensor-wireless',
        label: 'Wireless outdoor sensor',
        loses: 'Needs an outdoor battery, which weakens in deep cold. When it dies the lockouts stop working.',
        changes: [{ path: 'thermostat.outdoorSensor', value: 'wireless' }],
      },
      thermostat.outdoorSensor === 'wired',
    ),
    step(
      {
        id: 'relay-pair',
        label: 'A relay pair: Y and G on one conductor',
        loses: 'Adds two parts that can fail and take both calls with them, and a small load on the transformer.',
        changes: [{ path: 'boxes.relayPair', value: true }],
      },
      !facts.boxes.relayPair,
    ),
    step(
      {
        id: 'y-brings-blower',
        label: 'One conductor for Y and G, joined at the air handler',
        loses:
          'G at the thermostat is unused: no fan by itself, and the blower runs with the compressor only. Heat starts its own blower.',
        changes: [{ path: 'boxes.yBringsBlower', value: true }],
      },
      !facts.boxes.yBringsBlower && !facts.boxes.relayPair,
    ),
    step(
      {
        id: 'batteries',
        label: 'Thermostat on batteries',
        loses:
          'No C at the thermostat: new batteries every year, no heat when they die. Not every thermostat can run this way.',
        changes: [{ path: 'thermostat.power', value: 'battery' }],
      },
      thermostat.power === 'C',
    ),
    step(
      {
        id: 'one-auxiliary',
        label: 'One AUX stage instead of two',
        loses: 'All banks come on together: more airflow needed, more amps at once, hotter supply air.',
        changes: [{ path: 'thermostat.heatTerminals', value: 'AUX+E' }],
      },
      thermostat.heatTerminals === 'AUX1+AUX2+E',
    ),
    step(
      {
        id: 'own-lockout',
        label: 'Thermostat lockout instead of outdoor thermostats',
        loses:
          'All banks lock out together, not one by one, and the lockout depends on the thermostat’s outdoor sensor.',
        changes: [
          { path: 'gates.outdoorThermostats', value: [] },
          {
            path: 'gates.auxAboveF',
            value: gates.auxAboveF ?? Math.max(...gates.outdoorThermostats.map(({ closesBelowF }) => closesBelowF)),
          },
        ],
      },
      isStrips && gates.outdoorThermostats.length > 0 && thermostat.outdoorSensor !== 'none',
    ),
    step(
      {
        id: 'cold-defrost',
        label: 'No strip heat during defrost',
        loses: 'A few minutes of cool air during each defrost.',
        changes: [{ path: 'outdoorUnit.stripsInDefrost', value: false }],
      },
      isStrips && outdoorUnit.stripsInDefrost && outdoorUnit.wTerminals !== 'none',
    ),
    step(
      {
        id: 'one-stage',
        label: 'Jumper Y1–Y2 at the outdoor unit: both stages on one conductor',
        loses: 'No low stage: more starts, more noise, cooler and drier comfort in mild weather.',
        changes: [{ path: 'thermostat.compressorOutputs', value: 1 }],
      },
      thermostat.compressorOutputs === 2 && outdoorUnit.stages === 'two',
    ),
  ];
};

/** Wiring errors other than missing conductors. */
const errorsOf = (facts: Facts): ReadonlySet<string> =>
  new Set(
    checkEquipment(jobModel(facts)).flatMap(({ rule, severity }) =>
      severity === 'error' && rule !== 'enough-conductors' ? [rule] : [],
    ),
  );

const yearCost = (facts: Facts, temperatures: Temperatures): number =>
  yearOf(jobPlant(facts), jobTariff(facts), temperatures).cost;

/** No plan gives up more than this. */
const MOST_STEPS = 4;

/** Two options that conflict: they change the same thing, or both remove the sensor from the cable. */
const clash = (one: Step, other: Step): boolean => {
  const paths = new Set(one.changes.map(({ path }) => path));
  const isSensor = ({ id }: Step) => id.startsWith('sensor');
  const isBlower = ({ id }: Step) => id === 'relay-pair' || id === 'y-brings-blower';
  return (
    other.changes.some(({ path }) => paths.has(path)) ||
    (isSensor(one) && isSensor(other)) ||
    (isBlower(one) && isBlower(other)) ||
    one.id === 'multi-conductor' ||
    other.id === 'multi-conductor'
  );
};

/** Sets of this many options, in order, without conflicts. */
const setsOf = (steps: readonly Step[], count: number): readonly (readonly Step[])[] =>
  count === 0
    ? [[]]
    : steps.flatMap((step, at) =>
        setsOf(
          steps.slice(at + 1).filter((other) => !clash(step, other)),
          count - 1,
        ).map((rest) => [step, ...rest]),
      );

const lowerFirst = (words: string) => `${words[0]!.toLowerCase()}${words.slice(1)}`;

const joined = (steps: readonly Step[]): Step => ({
  id: steps.map(({ id }) => id).join('+'),
  label: steps.map(({ label }, at) => (at === 0 ? label : lowerFirst(label))).join('; '),
  loses: steps.map(({ loses }) => loses).join(' '),
  changes: steps.flatMap(({ changes }) => changes),
  applies: true,
});

/** Alternatives that are not planned here, listed with the others. */
export const CABLE_SAVERS = [
  'A wireless thermostat with its own equipment module at the indoor unit: the module lands on the board, and the wall needs power only. Radio and batteries are then what can fail.',
  'Thermostat power from the indoor unit: its R and C by a listed power adapter, where the thermostat’s manufacturer has one.',
] as const;

/**
 * Sets of functions to give up so that the existing conductors are enough, fewest first, then cheapest. Each is planned
 * and passes the same rules: none leaves emergency heat behind a lockout.
 * @returns none where the cables suffice, or where nothing short of new cable is sound
 */
export const cableSavers = (facts: Facts): readonly CableSaver[] => {
  const missing = missingIn(plan(facts));
  if (missing === 0) return [];
  const known = errorsOf(withRoom(facts));
  const isSound = (under: Facts) => [...errorsOf(withRoom(under))].every((rule) => known.has(rule));
  const steps = stepsOf(facts).filter(({ applies, changes }) => {
    const under = withChanges(facts, changes);
    return applies && refusals(under).length === 0 && missingIn(plan(under)) < missing;
  });
  const found: { readonly set: readonly Step[]; readonly step: Step; readonly under: Facts }[] = [];
  for (let count = 1; count <= MOST_STEPS; count += 1)
    for (const set of setsOf(steps, count)) {
      // A set that is enough is not enlarged.
      if (found.some((before) => before.set.every((step) => set.includes(step)))) continue;
      const step = joined(set);
      const under = withChanges(facts, step.changes);
      if (refusals(under).length === 0 && missingIn(plan(under)) === 0 && isSound(under))
        found.push({ set, step, under });
    }
  const temperatures = everyTemperature(climateById(facts.year.weather).hoursF());
  const base = yearCost(facts, temperatures);
  return found
    .map(({ set, step: { id, label, loses, changes }, under }) => {
      const more = yearCost(under, temperatures) - base;
      return { id, label, loses, changes, steps: set.length, yearMore: Math.abs(more) < 0.5 ? 0 : Math.round(more) };
    })
    .sort((one, other) => one.steps - other.steps || one.yearMore - other.yearMore)
    .slice(0, MOST_WAYS);
};

/** A longer list is not read. */
const MOST_WAYS = 6;
