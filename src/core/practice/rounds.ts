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

/** A thermostat on which saving is not enough. */
const ASKS_TO_ACTIVATE: ControllerProfile = {
  ...quillwort,
  id: 'hawkweed',
  name: 'Hawkweed',
  about: 'A wall thermostat that keeps what is saved apart until it is activated.',
  save: ['Save: the value stands in the menu.'],
  activate: ['Leave the menu and hold the fan key until the display blinks: now what is saved is in force.'],
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

/** A thermostat that knows the outdoor temperature: without it there are no lockouts. */
const SENSED = [{ path: 'thermostat.outdoorSensor', value: 'wired' }] as const;

/** The authored rounds, each for one part of the work, the easier first. */
export const ROUNDS: readonly Round[] = [
  round(
    'dead-thermostat',
    'A blank display',
    'juniper-flume',
    ['open:thermostat-cable/blue'],
    'A thermostat on 24 V needs both ends: R alone is hot and does nothing. Volts between R and C at the thermostat itself tell in one reading.',
  ),
  round(
    'one-live-leg',
    'Half of a breaker',
    'juniper-flume',
    ['strips:leg-1'],
    'With one leg open the kit still shows 120 V to ground at its terminals, and draws nothing. Leg to leg tells; leg to ground lies.',
  ),
  round(
    'half-a-kit',
    'Half a kit on the clamp',
    'quarry-bench',
    ['open:jumper/air-handler.W1–air-handler.W2'],
    'Half the amps is half the kit called, and not a weak kit: look what closes the second bank before an element is blamed.',
  ),
  round(
    'low-supply',
    'A kit that is weak all over',
    'juniper-flume',
    ['strips:low-supply'],
    'Every element draws less by the same share: heat goes with the square of the volts. Volts and amps at one moment tell it from a dead element.',
  ),
  round(
    'o-for-b',
    'Cold when it should be warm',
    'cinder-creek',
    ['set:valve'],
    'A valve set the wrong way about heats in summer and cools in winter, and everything else is right: the menu is read before a wire is moved.',
  ),
  round(
    'ghost-volts',
    'Volts on a wire that is broken',
    'tamarack-spur',
    ['open:outdoor-cable/yellow'],
    'A broken conductor beside live ones shows a few volts to a meter of ten megohms. At low impedance they are gone: they never drove anything.',
  ),
  round(
    'aux-to-e',
    'Emergency heat does nothing',
    'juniper-flume',
    ['open:jumper/thermostat.AUX–thermostat.E'],
    'On a thermostat with AUX and E one of them may end at nothing: the jumper is part of the wiring, and belongs on the drawing.',
  ),
  round(
    'bulb-holds',
    'Strips that never come',
    'juniper-flume',
    ['set:outdoor-dial'],
    'An outdoor thermostat holds the bank in the auxiliary circuit and looks like a dead kit. Emergency heat goes round it: if that heats, the kit is well.',
    { changes: HELD },
  ),
  round(
    'emergency-through-it',
    'Strips in emergency alone',
    'juniper-flume',
    ['set:aux-lockout'],
    'A lockout set far too low holds the backup and lets emergency heat through. One menu, and not one wire.',
  ),
  round(
    'w-out-on-furnace',
    'The defrost that calls a furnace',
    'tamarack-spur',
    ['stuck-closed:defrost relay, W output'],
    'The board’s W output is on all the time: the furnace is called beside the heat pump, whatever the thermostat says.',
  ),
  round(
    'interlock',
    'A compressor that is kept out',
    'tamarack-spur',
    ['stuck-open:interlock relay'],
    'The interlock between furnace and compressor passes Y on its way. Hot before it and dead after it: that is the part.',
  ),
  round(
    'lockout-hole',
    'Nothing heats between two temperatures',
    'tamarack-spur',
    ['set:compressor-lockout'],
    'Where the compressor is locked out above the point at which the backup may run, there is a hole with no heat at all. Both gates are read together.',
    { outdoorF: 42 },
  ),
  round(
    'droop',
    'Two degrees short on cold nights',
    'cinder-creek',
    ['set:droop'],
    'The backup waits for the room to fall short by the droop that is set: a large one looks like a weak system, and nothing is broken.',
    { outdoorF: 8 },
  ),
  round(
    'minimum-off',
    'It does not start at once',
    'juniper-flume',
    ['nothing'],
    'A compressor waits out its minimum off, and a defrost steams and blows cool: a good system brings calls too. Wait before anything is opened.',
  ),
  round(
    'defrost-on-the-cap',
    'Defrosts that end too early',
    'quarry-bench',
    ['outdoors:coil-sensor'],
    'A coil switch that fell off never tells the board that the coil is clear, or iced: the defrost runs by its clock, or never.',
    { outdoorF: 32 },
  ),
  round(
    'sensor-in-the-sun',
    'It thinks it is spring',
    'juniper-flume',
    ['sensor:sunlit'],
    'A sensor in the sun, or over the unit’s own air, reads warmer than the yard and holds the backup by it. The shade is measured beside it.',
  ),
  round(
    'not-activated',
    'Saved, and still off',
    'cinder-creek',
    ['set:active'],
    'A value that is saved is not always one that counts: some menus want a last step. Read it back after leaving the menu.',
    { thermostat: ASKS_TO_ACTIVATE },
  ),
  round(
    'fossil-as-electric',
    'Two fires at once',
    'tamarack-spur',
    ['set:backup'],
    'Set as electric, the backup runs beside the compressor; with a furnace under the coil that trips the heat pump on pressure.',
  ),
  round(
    'low-gas',
    'A burner that goes out',
    'tamarack-spur',
    ['furnace:weak-fire'],
    'Low gas burns weakly: the rise is small and the flame is lost. Pressure is for those licensed; the rise and the complaint are for everybody.',
  ),
  round(
    'data-for-24v',
    'A thermostat that speaks another language',
    'juniper-flume',
    ['set:control-type'],
    'Set for a data line a thermostat closes no contact at all: every terminal is dead in every call, and R and C are well.',
  ),
  round(
    'two-at-once',
    'Two things at once',
    'juniper-flume',
    ['air:filter', 'strips:leg-1'],
    'A choked filter is found at once, and the kit is still weak: where one cause gives some of the readings, look for the other before the bill is written.',
    { looksFirst: ['any/look-filter', 'heat/look-outdoor-unit'] },
  ),
  round(
    'valve-as-last-time',
    'Set as on the last house',
    'juniper-flume',
    ['set:valve'],
    'One says that every valve is energized in cooling, another in heating, and each is right until the next house. The plate or the diagram inside the panel decides, never the last job.',
  ),
  round(
    'one-feed-clamped',
    'Full amps, and half the heat',
    'quarry-bench',
    ['strips:breaker-2'],
    'Amps at a feed tell what that circuit draws, amps at an element which one is dead. Whoever clamps one feed alone sees a good kit here: the other circuit has a breaker of its own.',
  ),
  round(
    'locked-out-and-dead',
    'Nothing heats on a mild day',
    'juniper-flume',
    ['open:contactor'],
    'A lockout spares the strips on mild days as long as the compressor runs. With the compressor dead it leaves the house cold, and only emergency heat goes round it: who believes in lockouts tells the owner so.',
    { outdoorF: 44, changes: [...SENSED, { path: 'gates.auxAboveF', value: 35 }] },
  ),
  round(
    'no-lockout',
    'The bill of a mild month',
    'juniper-flume',
    ['set:hasty-backup'],
    'Without a lockout nothing stands between a hasty thermostat and the strips, at 44 °F as at 4: who does without one sets droop and delay with care, and reads them back.',
    { outdoorF: 44, changes: [...SENSED, { path: 'gates.auxAboveF', value: null }] },
  ),
];
