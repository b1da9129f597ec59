import { climateById } from '../../balance/year/climates';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { choiceSetting, type Setting, worked } from '../setting';
import { flagAsOnOff, plainFact } from '../setting-fact';

/** Whether the cold is damp: as answered, or by the year's weather. */
const isDampCold = ({ schools, year }: Facts): boolean => schools.dampCold || climateById(year.weather).isDamp;

/** Outdoor board settings for defrost. */
export const DEFROST_SETTINGS: readonly Setting[] = [
  choiceSetting({
    id: 'defrost-interval',
    label: 'Defrost interval',
    on: ['outdoor'],
    meaning: 'Compressor run time with a cold coil between two defrosts.',
    decidedBy: 'How damp the winters are.',
    usual: 90,
    options: [30, 50, 60, 90].map((minutes) => ({ value: minutes, label: `${minutes} min` })),
    fact: plainFact('outdoorUnit.defrostIntervalMin', 'choice'),
    absent: ({ facts }) =>
      facts.outdoorUnit.defrostControl === 'demand' ? 'A demand board goes by its sensors.' : null,
    work: ({ facts }) =>
      isDampCold(facts)
        ? worked(60, 'Damp cold builds frost fast: 30 to 60 min.')
        : worked(90, 'Dry cold: every defrost avoided saves heat.'),
  }),
  choiceSetting({
    id: 'defrost-start',
    label: 'Defrost starts',
    on: ['outdoor'],
    meaning: 'Some boards can start a defrost sooner.',
    decidedBy: 'How damp the winters are.',
    usual: 'normal',
    options: [
      { value: 'normal', label: 'As usual' },
      { value: 'early', label: 'Sooner' },
    ],
    work: ({ facts }) =>
      isDampCold(facts) ? worked('early', 'Damp cold: clear the coil before it plugs.') : worked('normal', 'Dry cold.'),
  }),
  choiceSetting({
    id: 'defrost-stop',
    label: 'Maximum defrost time',
    on: ['outdoor'],
    meaning: 'Some boards allow more time, so it terminates on coil temperature and not on time.',
    decidedBy: 'How damp the winters are. A defrost that keeps timing out leaves ice.',
    usual: 'normal',
    options: [
      { value: 'normal', label: 'As usual' },
      { value: 'long', label: 'Longer' },
    ],
    work: ({ facts }) =>
      isDampCold(facts) ? worked('long', 'Damp cold: heavy frost takes time.') : worked('normal', 'Dry cold.'),
  }),
  choiceSetting({
    id: 'strips-in-defrost',
    label: 'Strips in defrost (tempering)',
    on: ['outdoor', 'indoor'],
    meaning: 'Turns on the strips during defrost so the registers do not blow cold.',
    decidedBy: 'Your method choice; never with a furnace behind an interlock.',
    after: ['backup-source'],
    usual: 'on',
    options: [
      { value: 'on', label: 'On' },
      { value: 'off', label: 'Off' },
    ],
    fact: flagAsOnOff('outdoorUnit.stripsInDefrost', 'choice'),
    absent: ({ facts }) => {
      if (backupOf(facts) === 'fossil')
        return 'A furnace call in defrost would stop the compressor mid-defrost: do not wire it.';
      if (kitRows(facts).length === 0) return 'No strips on this job.';
      return facts.outdoorUnit.wTerminals === 'none' ? 'The outdoor board has no W-out.' : null;
    },
    work: ({ facts: { schools, talk } }) => {
      if (talk.hatesCoolAir) return worked('on', 'Someone in the house dislikes cool air: strips warm it.');
      return schools.tempering === 'on'
        ? worked('on', 'Chosen: no cold air from the registers.')
        : worked('off', 'Chosen: a few cold minutes for a lower bill.');
    },
  }),
  choiceSetting({
    id: 'blower-in-defrost',
    label: 'Blower in defrost',
    on: ['indoor'],
    meaning: 'Whether the blower runs during defrost. Off, no one feels cold air and no strips are needed.',
    decidedBy:
      'Communicating, strips in defrost, and what the manufacturer allows: the defrost takes its heat from this air.',
    after: ['control-mode', 'strips-in-defrost'],
    usual: 'runs',
    options: [
      { value: 'runs', label: 'Runs' },
      { value: 'stops', label: 'Stops' },
    ],
    absent: ({ value }) =>
      value('control-mode') === 'communicating'
        ? null
        : 'With 24 V the thermostat keeps G on through defrost; the indoor board does not see the defrost.',
    work: ({ value, facts: { talk } }) => {
      if (value('strips-in-defrost') === 'on')
        return worked('runs', 'Strips come on in defrost and must have airflow.');
      return talk.hatesCoolAir
        ? worked(
            'stops',
            'Someone in the house dislikes cool air, and no strips warm it. Only where the manufacturer allows it.',
          )
        : worked('runs', 'The defrost takes its heat from this air and ends sooner.');
    },
  }),
];
