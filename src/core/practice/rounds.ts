import { applyChanges, type FactChange, type Facts } from '../job/document';
import { JOB_FILE_VERSION } from '../job/document';
import { SAMPLES } from '../samples';
import type { ControllerProfile } from '../setup/profiles/profile';
import { quillwort } from '../setup/profiles/quillwort';
import type { Round } from './round';

type House = 'juniper-flume' | 'quarry-bench' | 'cinder-creek' | 'tamarack-spur';

const factsOf = (house: House, changes: readonly FactChange[]): Facts => {
  const { facts, confirmed } = SAMPLES.find(({ id }) => id === house)!;
  return applyChanges({ fileVersion: JOB_FILE_VERSION, facts, confirmed }, changes).facts;
};

/** A thermostat that needs activation after saving. */
const ASKS_TO_ACTIVATE: ControllerProfile = {
  ...quillwort,
  id: 'hawkweed',
  name: 'Hawkweed',
  about: 'A thermostat that stores saved values but does not use them until you activate them.',
  save: ['Save: the value now shows in the menu.'],
  activate: ['Leave the menu and hold the fan key until the display blinks: the saved values are now active.'],
};

interface More {
  readonly outdoorF: number;
  readonly changes: readonly FactChange[];
  readonly looksFirst: readonly string[];
  readonly thermostat: ControllerProfile;
}

const round = (
  id: string,
  title: string,
  house: House,
  causes: readonly string[],
  teaches: string,
  { outdoorF = 20, changes = [], looksFirst = [], thermostat }: Partial<More> = {},
): Round => ({ id, title, facts: factsOf(house, changes), causes, outdoorF, looksFirst, teaches, thermostat });

/** An outdoor thermostat in the circuit of every bank. */
const HELD = [{ path: 'gates.outdoorThermostats', value: [{ bank: 0, closesBelowF: 35 }] }] as const;

/** A thermostat that knows the outdoor temperature: required for lockouts. */
const SENSED = [{ path: 'thermostat.outdoorSensor', value: 'wired' }] as const;

