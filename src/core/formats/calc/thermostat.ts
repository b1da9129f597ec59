import { array, boolean, type InferType, lazy, mixed, number, object, string } from 'yup';
import { type Parsed, parseWith } from '../../border/parse';
import { bounded } from '../../border/schema';
import { demandAtRest, signalsOf, stepDemand } from '../../control/in-time/demand';
import type { ControlProgram, SetpointEntry } from '../../control/in-time/program';
import { type Mode, terminalsOf } from '../../control/in-time/signals';
import { onOrOff, seriesAt, seriesOf, tickCount, tickLength } from './series';

/** Outputs of a thermostat from a minute on. */
export interface Run {
  readonly fromMin: number;
  readonly outputs: string;
}

export interface ThermostatRuns {
  readonly runs: readonly Run[];
  readonly compressorStarts: number;
  readonly backupMin: number;
}

const temperatureF = () => bounded(-200, 250, '°F').required('must be given, °F');
const maybe = (max: number, unit = '') => bounded(0, max, unit).nullable();
const minutes = () => maybe(1e6, 'min');
const degrees = () => bounded(-100, 100, '°F').nullable();

const settingsSchema = object({
  differentialF: bounded(0, 20, '°F').required('must be given, °F'),
  compressorStages: number()
    .oneOf([1, 2] as const, 'must be 1 or 2')
    .nullable(),
  upstageMin: minutes(),
  stage2OnF: degrees(),
  auxOnF: degrees(),
  auxOffF: degrees(),
  auxAfterMin: minutes(),
  backup: string()
    .oneOf(['electric', 'fossil', 'none'] as const, 'must be electric, fossil or none')
    .nullable(),
  valve: string()
    .oneOf(['O', 'B'] as const, 'must be O or B')
    .nullable(),
  compressorBelowF: bounded(-200, 250, '°F').nullable(),
  auxAboveF: bounded(-200, 250, '°F').nullable(),
  lockoutPlayF: maybe(50, '°F'),
  onSensorLoss: string()
    .oneOf(['free', 'keep'] as const, 'must be free or keep')
    .nullable(),
  minOnMin: minutes(),
  minOffMin: minutes(),
  backupMinOnMin: minutes(),
  compressorStartsPerHour: bounded(0.01, 1000).nullable(),
  backupStartsPerHour: bounded(0.01, 1000).nullable(),
  paceYieldsF: maybe(50, '°F'),
  givenWayWaits: boolean().nullable(),
  afterFossilMin: minutes(),
  powerUpHoldMin: minutes(),
  recovery: object({ rateFPerH: bounded(0.01, 100, '°F/h').required('must be given, °F/h') })
    .nullable()
    .default(undefined),
  learning: object({
    startsPerDay: bounded(0, 10_000).required('must be given'),
    stepF: bounded(0, 50, '°F').required('must be given, °F'),
    mostF: bounded(0, 50, '°F').required('must be given, °F'),
  })
    .nullable()
    .default(undefined),
});

const setpointsSchema = array(
  object({ fromMin: bounded(-1e7, 1e7, 'min').required('must be given, min'), setpointF: temperatureF() }),
)
  .min(1, 'must have at least one setpoint')
  .max(10_000);

const schema = object({
  settings: settingsSchema.required('must be given'),
  stepMin: tickLength(),
  ticks: tickCount().required('must be given'),
  mode: seriesOf(() =>
    mixed<Mode>().oneOf(['heat', 'cool', 'emergency', 'off'] as const, 'must be heat, cool, emergency or off'),
  ),
  setpoint: lazy((value: unknown) => (Array.isArray(value) ? setpointsSchema : temperatureF())),
  outdoorF: seriesOf(() => bounded(-200, 250, '°F').nullable()),
  roomF: seriesOf(temperatureF),
  fault: lazy((value: unknown) => (value === undefined ? mixed().optional() : seriesOf(onOrOff).resolve({ value }))),
});

type Settings = InferType<typeof settingsSchema>;

/** A missing or null setting: the rule is off. */
const programOf = (given: Settings): ControlProgram => ({
  differentialF: given.differentialF,
  compressorStages: given.compressorStages === 2 ? 2 : 1,
  upstageMin: given.upstageMin ?? null,
  stage2OnF: given.stage2OnF ?? null,
  auxOnF: given.auxOnF ?? null,
  auxOffF: given.auxOffF ?? 0,
  auxAfterMin: given.auxAfterMin ?? null,
  backup: given.backup ?? 'none',
  valve: given.valve ?? 'O',
  compressorBelowF: given.compressorBelowF ?? null,
  auxAboveF: given.auxAboveF ?? null,
  lockoutPlayF: given.lockoutPlayF ?? 0,
  onSensorLoss: given.onSensorLoss ?? 'free',
  minOnMin: given.minOnMin ?? 0,
  minOffMin: given.minOffMin ?? 0,
  backupMinOnMin: given.backupMinOnMin ?? 0,
  compressorStartsPerHour: given.compressorStartsPerHour ?? null,
  backupStartsPerHour: given.backupStartsPerHour ?? null,
  paceYieldsF: given.paceYieldsF ?? null,
  givenWayWaits: given.givenWayWaits ?? true,
  afterFossilMin: given.afterFossilMin ?? 0,
  powerUpHoldMin: given.powerUpHoldMin ?? 0,
  recovery: given.recovery ?? null,
  learning: given.learning ?? null,
});

/** Calculates the `input` of a thermostat case. */
export const calcThermostat = (input: unknown): Parsed<ThermostatRuns> => {
  const parsed = parseWith(schema, input);
  if (!parsed.ok) return parsed;
  const { settings, stepMin, ticks, setpoint, fault = 0 } = parsed.value;
  const program = programOf(settings);
  const modeAt = seriesAt<Mode>(parsed.value.mode as Mode);
  const outdoorAt = seriesAt<number | null>(parsed.value.outdoorF as number | null);
  const roomAt = seriesAt<number>(parsed.value.roomF as number);
  const faultAt = seriesAt<unknown>(fault);
  const setpoints: readonly SetpointEntry[] = Array.isArray(setpoint)
    ? [...(setpoint as SetpointEntry[])].sort((a, b) => a.fromMin - b.fromMin)
    : [{ fromMin: 0, setpointF: setpoint as number }];
  const runs: Run[] = [];
  let compressorStarts = 0;
  let backupTicks = 0;
  let demand = demandAtRest(modeAt(0));
  for (let tick = 0; tick < ticks; tick++) {
    const atMin = tick * stepMin;
    const inputs = {
      mode: modeAt(tick),
      setpoints,
      outdoorF: outdoorAt(tick),
      roomF: roomAt(tick),
      hasFault: Boolean(faultAt(tick)),
    };
    const { lastStartMin } = demand.compressor;
    demand = stepDemand(demand, program, inputs, atMin);
    if (demand.compressor.lastStartMin !== lastStartMin) compressorStarts++;
    const signals = signalsOf(demand);
    if (signals.isBackup || signals.isEmergency) backupTicks++;
    const outputs = terminalsOf(signals, inputs.mode, program);
    if (runs.at(-1)?.outputs !== outputs) runs.push({ fromMin: atMin, outputs });
  }
  return { ok: true, value: { runs, compressorStarts, backupMin: backupTicks * stepMin } };
};
