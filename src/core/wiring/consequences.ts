import { type CallId, CALLS } from '../control/moment';
import type { CoilId } from '../devices/ids';
import {
  BLOWER_BY_HEAT_COIL,
  BLOWER_COIL,
  COMPRESSOR_COIL,
  FURNACE_COIL,
  OUTDOOR_POWER,
  THERMOSTAT_POWER,
  VALVE_COIL,
} from '../devices/ids';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { capital } from '../units/capital';
import type { StatesByCall } from './behavior';
import type { WiringState } from './state';

/** Calls with the valve in heating, and in cooling. */
const HEATING: readonly CallId[] = ['heat-1', 'heat-2', 'heat-aux'];
const COOLING: readonly CallId[] = ['cool-1', 'cool-2'];
const NO_HEAT: readonly CallId[] = ['off', 'fan', 'cool-1', 'cool-2'];

const isBackup = (coil: CoilId) => coil === FURNACE_COIL || coil.startsWith('heat bank');
const banks = ({ energized }: WiringState) => [...energized].filter(isBackup).length;
const hasAir = ({ energized }: WiringState) => energized.has(BLOWER_COIL) || energized.has(BLOWER_BY_HEAT_COIL);

/** Effects of a system on the house that it should not have, in plain words, worst first. */
export const consequences = (facts: Facts, should: StatesByCall, does: StatesByCall): string[] => {
  const isB = facts.outdoorUnit.reversingValve === 'B';
  const heats = ({ energized }: WiringState) => energized.has(VALVE_COIL) === isB;
  const runs = ({ energized }: WiringState) => energized.has(COMPRESSOR_COIL);
  const calls = (among: readonly CallId[], is: (was: WiringState, now: WiringState) => boolean): CallId[] =>
    among.filter((call) => should.has(call) && is(should.get(call)!, does.get(call)!));
  const named = (list: readonly CallId[]) => list.map((call) => CALLS[call].short.toLowerCase()).join(', ');
  const all = [...should.keys()];
  const say = (list: readonly CallId[], words: (list: string) => string) =>
    list.length === 0 ? [] : [words(named(list))];
  const backup = backupOf(facts) === 'fossil' ? 'the furnace' : 'the strips';
  const theBackup = capital(backup);

  const fuse = calls(all, (was, now) => was.fuseOpenedAtAmps === null && now.fuseOpenedAtAmps !== null);
  if (fuse.length === all.length) return ['The board fuse blows right away: nothing works.'];
  const isBlank = all.every((call) => {
    const [was, now] = [should.get(call)!, does.get(call)!];
    return was.energized.has(THERMOSTAT_POWER) && !now.energized.has(THERMOSTAT_POWER) && now.fuseOpenedAtAmps === null;
  });
  if (isBlank) return ['The thermostat is blank and makes no calls.'];
  const sound = all.filter((call) => does.get(call)!.fuseOpenedAtAmps === null);
  const among = (list: readonly CallId[]) => list.filter((call) => sound.includes(call));
  const lostRuns = calls(
    among(['heat-1', 'heat-2', 'heat-aux', 'cool-1', 'cool-2', 'defrost']),
    (was, now) => runs(was) && !runs(now),
  );
  return [
    ...say(fuse, (list) => `The board fuse blows on: ${list}.`),
    ...say(
      calls(among(HEATING), (was, now) => runs(now) && heats(was) && !heats(now)),
      (list) => `It cools the house on a heat call (${list}).`,
    ),
    ...say(
      calls(among(COOLING), (was, now) => runs(now) && !heats(was) && heats(now)),
      (list) => `It heats the house on a cooling call (${list}).`,
    ),
    ...say(
      calls(
        sound,
        (was, now) => runs(now) && now.energized.has(FURNACE_COIL) && !(runs(was) && was.energized.has(FURNACE_COIL)),
      ),
      (list) => `Compressor and furnace run together on: ${list}.`,
    ),
    ...say(
      calls(sound, (was, now) => banks(now) > 0 && !hasAir(now) && hasAir(was)),
      (list) => `${theBackup} heat without airflow on: ${list}.`,
    ),
    ...say(
      calls(among(['emergency']), (was, now) => banks(now) < banks(was)),
      () => 'Emergency heat is missing or partial.',
    ),
    ...say(lostRuns, (list) => `The compressor does not run in: ${list}.`),
    ...say(
      calls(sound, (was, now) => !runs(was) && runs(now)),
      (list) => `The compressor runs with no call on: ${list}.`,
    ),
    ...say(
      calls(among(['heat-aux', 'defrost']), (was, now) => banks(now) < banks(was)),
      (list) => `${theBackup} do not come on, or only some do, on: ${list}.`,
    ),
    ...say(
      calls(among(NO_HEAT), (was, now) => banks(now) > banks(was)),
      (list) => `${theBackup} heat with no heat called: ${list}.`,
    ),
    ...say(
      calls(among(['heat-1', 'heat-2']), (was, now) => banks(now) > banks(was)),
      (list) => `${theBackup} come on when the heat pump alone should heat: ${list}.`,
    ),
    ...say(
      calls(among(['defrost']), (was, now) => runs(now) && !heats(was) && heats(now)),
      () => 'The coil is never cleared of ice.',
    ),
    ...(all.every(
      (call) => should.get(call)!.energized.has(OUTDOOR_POWER) && !does.get(call)!.energized.has(OUTDOOR_POWER),
    ) && fuse.length === 0
      ? ['The outdoor board is dead: no defrost.']
      : []),
    ...say(
      calls(sound, (was, now) => hasAir(was) && !hasAir(now)),
      (list) => `The blower stays off on: ${list}.`,
    ),
    ...say(
      calls(sound, (was, now) => !hasAir(was) && hasAir(now)),
      (list) => `The blower runs with no call on: ${list}.`,
    ),
  ].map((words) =>
    backup === 'the furnace'
      ? words
          .replace('The furnace do not come, or not all of them,', 'The furnace does not come')
          .replace('The furnace heat ', 'The furnace heats ')
          .replace('The furnace come ', 'The furnace comes ')
      : words,
  );
};
