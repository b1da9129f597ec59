import { climateById } from '../../balance/year/climates';
import { backupOf } from '../../job/backup';
import type { FactPath } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { ratedTons } from '../../job/rated-tons';
import { jobElements } from '../../strips/from-job';
import { roundTo } from '../../units/round';
import { choiceSetting, numberSetting, type Setting, worked } from '../setting';
import { plainFact } from '../setting-fact';
import type { SettingId } from '../setting-id';
import { FAN_AFTER_HEAT } from './fan-after-heat';

const airflow = (id: SettingId, label: string, path: FactPath, fact: 'heatCfm' | 'auxCfm' | 'coolCfm'): Setting =>
  numberSetting({
    id,
    label,
    on: ['indoor'],
    meaning: 'What the blower is to move in that call.',
    decidedBy: 'The outdoor unit’s size and the kit’s least airflow; the maker’s table turns it into a tap or code.',
    usual: null,
    unit: 'CFM',
    min: 200,
    max: 3000,
    step: 25,
    fact: plainFact(path, 'choice'),
    work: ({ facts }) => {
      const cfm = facts.airHandler[fact];
      const perTon = `${cfm} CFM is ${Math.round(cfm / ratedTons(facts))} for each ton of heat at the warmest rating.`;
      const leastCfm = facts.heatKit.minCfm;
      if (fact !== 'auxCfm' || kitRows(facts).length === 0)
        return worked(cfm, 'The Sheet’s figure, from the blower table.', perTon);
      return cfm >= leastCfm
        ? worked(cfm, 'The Sheet’s figure, from the blower table.', `The kit wants at least ${leastCfm} CFM.`)
        : worked(leastCfm, `The Sheet says ${cfm} CFM; the kit wants at least ${leastCfm}.`);
    },
  });

/** What the indoor board must be told of kit, ducts and air. */
export const AIR_SETTINGS: readonly Setting[] = [
  numberSetting({
    id: 'kit-size',
    label: 'Kit size',
    on: ['indoor', 'thermostat'],
    meaning: 'The heat kit that the board believes is fitted; it sets the airflow with strips.',
    decidedBy: 'The kit’s plate, at its rated volts.',
    after: ['backup-source'],
    usual: 0,
    unit: 'kW',
    min: 0,
    max: 40,
    step: 0.1,
    absent: ({ facts }) => (backupOf(facts) === 'fossil' ? 'The backup is a furnace.' : null),
    work: ({ facts }) => {
      const kW = roundTo(
        jobElements(facts).reduce((sum, element) => sum + element.kW, 0),
        1,
      );
      return kW === 0
        ? worked(0, 'No kit is fitted.')
        : worked(kW, `${kitRows(facts).length} elements, ${kW} kW together at ${facts.heatKit.ratedVolts} V.`);
    },
  }),
  numberSetting({
    id: 'external-static',
    label: 'External static pressure',
    on: ['indoor'],
    meaning: 'The resistance of the ducts that the blower is told to expect.',
    decidedBy: 'The pressure measured at startup, filter in and coil wet or dry as the table says.',
    usual: 0.5,
    unit: 'in. w.c.',
    min: 0.1,
    max: 1.5,
    step: 0.1,
    work: ({ facts: { airHandler } }) => {
      const { maxStaticInWc } = airHandler;
      return maxStaticInWc < 0.5
        ? worked(maxStaticInWc, `The blower table goes to ${maxStaticInWc} in. w.c.`)
        : worked(0.5, 'The rating’s 0.5 in. w.c. until the ducts are measured.');
    },
  }),
  airflow('airflow-heating', 'Airflow, heat pump heating', 'airHandler.heatCfm', 'heatCfm'),
  airflow('airflow-strips', 'Airflow with backup', 'airHandler.auxCfm', 'auxCfm'),
  airflow('airflow-cooling', 'Airflow, cooling', 'airHandler.coolCfm', 'coolCfm'),
  choiceSetting({
    id: 'blower-hold',
    label: 'Blower waits for a warm coil',
    on: ['indoor'],
    meaning: 'Holds the blower until the coil is warm, so that no start blows cold.',
    decidedBy: 'Data control, and who hates cool air.',
    after: ['control-mode'],
    usual: 'off',
    options: [
      { value: 'on', label: 'Waits' },
      { value: 'off', label: 'Starts with the compressor' },
    ],
    absent: ({ value }) =>
      value('control-mode') === 'communicating' ? null : 'It exists only where the boards talk over data wires.',
    work: ({ facts: { talk } }) =>
      talk.hatesCoolAir
        ? worked('on', 'Somebody hates lukewarm air.')
        : worked('off', 'Nobody minds the first minute.'),
  }),
  FAN_AFTER_HEAT,
  numberSetting({
    id: 'fan-after-cool',
    label: 'Blower runs on after cooling',
    on: ['indoor', 'thermostat'],
    meaning:
      'How long it goes on when a cooling call ends: it takes what cold is left, and the water on the coil as well.',
    decidedBy: 'How damp the air is.',
    usual: 45,
    unit: 's',
    min: 0,
    max: 300,
    step: 5,
    work: ({ facts }) =>
      climateById(facts.year.weather).isDamp
        ? worked(0, 'The air here is damp: running on blows the coil’s water back into the house.')
        : worked(45, 'Dry air: the cold that is left in the coil is free.'),
  }),
  choiceSetting({
    id: 'blower-when-satisfied',
    label: 'Blower when the room is satisfied',
    on: ['indoor'],
    meaning: 'What it does while the call stands and the boards have stopped the compressor.',
    decidedBy: 'Data control; drafts against still air.',
    after: ['control-mode'],
    usual: 'off',
    options: [
      { value: 'off', label: 'Stops' },
      { value: 'low', label: 'Runs slowly' },
      { value: 'on', label: 'Runs as set' },
    ],
    absent: ({ value }) =>
      value('control-mode') === 'communicating' ? null : 'With 24 V, G goes with the call: the thermostat decides.',
    work: () => worked('off', 'Air over a coil that rests feels cool, and in cooling it brings water back.'),
  }),
];
