import { CALLS, callsOf, DEFAULT_MOMENT } from '../control/moment';
import { DEVICE_LABELS } from '../devices/device';
import { type ControllerRole, CONTROLLERS } from '../job/controllers';
import type { Facts } from '../job/document';
import { type SettingMark, settingRecords } from '../job/setting-marks';
import { type JobModel, jobModel } from '../model/job-model';
import { startupOf } from '../startup/startup-of';
import { capital } from '../units/capital';
import { roundTo } from '../units/round';
import {
  colorName,
  type Harness,
  jumperWords,
  type LandedConductor,
  landedConductors,
  sameRef,
  type TerminalRef,
} from '../wiring/harness';
import { labelCode } from './label-code';

/** One call: the thermostat terminals that are hot in it, and the clamp reading. */
export interface LabelCall {
  readonly call: string;
  readonly hot: string;
  readonly reads: string;
}

/** The panel-door label: enough to check the system without anything else. */
export interface PanelLabel {
  /** The date. */
  readonly on: string;
  readonly gates: readonly string[];
  /** Each conductor at the thermostat with its color and other end. */
  readonly terminals: readonly string[];
  /** All other conductors of the plan: outdoor cable, added parts, the sensor’s own pair. */
  readonly beyond: readonly string[];
  readonly jumpers: readonly string[];
  readonly calls: readonly LabelCall[];
  /** Switches, jumpers and settings as left. */
  readonly positions: readonly string[];
  /** The text of its QR code. */
  readonly code: string;
}

/** Controllers behind a panel. */
const BOARDS: readonly ControllerRole[] = ['indoor', 'outdoor'];

const gatesOf = ({ gates }: Facts): readonly string[] => {
  const lines = [
    ...(gates.compressorBelowF === null ? [] : [`Compressor locked out below ${gates.compressorBelowF} °F`]),
    ...(gates.auxAboveF === null ? [] : [`Backup locked out above ${gates.auxAboveF} °F`]),
    ...gates.outdoorThermostats.map(
      ({ bank, closesBelowF }) =>
        `Outdoor thermostat${bank === 0 ? '' : `, bank ${bank}`}: closes below ${closesBelowF} °F`,
    ),
  ];
  return lines.length > 0 ? lines : ['No lockouts'];
};

/** Strip amps by circuit. */
const ampsWords = (amps: readonly number[]) => (amps.length === 0 ? '' : `strips ${amps.join(' + ')} A`);

const callsLines = (model: JobModel): readonly LabelCall[] => {
  const { facts } = model;
  const states = model.soundStates({ ...DEFAULT_MOMENT, outdoorF: gateFreeF(facts) });
  const marks = model.planned.devices.find(({ id }) => id === 'thermostat')!.terminals.map(({ mark }) => mark);
  const amps = new Map(
    startupOf(model, [], DEFAULT_MOMENT, new Set()).map(({ step, items }) => [
      step.id as string,
      items.flatMap(({ item, expected }) =>
        /^amps-\d/.test(item.id) && expected.kind === 'band' && expected.aim !== null ? [roundTo(expected.aim, 1)] : [],
      ),
    ]),
  );
  return callsOf(facts).map((call) => ({
    call: CALLS[call].short,
    hot: marks.filter((mark) => !/^(R|Rc|Rh)$/.test(mark) && states.get(call)!.hot.has(`thermostat.${mark}`)).join(' '),
    reads: ampsWords(amps.get(call) ?? []),
  }));
};

/** An outdoor temperature without lockouts if there is one, else the default, °F. */
const gateFreeF = ({ gates }: Facts): number => {
  const most = Math.min(gates.auxAboveF ?? Infinity, ...gates.outdoorThermostats.map((each) => each.closesBelowF));
  return Math.max(gates.compressorBelowF ?? -Infinity, Math.min(DEFAULT_MOMENT.outdoorF, most - 1));
};

/** Switch settings from a board’s own facts. */
const boardLines = ({ outdoorUnit }: Facts): readonly string[] => [
  `Valve energized in ${outdoorUnit.reversingValve === 'O' ? 'cooling (O)' : 'heating (B)'}`,
  ...(outdoorUnit.defrostControl === 'demand'
    ? ['Defrost on demand']
    : [`Defrost every ${outdoorUnit.defrostIntervalMin} min, ${outdoorUnit.defrostCapMin} min maximum`]),
];

/** Where a conductor of the sensor's own pair ends: it bypasses the boards. */
const ownPairEnd = ({ conductors }: Harness, { from, to }: LandedConductor): TerminalRef =>
  conductors.find(
    (each) =>
      each.cable === 'leads-outdoor-sensor' && each.to !== null && from.device === 'thermostat' && sameRef(each.to, to),
  )?.from ?? to;

/** Every conductor of the plan, those at the thermostat first. */
const conductorLines = (facts: Facts, planned: Harness): Pick<PanelLabel, 'terminals' | 'beyond'> => {
  const hasOwnPair = facts.thermostat.outdoorSensor === 'wired' && facts.cables.sensorRun === 'own';
  const isOwnPair = ({ cable }: LandedConductor) =>
    hasOwnPair && (cable === 'leads-thermostat' || cable === 'leads-outdoor-sensor');
  const place = ({ device, mark }: TerminalRef) => `${DEVICE_LABELS[device].toLowerCase()} ${mark}`;
  const all = landedConductors(planned);
  const isAtWall = ({ from, to }: LandedConductor) => from.device === 'thermostat' || to.device === 'thermostat';
  return {
    terminals: all.filter(isAtWall).map((each) => {
      const [here, there] = each.from.device === 'thermostat' ? [each.from, each.to] : [each.to, each.from];
      const end = isOwnPair(each) ? ownPairEnd(planned, each) : there;
      return `${here.mark} ${colorName(each.colour, 'missing')} to ${place(end)}${isOwnPair(each) ? ', its own pair' : ''}`;
    }),
    beyond: all
      .filter((each) => !isAtWall(each) && !isOwnPair(each))
      .map(({ from, to, colour }) => `${capital(place(from))} ${colorName(colour, 'missing')} to ${place(to)}`),
  };
};

/**
 * The label of a system.
 * @param on the date: “2026-11-26”
 * @param marks values left at its controllers
 */
export const panelLabel = (facts: Facts, marks: readonly SettingMark[], on: string): PanelLabel => {
  const model = jobModel(facts);
  const { planned } = model;
  return {
    on,
    gates: gatesOf(facts),
    ...conductorLines(facts, planned),
    jumpers: planned.jumpers.map((each) => `${DEVICE_LABELS[each.from.device]}: ${jumperWords(each)}`),
    calls: callsLines(model),
    positions: [
      ...boardLines(facts),
      ...settingRecords(marks).flatMap(({ controller, code, left }) =>
        left && BOARDS.includes(controller) ? [`${CONTROLLERS[controller]} ${code}: ${left.value}`] : [],
      ),
    ],
    code: labelCode({ on, facts }),
  };
};
