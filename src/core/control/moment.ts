import type { Facts } from '../job/document';
import { roundTo } from '../units/round';
import { hasNoFaults, NO_FAULTS, parseScenario, type Scenario, scenarioCode } from './scenario';

/** Calls that a technician can put the system in. */
export const CALLS = {
  off: { label: 'Off', short: 'Off', about: 'No call.' },
  fan: { label: 'Fan', short: 'Fan', about: 'Blower only.' },
  'heat-1': { label: 'Heat', short: 'Heat', about: 'Compressor heat, first stage.' },
  'heat-2': { label: 'Heat, second stage', short: 'Heat 2', about: 'Compressor heat, both stages.' },
  'heat-aux': {
    label: 'Heat with auxiliary',
    short: 'Heat + aux',
    about: 'Backup is called too: strips run with the compressor; a furnace replaces it.',
  },
  emergency: { label: 'Emergency heat', short: 'Emergency', about: 'Backup only; compressor off.' },
  'cool-1': { label: 'Cool', short: 'Cool', about: 'Compressor cooling, first stage.' },
  'cool-2': { label: 'Cool, second stage', short: 'Cool 2', about: 'Compressor cooling, both stages.' },
  defrost: { label: 'Defrost', short: 'Defrost', about: 'A heating call while the board defrosts the outdoor coil.' },
} as const;

export type CallId = keyof typeof CALLS;

export const CALL_IDS = Object.keys(CALLS) as CallId[];

const SECOND_STAGE: ReadonlySet<CallId> = new Set(['heat-2', 'cool-2']);

/** The calls that a job's thermostat can make. */
export const callsOf = ({ thermostat, outdoorUnit }: Facts): readonly CallId[] =>
  thermostat.compressorOutputs === 2 && outdoorUnit.stages === 'two'
    ? CALL_IDS
    : CALL_IDS.filter((call) => !SECOND_STAGE.has(call));

/** The one small state that every page of a job is computed for. */
export interface Moment {
  readonly outdoorF: number;
  readonly indoorF: number;
  readonly call: CallId;
  /** What is being simulated. */
  readonly scenario: Scenario;
}

export const DEFAULT_MOMENT: Moment = { outdoorF: 28, indoorF: 68, call: 'heat-1', scenario: NO_FAULTS };

/** Limits of the moment's temperatures, °F. */
export const OUTDOOR_BOUNDS_F = [-20, 70] as const;
export const INDOOR_BOUNDS_F = [40, 95] as const;

const clamp = (value: number, [low, high]: readonly [number, number]) =>
  Math.min(high, Math.max(low, roundTo(value, 2)));

/**
 * A moment with another outdoor temperature, °F, on the scale, rounded to a hundredth so that half °C steps are exact.
 */
export const atOutdoor = (moment: Moment, outdoorF: number): Moment => ({
  ...moment,
  outdoorF: clamp(outdoorF, OUTDOOR_BOUNDS_F),
});

/** A moment with another room temperature, °F, within limits, rounded to a hundredth. */
export const atIndoor = (moment: Moment, indoorF: number): Moment => ({
  ...moment,
  indoorF: clamp(indoorF, INDOOR_BOUNDS_F),
});

/** The next call, cyclic. */
export const nextCall = (call: CallId, among: readonly CallId[] = CALL_IDS): CallId =>
  among[(among.indexOf(call) + 1) % among.length]!;

/** A moment in the address bar: `out=28&in=68&call=heat-1`, with `&try=…` for a simulation. */
export const momentToQuery = ({ outdoorF, indoorF, call, scenario }: Moment): string =>
  `out=${outdoorF}&in=${indoorF}&call=${call}${hasNoFaults(scenario) ? '' : `&try=${encodeURIComponent(scenarioCode(scenario))}`}`;

/** What an address asks for that does not exist, in a sentence; null if all is known. */
export const unknownInQuery = (get: (name: string) => string | null | undefined): string | null => {
  const call = get('call');
  return !call || CALL_IDS.some((id) => id === call)
    ? null
    : `The address asks for “${call.slice(0, 40)}”, which is not a valid call. Showing ${CALLS[DEFAULT_MOMENT.call].label}; valid calls are ${CALL_IDS.join(', ')}.`;
};

/** Reads a moment from an address; missing or invalid parts take the default. */
export const momentFromQuery = (get: (name: string) => string | null | undefined): Moment => {
  const number = (name: string, bounds: readonly [number, number], otherwise: number) => {
    const text = get(name);
    const value = text ? Number(text) : NaN;
    return Number.isFinite(value) ? clamp(value, bounds) : otherwise;
  };
  const call = get('call');
  return {
    outdoorF: number('out', OUTDOOR_BOUNDS_F, DEFAULT_MOMENT.outdoorF),
    indoorF: number('in', INDOOR_BOUNDS_F, DEFAULT_MOMENT.indoorF),
    call: CALL_IDS.find((id) => id === call) ?? DEFAULT_MOMENT.call,
    scenario: parseScenario(get('try')),
  };
};
