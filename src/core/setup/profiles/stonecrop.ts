import type { ControllerProfile } from './profile';

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
    {
      code: 'T',
      label: 'Minutes between defrosts',
      scope: 'board',
      form: {
        kind: 'jumper',
        block: 'T',
        options: [
          { code: '30', label: '30 min', means: { 'defrost-interval': 30 } },
          { code: '60', label: '60 min', means: { 'defrost-interval': 60 } },
          { code: '90', label: '90 min', means: { 'defrost-interval': 90 } },
        ],
      },
      factory: '90',
    },
    {
      code: 'P1',
      label: 'Defrost starts',
      scope: 'board',
      form: {
        kind: 'switches',
        bank: 'P',
        positions: [1],
        options: [
          { code: '0', label: 'As usual', means: { 'defrost-start': 'normal' } },
          { code: '1', label: 'Sooner', means: { 'defrost-start': 'early' } },
        ],
      },
      factory: '0',
    },
    {
      code: 'P2',
      label: 'Maximum defrost time',
      scope: 'board',
      form: {
        kind: 'switches',
        bank: 'P',
        positions: [2],
        options: [
          { code: '0', label: '10 min', means: { 'defrost-stop': 'normal' } },
          { code: '1', label: '14 min', means: { 'defrost-stop': 'long' } },
        ],
      },
      factory: '0',
    },
    {
      code: 'P3-4',
      label: 'Compressor minimum off time',
      scope: 'board',
      form: {
        kind: 'switches',
        bank: 'P',
        positions: [3, 4],
        options: [
          { code: '00', label: '5 min', means: { 'compressor-min-off': 5 } },
          { code: '10', label: '3 min', means: { 'compressor-min-off': 3 } },
          { code: '01', label: '2 min', means: { 'compressor-min-off': 2 } },
          { code: '11', label: '8 min', means: { 'compressor-min-off': 8 } },
        ],
      },
      factory: '00',
    },
    {
      code: 'R1',
      label: 'Strips in defrost',
      scope: 'board',
      form: {
        kind: 'switches',
        bank: 'R',
        positions: [1],
        options: [
          { code: '0', label: 'No', means: { 'strips-in-defrost': 'off' } },
          { code: '1', label: 'Yes', means: { 'strips-in-defrost': 'on' } },
        ],
      },
      factory: '1',
    },
    {
      code: 'R2',
      label: 'Control',
      scope: 'board',
      form: {
        kind: 'switches',
        bank: 'R',
        positions: [2],
        options: [
          { code: '0', label: 'Communicating', means: { 'control-mode': 'communicating' } },
          { code: '1', label: '24 V', means: { 'control-mode': '24-volt' } },
        ],
      },
      factory: '0',
    },
    {
      code: 'V1-2',
      label: 'Low-temperature cutoff',
      scope: 'board',
      form: {
        kind: 'switches',
        bank: 'V',
        positions: [1, 2],
        options: [
          { code: '00', label: 'Never', means: { 'low-ambient-cut-out': null } },
          { code: '10', label: '0 °F', means: { 'low-ambient-cut-out': 0 } },
          { code: '01', label: '10 °F', means: { 'low-ambient-cut-out': 10 } },
          { code: '11', label: '20 °F', means: { 'low-ambient-cut-out': 20 } },
        ],
      },
      factory: '00',
    },
    {
      code: 'V3',
      label: 'Adaptive speed',
      scope: 'board',
      form: {
        kind: 'switches',
        bank: 'V',
        positions: [3],
        options: [
          { code: '0', label: 'No', means: { 'adaptive-capacity': 'off' } },
          { code: '1', label: 'Yes', means: { 'adaptive-capacity': 'on' } },
        ],
      },
      factory: '1',
      note: 'Ignored by boards for single-speed compressors.',
    },
    {
      code: 'V4',
      label: 'Fast ramp-up',
      scope: 'board',
      form: {
        kind: 'switches',
        bank: 'V',
        positions: [4],
        options: [
          { code: '0', label: 'No', means: { 'accelerated-capacity': 'off' } },
          { code: '1', label: 'Yes', means: { 'accelerated-capacity': 'on' } },
        ],
      },
      factory: '0',
      note: 'Ignored by boards for single-speed compressors.',
    },
  ],
};
