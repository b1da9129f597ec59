import type { ControllerProfile } from './profile';

/**
 * A made-up indoor board with a two-digit display: a mode, a number in it, and an option. Settings of the unit and of
 * the group are saved apart, and come into force only when activated.
 */
export const toadflax: ControllerProfile = {
  format: 'gate-cross-controller',
  fileVersion: 1,
  id: 'toadflax-indoor',
  name: 'Toadflax',
  role: 'indoor',
  about:
    'A made-up indoor board with a two-digit display: mode, number, option. Unit and group settings are saved separately and take effect only when activated.',
  scopes: [
    { id: 'unit', label: 'This unit' },
    { id: 'group', label: 'The group' },
  ],
  before: ['Set the thermostat to Off.', 'Wait until the blower stops and the display shows two dots.'],
  enter: [
    'Hold MODE and UP together until the mode letter blinks.',
    'UP steps to the next number; OPTION steps through its options.',
  ],
  save: ['Hold OPTION until the display shows a bar: this group of settings is saved but not yet active.'],
  activate: [
    'Go to mode Z, number 00.',
    'Press OPTION three times. The board restarts; until then it uses the old values.',
  ],
  readBack: ['Hold UP alone: the board shows each number and the option in force.'],
  delays: [
    { label: 'Board restarts after activation', seconds: 90 },
    { label: 'Delays every call after power-up', seconds: 240 },
  ],
  banks: [],
  jumpers: [],
  entries: [
    {
      code: 'A-01',
      label: 'Control',
      scope: 'unit',
      form: {
        kind: 'menu',
        options: [
          { code: '1', label: 'Communicating', means: { 'control-mode': 'communicating' } },
          { code: '2', label: '24 V', means: { 'control-mode': '24-volt' } },
        ],
      },
      path: 'Mode A · number 01',
      factory: '1',
      isLasting: true,
      note: 'Once saved as 24 V, the communicating terminals are disabled for good.',
    },
    {
      code: 'A-04',
      label: 'Heat kit',
      scope: 'unit',
      form: {
        kind: 'menu',
        options: [
          { code: '0', label: 'None', means: { 'kit-size': 0 } },
          { code: '1', label: '4.8 kW', means: { 'kit-size': 4.8 } },
          { code: '2', label: '7.2 kW', means: { 'kit-size': 7.2 } },
          { code: '3', label: '9.6 kW', means: { 'kit-size': 9.6 } },
          { code: '4', label: '14.4 kW', means: { 'kit-size': 14.4 } },
          { code: '5', label: '19.2 kW', means: { 'kit-size': 19.2 } },
        ],
      },
      path: 'Mode A · number 04',
      factory: '0',
    },
    {
      code: 'A-05',
      label: 'Static pressure, tenths of in. w.c.',
      scope: 'unit',
      form: { kind: 'number', setting: 'external-static', min: 1, max: 9, step: 1, scale: 'tenths' },
      path: 'Mode A · number 05',
      factory: '5',
    },
    {
      code: 'A-06',
      label: 'Airflow, heat pump',
      scope: 'unit',
      form: { kind: 'number', setting: 'airflow-heating', min: 400, max: 2000, step: 25, scale: 'plain' },
      path: 'Mode A · number 06',
      factory: '1200',
    },
    {
      code: 'A-07',
      label: 'Airflow, with kit',
      scope: 'unit',
      form: { kind: 'number', setting: 'airflow-strips', min: 400, max: 2000, step: 25, scale: 'plain' },
      path: 'Mode A · number 07',
      shownWhen: { entry: 'A-04', is: ['1', '2', '3', '4', '5'] },
      factory: '1200',
    },
    {
      code: 'A-08',
      label: 'Airflow, cooling',
      scope: 'unit',
      form: { kind: 'number', setting: 'airflow-cooling', min: 400, max: 2000, step: 25, scale: 'plain' },
      path: 'Mode A · number 08',
      factory: '1200',
    },
    {
      code: 'A-09',
      label: 'Blower delay until coil is warm',
      scope: 'unit',
      form: {
        kind: 'menu',
        options: [
          { code: '1', label: 'Yes', means: { 'blower-hold': 'on' } },
          { code: '2', label: 'No', means: { 'blower-hold': 'off' } },
        ],
      },
      path: 'Mode A · number 09',
      shownWhen: { entry: 'A-01', is: ['1'] },
      factory: '2',
    },
    {
      code: 'A-10',
      label: 'Blower in defrost',
      scope: 'unit',
      form: {
        kind: 'menu',
        options: [
          { code: '1', label: 'Runs', means: { 'blower-in-defrost': 'runs' } },
          { code: '2', label: 'Stops', means: { 'blower-in-defrost': 'stops' } },
        ],
      },
      path: 'Mode A · number 10',
      shownWhen: { entry: 'A-01', is: ['1'] },
      factory: '1',
    },
    {
      code: 'A-11',
      label: 'Blower between calls',
      scope: 'unit',
      form: {
        kind: 'menu',
        options: [
          { code: '1', label: 'Stops', means: { 'blower-when-satisfied': 'off' } },
          { code: '2', label: 'Slow', means: { 'blower-when-satisfied': 'low' } },
          { code: '3', label: 'As set', means: { 'blower-when-satisfied': 'on' } },
        ],
      },
      path: 'Mode A · number 11',
      shownWhen: { entry: 'A-01', is: ['1'] },
      factory: '2',
    },
    {
      code: 'A-12',
      label: 'Blower after heat, seconds',
      scope: 'unit',
      form: { kind: 'number', setting: 'fan-after-heat', min: 0, max: 180, step: 15, scale: 'plain' },
      path: 'Mode A · number 12',
      factory: '60',
    },
    {
      code: 'A-13',
      label: 'Blower after cool, seconds',
      scope: 'unit',
      form: { kind: 'number', setting: 'fan-after-cool', min: 0, max: 180, step: 15, scale: 'plain' },
      path: 'Mode A · number 13',
      factory: '45',
    },
    {
      code: 'B-02',
      label: 'Kit on a heat-pump fault',
      scope: 'group',
      form: {
        kind: 'menu',
        options: [
          { code: '1', label: 'Stays off', means: { 'emergency-on-fault': 'off' } },
          { code: '2', label: 'Takes over', means: { 'emergency-on-fault': 'on' } },
        ],
      },
      path: 'Mode B · number 02',
      factory: '1',
    },
    {
      code: 'B-03',
      label: 'Kit controlled by',
      scope: 'group',
      form: {
        kind: 'menu',
        options: [
          { code: '1', label: 'Thermostat', means: { 'backup-control': 'thermostat' } },
          { code: '2', label: 'Outdoor switch', means: { 'backup-control': 'outdoor-thermostats' } },
          { code: '3', label: 'Outdoor board', means: { 'backup-control': 'outdoor-board' } },
        ],
      },
      path: 'Mode B · number 03',
      factory: '1',
    },
    {
      code: 'B-05',
      label: 'Kit on, tenths of a degree below setpoint',
      scope: 'group',
      form: { kind: 'number', setting: 'aux-on-point', min: 5, max: 60, step: 5, scale: 'tenths' },
      path: 'Mode B · number 05',
      factory: '20',
    },
    {
      code: 'B-06',
      label: 'Kit off, tenths of a degree below setpoint',
      scope: 'group',
      form: { kind: 'number', setting: 'aux-off-point', min: 0, max: 50, step: 5, scale: 'tenths' },
      path: 'Mode B · number 06',
      factory: '10',
    },
    {
      code: 'B-07',
      label: 'Kit in defrost',
      scope: 'group',
      form: {
        kind: 'menu',
        options: [
          { code: '1', label: 'No', means: { 'strips-in-defrost': 'off' } },
          { code: '2', label: 'Yes', means: { 'strips-in-defrost': 'on' } },
        ],
      },
      path: 'Mode B · number 07',
      shownWhen: { entry: 'A-04', scope: 'unit', is: ['1', '2', '3', '4', '5'] },
      factory: '2',
    },
    {
      code: 'B-08',
      label: 'Kit delay, minutes',
      scope: 'group',
      form: { kind: 'number', setting: 'board-backup-delay', min: 0, max: 60, step: 5, scale: 'plain' },
      path: 'Mode B · number 08',
      shownWhen: { entry: 'A-04', scope: 'unit', is: ['1', '2', '3', '4', '5'] },
      factory: '0',
    },
  ],
};
