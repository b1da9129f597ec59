import { DAY_MIN } from '../clock';
import type { HourlyTariff } from '../day/day-cost';
import { DIFFERENTIAL_F, droopF } from '../day/short-spells';
import type { Prepared } from '../day/variant';
import { gainsShareAt, LEAST_GAINS } from '../house/gains';
import { houseStepper, type HouseThermal, storedBtu } from '../house/house';
import { actsOn } from '../system/acts';
import { machineAtRest, machineOf, type MachineState } from '../system/machine';
import { asksOn, setpointsFor } from '../system/schedule';
import { type HourlyWeather, weatherFrom } from '../weather/weather';
import { minuteBook, type MinuteYear } from './minute-book';

/** Minutes to simulate, and progress reports. */
export interface MinuteSpan {
  /** Day of the year, from 0. */
  readonly day: number;
  readonly days: number;
  /** Lead-in that is not counted, min. */
  readonly leadMin?: number;
  /** Called with progress, from 0 to 1. */
  readonly onShare?: (share: number) => void;
}

const HOUR_MIN = 60;
/** Margin above the call at which an idle hour is skipped in one step, °F. */
const IDLE_F = 0.05;
/** Number of progress reports per year. */
const SHARES = 200;

/** Whether nothing runs or is about to. */
const isIdle = ({ demand, elements, ranMin, firedMin, coil }: MachineState): boolean =>
  !demand.isCalling &&
  ranMin === 0 &&
  firedMin === 0 &&
  coil.frostLb === 0 &&
  !demand.backup.isOn &&
  !demand.emergency.isOn &&
  elements.every(({ isClosed, otherwiseS }) => !isClosed && otherwiseS === 0);

/**
 * Whether an idle house stays above a temperature for an hour: the room gets no colder than the coldest of its air, its
 * mass and their equilibrium.
 */
const staysAbove = (
  { house }: MachineState,
  { gainsBtuh, lossBtuhPerF }: HouseThermal,
  coldestF: number,
  limitF: number,
): boolean => Math.min(house.roomF, house.massF, coldestF + (LEAST_GAINS * gainsBtuh) / lossBtuhPerF) > limitF;

/** Simulates days by the minute and adds them up; an hour in which an idle house cannot reach its call is one step. */
export const simulateMinutes = (
  { parts, schedule, mode, acts }: Prepared,
  tariff: HourlyTariff,
  weather: HourlyWeather,
  { day, days, leadMin = 0, onShare = () => undefined }: MinuteSpan,
): MinuteYear => {
  const { thermal, program, system } = parts;
  const step = machineOf(parts, 1);
  const passHour = houseStepper(thermal, HOUR_MIN);
  const minutes = days * DAY_MIN;
  const entries = setpointsFor(schedule, minutes);
  const mostSetF = Math.max(...entries.map(({ setpointF }) => setpointF));
  const callF = mostSetF - program.differentialF / 2 + IDLE_F;
  const asks = asksOn(entries, leadMin);
  const weatherAt = weatherFrom(weather, day * 24);
  const book = minuteBook({
    thermal,
    tariff,
    furnace: system.facts.furnace,
    limitF: droopF(program) + DIFFERENTIAL_F,
    day,
  });
  const happensAt = actsOn(acts, system.facts);
  const shareEvery = Math.max(HOUR_MIN, Math.round(minutes / SHARES / HOUR_MIN) * HOUR_MIN);
  let state = machineAtRest(parts, mode, { roomF: mostSetF, massF: mostSetF }, weatherAt(-leadMin).outdoorF);
  let began = state.house;
  for (let atMin = -leadMin; atMin < minutes; atMin++) {
    if (atMin === 0) began = state.house;
    if (atMin % shareEvery === 0) onShare(Math.max(0, atMin / minutes));
    const now = weatherAt(atMin);
    if (atMin % HOUR_MIN === 0 && acts.length === 0 && isIdle(state)) {
      const next = weatherAt(atMin + HOUR_MIN).outdoorF;
      if (staysAbove(state, thermal, Math.min(now.outdoorF, next), callF)) {
        const meanF = (now.outdoorF + next) / 2;
        if (atMin >= 0) book.pass(meanF);
        state = {
          ...state,
          house: passHour(state.house, (gainsShareAt(atMin) - 1) * thermal.gainsBtuh, meanF).state,
          coil: { coilF: next, frostLb: 0 },
        };
        atMin += HOUR_MIN - 1;
        continue;
      }
    }
    const setpoints = asks(atMin + leadMin);
    const inputs = { mode, setpoints, weather: now, gainsShare: gainsShareAt(atMin), ...happensAt(atMin) };
    const before = state;
    const tick = step(before, inputs, atMin + leadMin);
    state = tick.state;
    if (atMin >= 0) book.note({ atMin, outdoorF: now.outdoorF, wishF: setpoints[0]!.setpointF, before, tick });
  }
  onShare(1);
  return book.close(storedBtu(thermal, began, state.house));
};
