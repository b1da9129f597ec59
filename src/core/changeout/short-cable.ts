import { checkEquipment } from '../check/equipment';
import { climateById } from '../crossing/year/climates';
import { jobPlant, jobTariff } from '../crossing/year/from-job';
import { everyTemperature, type Temperatures } from '../crossing/year/temperatures';
import { yearOf } from '../crossing/year/year';
import { backupOf } from '../job/backup';
import type { FactChange, Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import { jobModel } from '../model/job-model';
import { withChanges, withRoom } from '../wiring/choices';
import type { CableId, Harness } from '../wiring/harness';
import { plan, wallCables } from '../wiring/plan';
import { refusals } from '../wiring/refusals';
import { type NewCable, newCable } from './new-cable';

/** How a cable falls short: conductors wanted and there. */
export interface ShortCable {
  readonly cable: CableId;
  readonly label: string;
  readonly needed: number;
  readonly there: number;
  readonly pull: NewCable;
}

/** A way of doing with fewer conductors, planned and checked as a plan is. */
export interface ShortCableWay {
  readonly id: string;
  readonly label: string;
  /** What it loses, in words. */
  readonly loses: string;
  readonly changes: readonly FactChange[];
  /** Conductors that are still missing, over both cables. */
  readonly missing: number;
  /** What a year costs more than as planned, $; below half a dollar it is nothing. */
  readonly yearMore: number;
}

/** One thing that can be given up. */
interface Step extends Pick<ShortCableWay, 'id' | 'label' | 'loses' | 'changes'> {
  readonly applies: boolean;
}

const missingIn = ({ conductors }: Harness, cable?: CableId): number =>
  conductors.filter((each) => each.from !== null && each.colour === null && (!cable || each.cable === cable)).length;

/** The cables of a plan that have too few conductors. */
export const shortCables = (harness: Harness): readonly ShortCable[] =>
  wallCables(harness).flatMap(({ id, label, conductors: there, lengthFt }): ShortCable[] => {
    if (missingIn(harness, id) === 0) return [];
    const needed = harness.conductors.filter((each) => each.cable === id && each.from !== null).length;
    return [{ cable: id, label, needed, there, pull: newCable(needed, lengthFt) }];
  });

/** What can be given up on a job, in order of merit: what costs nothing in heat first. */
const stepsOf = (facts: Facts): readonly Step[] => {
  const { thermostat, gates, outdoorUnit } = facts;
  const isStrips = backupOf(facts) === 'strips' && kitRows(facts).length > 0;
  const step = (one: Omit<Step, 'applies'>, applies: boolean): Step => ({ ...one, applies });
  return [
    step(
      {
        id: 'sensor-own-pair',
        label: 'Sensor on a shielded pair of its own',
        loses: 'A second cable to pull, two conductors of any kind.',
        changes: [{ path: 'cables.sensorRun', value: 'own' }],
      },
      thermostat.outdoorSensor === 'wired' && facts.cables.sensorRun === 'shared',
    ),
    step(
      {
        id: 'sensor-wireless',
        label: 'Wireless outdoor sensor',
        loses: 'A battery outdoors, weak in deep cold; without it the lockouts let go.',
        changes: [{ path: 'thermostat.outdoorSensor', value: 'wireless' }],
      },
      thermostat.outdoorSensor === 'wired',
    ),
    step(
      {
        id: 'relay-pair',
        label: 'A relay pair: Y and G on one conductor',
        loses: 'Two halves more that can fail, and both calls with them; a little of the transformer.',
        changes: [{ path: 'boxes.relayPair', value: true }],
      },
      !facts.boxes.relayPair,
    ),
    step(
      {
        id: 'batteries',
        label: 'Thermostat on batteries',
        loses: 'No C at the wall: batteries every year, and no heat when they are flat. Not every thermostat can.',
        changes: [{ path: 'thermostat.power', value: 'battery' }],
      },
      thermostat.power === 'C',
    ),
    step(
      {
        id: 'one-auxiliary',
        label: 'One auxiliary in place of two',
        loses: 'All banks come on one call: more air, more amps at once, a hotter register.',
        changes: [{ path: 'thermostat.heatTerminals', value: 'AUX+E' }],
      },
      thermostat.heatTerminals === 'AUX1+AUX2+E',
    ),
    step(
      {
        id: 'own-lockout',
        label: 'The thermostat’s own lockout in place of the outdoor thermostats',
        loses: 'The banks are held together and not one by one; the lockout hangs on the thermostat’s sensor.',
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
        label: 'No strips in defrost',
        loses: 'A few minutes of cold air in each defrost.',
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

/** Errors of the wiring but for the conductors that are missing. */
const errorsOf = (facts: Facts): ReadonlySet<string> =>
  new Set(
    checkEquipment(jobModel(facts)).flatMap(({ rule, severity }) =>
      severity === 'error' && rule !== 'enough-conductors' ? [rule] : [],
    ),
  );

const yearCost = (facts: Facts, temperatures: Temperatures): number =>
  yearOf(jobPlant(facts), jobTariff(facts), temperatures).cost;

/** Two steps together, in their order. */
const pairsOf = (steps: readonly Step[]): readonly Step[] =>
  steps.flatMap((one, at) =>
    steps.slice(at + 1).flatMap((other) => {
      const paths = new Set(one.changes.map(({ path }) => path));
      return other.changes.some(({ path }) => paths.has(path)) || sensorTwice(one, other)
        ? []
        : [
            {
              id: `${one.id}+${other.id}`,
              label: `${one.label}, and ${other.label[0]!.toLowerCase()}${other.label.slice(1)}`,
              loses: `${one.loses} ${other.loses}`,
              changes: [...one.changes, ...other.changes],
              applies: true,
            },
          ];
    }),
  );

const sensorTwice = (one: Step, other: Step) => one.id.startsWith('sensor') && other.id.startsWith('sensor');

/**
 * Ways of doing with the conductors that are there, in order of merit: one thing given up, or two where one is not
 * enough. Each is planned and passes the same rules as a plan: none leaves emergency heat behind a gate.
 * @returns none where the cables suffice, or nothing helps
 */
export const shortCableWays = (facts: Facts): readonly ShortCableWay[] => {
  const missing = missingIn(plan(facts));
  if (missing === 0) return [];
  const known = errorsOf(withRoom(facts));
  const steps = stepsOf(facts).filter(({ applies }) => applies);
  const tried = (list: readonly Step[]) =>
    list.flatMap((step) => {
      const under = withChanges(facts, step.changes);
      if (refusals(under).length > 0) return [];
      const left = missingIn(plan(under));
      return left < missing ? [{ step, under, left }] : [];
    });
  const single = tried(steps);
  const helping = single.map(({ step }) => step);
  const isEnough = ({ left }: { readonly left: number }) => left === 0;
  const found = single.some(isEnough) ? single : [...single, ...tried(pairsOf(helping)).filter(isEnough)];
  const temperatures = everyTemperature(climateById(facts.year.weather).hoursF());
  const base = yearCost(facts, temperatures);
  return found
    .filter(({ under }) => [...errorsOf(withRoom(under))].every((rule) => known.has(rule)))
    .map(({ step: { id, label, loses, changes }, under, left }) => {
      const more = yearCost(under, temperatures) - base;
      return { id, label, loses, changes, missing: left, yearMore: Math.abs(more) < 0.5 ? 0 : Math.round(more) };
    })
    .sort((one, other) => Number(one.missing > 0) - Number(other.missing > 0));
};
