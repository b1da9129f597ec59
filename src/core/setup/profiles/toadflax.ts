import { entriesIn, menu, number, option, when } from './builders';
import type { ControllerProfile } from './profile';

const unitEntry = entriesIn('unit');
const groupEntry = entriesIn('group');

/**
 * A made-up indoor board with one knob and a six-character display. Values for the air handler and for the system are
 * stored separately and take effect only after a start.
 */
export const toadflax: ControllerProfile = {
  format: 'gate-cross-controller',
  fileVersion: 1,
  id: 'toadflax-indoor',
  name: 'Toadflax',
  role: 'indoor',
  about:
    'A made-up indoor board with one knob, a six-character display and eight lamps. The lists for the air handler and for the system are stored separately and take effect only after a start.',
  scopes: [
    { id: 'unit', label: 'This air handler' },
    { id: 'group', label: 'The whole system' },
  ],
  before: ['Set the thermostat to Off.', 'Wait until the blower stops and the display shows REST.'],
  enter: [
    'Press the knob and turn it left, pressed, until all eight lamps are lit.',
    'Turn the knob to go from item to item. Press it to open an item, turn it to change the value, press it to close the item.',
  ],
  save: [
    'Turn the knob to STORE and hold it pressed until the lamps go out one by one: this list is saved but not yet active.',
  ],
  activate: [
    'Turn the knob to START and press it.',
    'Turn it right until all eight lamps are lit. The board restarts; until then it uses the old values.',
  ],
  readBack: ['With the setup closed, turn the knob slowly: the display shows each item with the value in force.'],
  delays: [
    { label: 'Board restarts after activation', seconds: 90 },
    { label: 'Delays every call after power-up', seconds: 240 },
  ],
  banks: [],
  jumpers: [],
  entries: [
    unitEntry(
      'CTRL',
      'Control wires',
      menu(
        option('BUS', 'Communicating', { 'control-mode': 'communicating' }),
        option('24V', '24 V', { 'control-mode': '24-volt' }),
      ),
      {
        factory: 'BUS',
        isLasting: true,
        note: 'Once 24V is stored, the communicating terminals are disabled for good.',
      },
    ),
    unitEntry(
      'DUCT',
      'Static pressure, tenths of in. w.c.',
      number('external-static', [1, 9], 1, { scale: 'tenths' }),
      { factory: '5' },
    ),
    unitEntry('AIR-C', 'Airflow, cooling', number('airflow-cooling', [400, 2000], 25), { factory: '1200' }),
    unitEntry('AIR-H', 'Airflow, heat pump only', number('airflow-heating', [400, 2000], 25), { factory: '1200' }),
    unitEntry(
      'KIT',
      'Heat kit',
      menu(
        option('0.0', 'None', { 'kit-size': 0 }),
        option('4.8', '4.8 kW', { 'kit-size': 4.8 }),
        option('7.2', '7.2 kW', { 'kit-size': 7.2 }),
        option('9.6', '9.6 kW', { 'kit-size': 9.6 }),
        option('14.4', '14.4 kW', { 'kit-size': 14.4 }),
        option('19.2', '19.2 kW', { 'kit-size': 19.2 }),
      ),
      { factory: '0.0' },
    ),
    unitEntry('AIR-K', 'Airflow, kit on', number('airflow-strips', [400, 2000], 25), {
      shownWhen: when('KIT', '4.8', '7.2', '9.6', '14.4', '19.2'),
      factory: '1200',
    }),
    unitEntry('OFF-C', 'Blower off-delay, cool, seconds', number('fan-after-cool', [0, 180], 15), { factory: '45' }),
    unitEntry('OFF-H', 'Blower off-delay, heat, seconds', number('fan-after-heat', [0, 180], 15), { factory: '60' }),
    unitEntry(
      'IDLE',
      'Blower between calls',
      menu(
        option('STOP', 'Stops', { 'blower-when-satisfied': 'off' }),
        option('SLOW', 'Low speed', { 'blower-when-satisfied': 'low' }),
        option('FULL', 'Heating speed', { 'blower-when-satisfied': 'on' }),
      ),
      { shownWhen: when('CTRL', 'BUS'), factory: 'SLOW' },
    ),
    unitEntry(
      'WARM',
      'Blower waits for a warm coil',
      menu(option('YES', 'Yes', { 'blower-hold': 'on' }), option('NO', 'No', { 'blower-hold': 'off' })),
      { shownWhen: when('CTRL', 'BUS'), factory: 'NO' },
    ),
    unitEntry(
      'DEF-B',
      'Blower during defrost',
      menu(
        option('RUN', 'Runs', { 'blower-in-defrost': 'runs' }),
        option('STOP', 'Stops', { 'blower-in-defrost': 'stops' }),
      ),
      { shownWhen: when('CTRL', 'BUS'), factory: 'RUN' },
    ),
    groupEntry(
      'BY',
      'Kit controlled by',
      menu(
        option('STAT', 'Thermostat', { 'backup-control': 'thermostat' }),
        option('SWCH', 'Outdoor switches', { 'backup-control': 'outdoor-thermostats' }),
        option('OUTD', 'Outdoor board', { 'backup-control': 'outdoor-board' }),
      ),
      { factory: 'STAT' },
    ),
    groupEntry(
      'ON-AT',
      'Kit on, tenths of a degree below setpoint',
      number('aux-on-point', [5, 60], 5, { scale: 'tenths' }),
      { factory: '20' },
    ),
    groupEntry(
      'OFF-AT',
      'Kit off, tenths of a degree below setpoint',
      number('aux-off-point', [0, 50], 5, { scale: 'tenths' }),
      { factory: '10' },
    ),
    groupEntry('WAIT', 'Kit waits, minutes', number('board-backup-delay', [0, 60], 5), {
      shownWhen: { entry: 'KIT', scope: 'unit', is: ['4.8', '7.2', '9.6', '14.4', '19.2'] },
      factory: '0',
    }),
    groupEntry(
      'DEF-K',
      'Kit during defrost',
      menu(option('NO', 'Off', { 'strips-in-defrost': 'off' }), option('YES', 'On', { 'strips-in-defrost': 'on' })),
      { shownWhen: { entry: 'KIT', scope: 'unit', is: ['4.8', '7.2', '9.6', '14.4', '19.2'] }, factory: 'YES' },
    ),
    groupEntry(
      'FAULT',
      'Heat pump fault',
      menu(
        option('OFF', 'Kit stays off', { 'emergency-on-fault': 'off' }),
        option('ON', 'Kit takes over', { 'emergency-on-fault': 'on' }),
      ),
      { factory: 'OFF' },
    ),
  ],
};
