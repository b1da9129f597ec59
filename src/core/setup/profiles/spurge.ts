import type { ControllerProfile } from './profile';

/**
 * A made-up thermostat that asks questions one after another; each depends on the answers before. It displays °C in
 * setup.
 */
export const spurge: ControllerProfile = {
  format: 'gate-cross-controller',
  fileVersion: 1,
  id: 'spurge-questions',
  name: 'Spurge',
  role: 'thermostat',
  about:
    'A made-up thermostat that asks one question after another; the next question follows from the answer. It shows °C inside its setup.',
  scopes: [{ id: 'this', label: 'This thermostat' }],
  before: [],
  enter: ['Remove the faceplate and press the pinhole once: the first question appears.'],
  save: ['After the last question choose “keep”. Leaving earlier discards every answer.'],
  activate: [],
  readBack: ['Press the pin hole once, and choose “show answers”.'],
  delays: [{ label: 'Compressor delay after the faceplate goes back on', seconds: 180 }],
  banks: [],
  jumpers: [],
  entries: [
    {
      code: 'Q1',
      label: 'What makes the heat?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'furnace', label: 'A furnace alone', means: { 'system-type': 'conventional' } },
          { code: 'pump', label: 'A heat pump', means: { 'system-type': 'heat-pump' } },
          {
            code: 'both',
            label: 'A heat pump and a furnace',
            means: { 'system-type': 'dual-fuel', 'backup-source': 'fossil', 'backup-with-heat-pump': 'apart' },
          },
        ],
      },
    },
    {
      code: 'Q2',
      label: 'How many compressor wires?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'one', label: 'One', means: { 'compressor-stages': 1 } },
          { code: 'two', label: 'Two', means: { 'compressor-stages': 2 } },
        ],
      },
      shownWhen: { entry: 'Q1', is: ['pump', 'both'] },
    },
    {
      code: 'Q3',
      label: 'When is the reversing-valve wire hot?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'cooling', label: 'In cooling', means: { 'reversing-valve': 'O' } },
          { code: 'heating', label: 'In heating', means: { 'reversing-valve': 'B' } },
        ],
      },
      shownWhen: { entry: 'Q1', is: ['pump', 'both'] },
    },
    {
      code: 'Q4',
      label: 'Is there electric backup?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'yes', label: 'Yes', means: { 'backup-source': 'electric' } },
          { code: 'no', label: 'No', means: { 'backup-source': 'none' } },
        ],
      },
      shownWhen: { entry: 'Q1', is: ['pump'] },
    },
    {
      code: 'Q5',
      label: 'May it run with the compressor?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'yes', label: 'Yes', means: { 'backup-with-heat-pump': 'together' } },
          { code: 'no', label: 'No, in emergency only', means: { 'backup-with-heat-pump': 'emergency-only' } },
        ],
      },
      shownWhen: { entry: 'Q4', is: ['yes'] },
    },
    {
      code: 'Q6',
      label: 'Backup if the heat pump fails?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'yes', label: 'Yes', means: { 'emergency-on-fault': 'on' } },
          { code: 'no', label: 'No', means: { 'emergency-on-fault': 'off' } },
        ],
      },
      shownWhen: {
        any: [
          { entry: 'Q4', is: ['yes'] },
          { entry: 'Q1', is: ['both'] },
        ],
      },
    },
    {
      code: 'Q6b',
      label: 'Who starts the blower for it?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'I', label: 'I do', means: { 'fan-in-heat': 'thermostat' } },
          { code: 'it', label: 'The indoor unit', means: { 'fan-in-heat': 'equipment' } },
        ],
      },
      shownWhen: {
        any: [
          { entry: 'Q4', is: ['yes'] },
          { entry: 'Q1', is: ['both'] },
        ],
      },
    },
    {
      code: 'Q7',
      label: 'How is it outside?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'none', label: 'I do not know', means: { 'outdoor-source': 'none' } },
          { code: 'wire', label: 'A wire tells me', means: { 'outdoor-source': 'wired' } },
          { code: 'radio', label: 'A sensor tells me by radio', means: { 'outdoor-source': 'wireless' } },
          { code: 'net', label: 'The network tells me', means: { 'outdoor-source': 'weather' } },
        ],
      },
    },
    {
      code: 'Q8',
      label: 'Lock out the compressor below (°C)',
      scope: 'this',
      form: {
        kind: 'number',
        setting: 'compressor-lockout',
        min: -25,
        max: 15,
        step: 0.5,
        scale: 'celsius',
        none: 'never',
      },
      shownWhen: {
        all: [
          { entry: 'Q7', is: ['wire', 'radio', 'net'] },
          { entry: 'Q1', is: ['pump', 'both'] },
        ],
      },
    },
    {
      code: 'Q9',
      label: 'Lock out the backup above (°C)',
      scope: 'this',
      form: { kind: 'number', setting: 'aux-lockout', min: -20, max: 20, step: 0.5, scale: 'celsius', none: 'never' },
      shownWhen: {
        all: [
          { entry: 'Q7', is: ['wire', 'radio', 'net'] },
          {
            any: [
              { entry: 'Q4', is: ['yes'] },
              { entry: 'Q1', is: ['both'] },
            ],
          },
        ],
      },
    },
    {
      code: 'Q10',
      label: 'How soon should backup help?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'soon', label: 'At once', means: { droop: 0 } },
          { code: 'later', label: 'At 2 °F', means: { droop: 2 } },
          { code: 'last', label: 'At 3 °F', means: { droop: 3 } },
        ],
      },
      shownWhen: {
        any: [
          { entry: 'Q5', is: ['yes'] },
          { entry: 'Q1', is: ['both'] },
        ],
      },
    },
    {
      code: 'Q11',
      label: 'Start early to be warm in time?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'yes', label: 'Yes', means: { 'adaptive-recovery': 'on' } },
          { code: 'no', label: 'No', means: { 'adaptive-recovery': 'off' } },
        ],
      },
    },
    {
      code: 'Q12',
      label: 'Switch to cooling automatically?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'yes', label: 'Yes', means: { changeover: 'auto' } },
          { code: 'no', label: 'No', means: { changeover: 'manual' } },
        ],
      },
    },
    {
      code: 'Q13',
      label: 'How far apart are heat and cool?',
      scope: 'this',
      form: { kind: 'number', setting: 'deadband', min: 2, max: 6, step: 1, scale: 'plain' },
      shownWhen: { entry: 'Q12', is: ['yes'] },
    },
    {
      code: 'Q14',
      label: 'Which degrees?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'F', label: '°F', means: { 'temperature-scale': 'F' } },
          { code: 'C', label: '°C', means: { 'temperature-scale': 'C' } },
        ],
      },
    },
    {
      code: 'Q15',
      label: 'Who may change it?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'all', label: 'Everyone', means: { lock: 'none' } },
          { code: 'little', label: 'Everyone, a little', means: { lock: 'partial' } },
          { code: 'code', label: 'Whoever has the code', means: { lock: 'full' } },
        ],
      },
    },
    {
      code: 'Q16',
      label: 'How hard should I chase the setpoint?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'calm', label: 'Calmly', means: { response: 'calm' } },
          { code: 'usual', label: 'As usual', means: { response: 'usual' } },
          { code: 'brisk', label: 'Briskly', means: { response: 'brisk' } },
        ],
      },
    },
    {
      code: 'Q17',
      label: 'Which sensor should I use?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'mine', label: 'Mine', means: { 'sensing-place': 'here' } },
          { code: 'other', label: 'The other room’s', means: { 'sensing-place': 'remote' } },
          { code: 'both', label: 'Both', means: { 'sensing-place': 'average' } },
        ],
      },
    },
    {
      code: 'Q18',
      label: 'Should I stay lit?',
      scope: 'this',
      form: {
        kind: 'menu',
        options: [
          { code: 'yes', label: 'Yes', means: { screen: 'always' } },
          { code: 'no', label: 'Only at a touch', means: { screen: 'touch' } },
        ],
      },
    },
  ],
};