/** The authored rounds by skill, easier ones first. */
export const ROUNDS: readonly Round[] = [
  round(
    'dead-thermostat',
    'A blank display',
    'juniper-flume',
    ['open:thermostat-cable/blue'],
    'A 24 V thermostat needs both R and C. R can be hot and do nothing. One reading, R to C at the thermostat, tells you.',
  ),
  round(
    'one-live-leg',
    'Half a breaker',
    'juniper-flume',
    ['strips:leg-1'],
    'With one leg open the kit still shows 120 V to ground at its terminals but draws nothing. Measure leg to leg; leg to ground fools you.',
  ),
  round(
    'half-a-kit',
    'Half a kit on the clamp',
    'quarry-bench',
    ['open:jumper/air-handler.W1–air-handler.W2'],
    'Half the amps means half the kit is on, not a weak kit. Find out what closes the second bank before you blame an element.',
  ),
  round(
    'low-supply',
    'The whole kit is weak',
    'juniper-flume',
    ['strips:low-supply'],
    'Every element draws low by the same percentage: heat varies with the square of the voltage. Volts and amps read together separate it from a dead element.',
  ),
  round(
    'o-for-b',
    'Cold when it should be warm',
    'cinder-creek',
    ['set:valve'],
    'A reversing valve set backward heats in summer and cools in winter while everything else checks out. Read the menu before you move a wire.',
  ),
  round(
    'ghost-volts',
    'Voltage on a broken wire',
    'tamarack-spur',
    ['open:outdoor-cable/yellow'],
    'A broken wire next to live ones shows a few volts on a 10-megohm meter. On low impedance they vanish: ghost voltage.',
  ),
  round(
    'aux-to-e',
    'Emergency heat does nothing',
    'juniper-flume',
    ['open:jumper/thermostat.AUX–thermostat.E'],
    'On a thermostat with AUX and E, one may go nowhere. The jumper is part of the wiring and belongs on the drawing.',
  ),
  round(
    'bulb-holds',
    'Strips never come on',
    'juniper-flume',
    ['set:outdoor-dial'],
    'An outdoor thermostat keeps the bank off in the AUX circuit and looks like a dead kit. Emergency heat bypasses it: if that heats, the kit is good.',
    { changes: HELD },
  ),
  round(
    'emergency-through-it',
    'Strips only in emergency',
    'juniper-flume',
    ['set:aux-lockout'],
    'A lockout set far too low blocks backup but not emergency heat. One menu setting; no wire to touch.',
  ),
  round(
    'w-out-on-furnace',
    'The defrost that calls a furnace',
    'tamarack-spur',
    ['stuck-closed:defrost relay, W output'],
    'The board’s W output is on all the time: it calls the furnace along with the heat pump no matter what the thermostat says.',
  ),
  round(
    'interlock',
    'Compressor locked out',
    'tamarack-spur',
    ['stuck-open:interlock relay'],
    'The furnace/compressor interlock is in series in Y. Hot in, dead out: that is the bad part.',
  ),
  round(
    'lockout-hole',
    'No heat between two temperatures',
    'tamarack-spur',
    ['set:compressor-lockout'],
    'If the compressor locks out above the temperature where backup is allowed, there is a gap with no heat at all. Check both lockouts together.',
    { outdoorF: 42 },
  ),
  round(
    'droop',
    'Two degrees short on cold nights',
    'cinder-creek',
    ['set:droop'],
    'Backup waits until the room drops by the droop setting. A large droop looks like a weak system when nothing is broken.',
    { outdoorF: 8 },
  ),
  round(
    'minimum-off',
    'It does not start right away',
    'juniper-flume',
    ['nothing'],
    'A compressor waits out its minimum off time, and a defrost steams and blows cool: a good system gets calls too. Wait before you open anything.',
  ),
  round(
    'defrost-on-the-cap',
    'Defrost ends too early',
    'quarry-bench',
    ['outdoors:coil-sensor'],
    'A defrost thermostat that has fallen off cannot tell the board whether the coil is clear or iced: defrost runs on time alone, or never.',
    { outdoorF: 32 },
  ),
  round(
    'sensor-in-the-sun',
    'It thinks it is spring',
    'juniper-flume',
    ['sensor:sunlit'],
    'A sensor in the sun or in the unit’s discharge air reads high and locks out the backup. Compare it with a thermometer in the shade.',
  ),
  round(
    'not-activated',
    'Saved, and still off',
    'cinder-creek',
    ['set:active'],
    'A saved value is not always active: some menus need one last step. Leave the menu and read it back.',
    { thermostat: ASKS_TO_ACTIVATE },
  ),
  round(
    'fossil-as-electric',
    'Furnace and heat pump together',
    'tamarack-spur',
    ['set:backup'],
    'Set to electric, backup runs with the compressor. With a furnace under the coil that trips the heat pump on high pressure.',
  ),
  round(
    'low-gas',
    'The burner goes out',
    'tamarack-spur',
    ['furnace:weak-fire'],
    'Low gas pressure underfires: low rise and flame loss. Pressure readings are for licensed techs; anyone can read the rise and the complaint.',
  ),
  round(
    'data-for-24v',
    'Thermostat set to communicating',
    'juniper-flume',
    ['set:control-type'],
    'Set to communicating, a thermostat closes no contacts: every terminal is dead on every call, but R–C is good.',
  ),
  round(
    'two-at-once',
    'Two faults at once',
    'juniper-flume',
    ['air:filter', 'strips:leg-1'],
    'A clogged filter is found right away, and the kit is still weak. When one cause explains only some readings, find the other before you write the bill.',
    { looksFirst: ['any/look-filter', 'heat/look-outdoor-unit'] },
  ),
  round(
    'valve-as-last-time',
    'Set like the last house',
    'juniper-flume',
    ['set:valve'],
    'One tech says every valve is energized in cooling, another says heating; each is right until the next house. Go by the data plate or the diagram inside the panel, never by the last job.',
  ),
  round(
    'one-feed-clamped',
    'Full amps, and half the heat',
    'quarry-bench',
    ['strips:breaker-2'],
    'Amps at a feed show what that circuit draws; amps at an element show which one is dead. Clamp only one feed here and the kit looks good: the other circuit has its own breaker.',
  ),
  round(
    'locked-out-and-dead',
    'No heat on a mild day',
    'juniper-flume',
    ['open:contactor'],
    'A lockout keeps strips off on mild days as long as the compressor runs. When the compressor is dead it leaves the house cold, and only emergency heat bypasses it. If you set lockouts, tell the homeowner.',
    { outdoorF: 44, changes: [...SENSED, { path: 'gates.auxAboveF', value: 35 }] },
  ),
  round(
    'no-lockout',
    'High bill in a mild month',
    'juniper-flume',
    ['set:hasty-backup'],
    'With no lockout, nothing keeps an aggressive thermostat from calling strips, at 44 °F as at 4. If you skip the lockout, set droop and delay carefully and read them back.',
    { outdoorF: 44, changes: [...SENSED, { path: 'gates.auxAboveF', value: null }] },
  ),
];
