import { entriesIn, jumper, option, switches } from './builders';
import type { ControllerProfile } from './profile';

const entry = entriesIn('board');

/** A made-up outdoor board: three switch banks and one jumper block, read only at power-up. */
export const stonecrop: ControllerProfile = {
  format: 'gate-cross-controller',
  fileVersion: 1,
  id: 'stonecrop-outdoor',
  name: 'Stonecrop',
  role: 'outdoor',
  about:
    'A made-up outdoor board: three banks of switches and a block with one jumper. It reads them only when power comes on.',
  scopes: [{ id: 'board', label: 'This board' }],
  before: [
    'Open and lock out the disconnect. Verify dead: the capacitor holds a charge and the board carries line voltage.',
  ],
  enter: ['Take the panel off. The switches are under the clear cover.'],
  save: [],
  activate: ['Panel on, disconnect closed: the board reads its switches as power comes on.'],
  readBack: ['Before the cover goes back on, check each bank against the drawing.'],
  delays: [{ label: 'Compressor waits after power-up', seconds: 300 }],
  banks: [
    { id: 'P', label: 'Bank P', switches: 4 },
    { id: 'R', label: 'Bank R', switches: 2 },
    { id: 'V', label: 'Bank V', switches: 4 },
  ],
  jumpers: [{ id: 'T', label: 'Block T, defrost', pins: ['30', '60', '90'] }],
  entries: [
    entry(
      'T',
      'Minutes between defrosts',
      jumper(
        'T',
        option('30', '30 min', { 'defrost-interval': 30 }),
        option('60', '60 min', { 'defrost-interval': 60 }),
        option('90', '90 min', { 'defrost-interval': 90 }),
      ),
      { factory: '90' },
    ),
    entry(
      'P1',
      'Defrost starts',
      switches(
        'P',
        [1],
        option('0', 'As usual', { 'defrost-start': 'normal' }),
        option('1', 'Sooner', { 'defrost-start': 'early' }),
      ),
      { factory: '0' },
    ),
    entry(
      'P2',
      'Maximum defrost time',
      switches(
        'P',
        [2],
        option('0', '10 min', { 'defrost-stop': 'normal' }),
        option('1', '14 min', { 'defrost-stop': 'long' }),
      ),
      { factory: '0' },
    ),
    entry(
      'P3-4',
      'Compressor minimum off time',
      switches(
        'P',
        [3, 4],
        option('00', '5 min', { 'compressor-min-off': 5 }),
        option('10', '3 min', { 'compressor-min-off': 3 }),
        option('01', '2 min', { 'compressor-min-off': 2 }),
        option('11', '8 min', { 'compressor-min-off': 8 }),
      ),
      { factory: '00' },
    ),
    entry(
      'R1',
      'Strips in defrost',
      switches(
        'R',
        [1],
        option('0', 'No', { 'strips-in-defrost': 'off' }),
        option('1', 'Yes', { 'strips-in-defrost': 'on' }),
      ),
      { factory: '1' },
    ),
    entry(
      'R2',
      'Control',
      switches(
        'R',
        [2],
        option('0', 'Communicating', { 'control-mode': 'communicating' }),
        option('1', '24 V', { 'control-mode': '24-volt' }),
      ),
      { factory: '0' },
    ),
    entry(
      'V1-2',
      'Low-temperature cutoff',
      switches(
        'V',
        [1, 2],
        option('00', 'Never', { 'low-ambient-cut-out': null }),
        option('10', '0 °F', { 'low-ambient-cut-out': 0 }),
        option('01', '10 °F', { 'low-ambient-cut-out': 10 }),
        option('11', '20 °F', { 'low-ambient-cut-out': 20 }),
      ),
      { factory: '00' },
    ),
    entry(
      'V3',
      'Adaptive speed',
      switches(
        'V',
        [3],
        option('0', 'No', { 'adaptive-capacity': 'off' }),
        option('1', 'Yes', { 'adaptive-capacity': 'on' }),
      ),
      { factory: '1', note: 'Ignored by boards for single-speed compressors.' },
    ),
    entry(
      'V4',
      'Fast ramp-up',
      switches(
        'V',
        [4],
        option('0', 'No', { 'accelerated-capacity': 'off' }),
        option('1', 'Yes', { 'accelerated-capacity': 'on' }),
      ),
      { factory: '0', note: 'Ignored by boards for single-speed compressors.' },
    ),
  ],
};
