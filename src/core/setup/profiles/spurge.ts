import { entriesIn, menu, number, option, when } from './builders';
import type { ControllerProfile } from './profile';

const entry = entriesIn('this');

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
    entry(
      'Q1',
      'What makes the heat?',
      menu(
        option('furnace', 'A furnace alone', { 'system-type': 'conventional' }),
        option('pump', 'A heat pump', { 'system-type': 'heat-pump' }),
        option('both', 'A heat pump and a furnace', {
          'system-type': 'dual-fuel',
          'backup-source': 'fossil',
          'backup-with-heat-pump': 'apart',
        }),
      ),
    ),
    entry(
      'Q2',
      'How many compressor wires?',
      menu(option('one', 'One', { 'compressor-stages': 1 }), option('two', 'Two', { 'compressor-stages': 2 })),
      { shownWhen: when('Q1', 'pump', 'both') },
    ),
    entry(
      'Q3',
      'When is the reversing-valve wire hot?',
      menu(
        option('cooling', 'In cooling', { 'reversing-valve': 'O' }),
        option('heating', 'In heating', { 'reversing-valve': 'B' }),
      ),
      { shownWhen: when('Q1', 'pump', 'both') },
    ),
    entry(
      'Q4',
      'Is there electric backup?',
      menu(option('yes', 'Yes', { 'backup-source': 'electric' }), option('no', 'No', { 'backup-source': 'none' })),
      { shownWhen: when('Q1', 'pump') },
    ),
    entry(
      'Q5',
      'May it run with the compressor?',
      menu(
        option('yes', 'Yes', { 'backup-with-heat-pump': 'together' }),
        option('no', 'No, in emergency only', { 'backup-with-heat-pump': 'emergency-only' }),
      ),
      { shownWhen: when('Q4', 'yes') },
    ),
    entry(
      'Q6',
      'Backup if the heat pump fails?',
      menu(option('yes', 'Yes', { 'emergency-on-fault': 'on' }), option('no', 'No', { 'emergency-on-fault': 'off' })),
      { shownWhen: { any: [when('Q4', 'yes'), when('Q1', 'both')] } },
    ),
    entry(
      'Q6b',
      'Who starts the blower for it?',
      menu(
        option('I', 'I do', { 'fan-in-heat': 'thermostat' }),
        option('it', 'The indoor unit', { 'fan-in-heat': 'equipment' }),
      ),
      { shownWhen: { any: [when('Q4', 'yes'), when('Q1', 'both')] } },
    ),
    entry(
      'Q7',
      'How is it outside?',
      menu(
        option('none', 'I do not know', { 'outdoor-source': 'none' }),
        option('wire', 'A wire tells me', { 'outdoor-source': 'wired' }),
        option('radio', 'A sensor tells me by radio', { 'outdoor-source': 'wireless' }),
        option('net', 'The network tells me', { 'outdoor-source': 'weather' }),
      ),
    ),
    entry(
      'Q8',
      'Lock out the compressor below (°C)',
      number('compressor-lockout', [-25, 15], 0.5, { scale: 'celsius', none: 'never' }),
      { shownWhen: { all: [when('Q7', 'wire', 'radio', 'net'), when('Q1', 'pump', 'both')] } },
    ),
    entry(
      'Q9',
      'Lock out the backup above (°C)',
      number('aux-lockout', [-20, 20], 0.5, { scale: 'celsius', none: 'never' }),
      { shownWhen: { all: [when('Q7', 'wire', 'radio', 'net'), { any: [when('Q4', 'yes'), when('Q1', 'both')] }] } },
    ),
    entry(
      'Q10',
      'How soon should backup help?',
      menu(
        option('soon', 'At once', { droop: 0 }),
        option('later', 'At 2 °F', { droop: 2 }),
        option('last', 'At 3 °F', { droop: 3 }),
      ),
      { shownWhen: { any: [when('Q5', 'yes'), when('Q1', 'both')] } },
    ),
    entry(
      'Q11',
      'Start early to be warm in time?',
      menu(option('yes', 'Yes', { 'adaptive-recovery': 'on' }), option('no', 'No', { 'adaptive-recovery': 'off' })),
    ),
    entry(
      'Q12',
      'Switch to cooling automatically?',
      menu(option('yes', 'Yes', { changeover: 'auto' }), option('no', 'No', { changeover: 'manual' })),
    ),
    entry('Q13', 'How far apart are heat and cool?', number('deadband', [2, 6], 1), { shownWhen: when('Q12', 'yes') }),
    entry(
      'Q14',
      'Which degrees?',
      menu(option('F', '°F', { 'temperature-scale': 'F' }), option('C', '°C', { 'temperature-scale': 'C' })),
    ),
    entry(
      'Q15',
      'Who may change it?',
      menu(
        option('all', 'Everyone', { lock: 'none' }),
        option('little', 'Everyone, a little', { lock: 'partial' }),
        option('code', 'Whoever has the code', { lock: 'full' }),
      ),
    ),
    entry(
      'Q16',
      'How hard should I chase the setpoint?',
      menu(
        option('calm', 'Calmly', { response: 'calm' }),
        option('usual', 'As usual', { response: 'usual' }),
        option('brisk', 'Briskly', { response: 'brisk' }),
      ),
    ),
    entry(
      'Q17',
      'Which sensor should I use?',
      menu(
        option('mine', 'Mine', { 'sensing-place': 'here' }),
        option('other', 'The other room’s', { 'sensing-place': 'remote' }),
        option('both', 'Both', { 'sensing-place': 'average' }),
      ),
    ),
    entry(
      'Q18',
      'Should I stay lit?',
      menu(option('yes', 'Yes', { screen: 'always' }), option('no', 'Only at a touch', { screen: 'touch' })),
    ),
  ],
};
