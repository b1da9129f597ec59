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
    meaning: 'CFM the blower should move on that call.',
    decidedBy:
      'The outdoor unit’s size and the kit’s minimum airflow; the manufacturer’s blower table gives the speed tap or code.',
    usual: null,
    unit: 'CFM',
    min: 200,
    max: 3000,
    step: 25,
    fact: plainFact(path, 'choice'),
    work: ({ facts }) => {
      const cfm = facts.airHandler[fact];
      const perTon = `${cfm} CFM is ${Math.round(cfm / ratedTons(facts))} per ton at the warmest rating point.`;
      const leastCfm = facts.heatKit.minCfm;
      if (fact !== 'auxCfm' || kitRows(facts).length === 0)
        return worked(cfm, 'From the Survey: the blower table.', perTon);
      return cfm >= leastCfm
        ? worked(cfm, 'From the Survey: the blower table.', `The kit needs at least ${leastCfm} CFM.`)
        : worked(leastCfm, `The Survey says ${cfm} CFM; the kit needs at least ${leastCfm}.`);
    },
  });

/** Indoor board settings: kit, ducts and airflow. */
export const AIR_SETTINGS: readonly Setting[] = [
  numberSetting({
    id: 'kit-size',
    label: 'Kit size',
    on: ['indoor', 'thermostat'],
    meaning: 'The heat kit the board thinks is installed; it sets strip airflow.',
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
        ? worked(0, 'No heat kit installed.')
        : worked(kW, `${kitRows(facts).length} elements, ${kW} kW together at ${facts.heatKit.ratedVolts} V.`);
    },
  }),
  numberSetting({
    id: 'external-static',
    label: 'External static pressure',
    on: ['indoor'],
    meaning: 'The duct static pressure the blower is set for.',
    decidedBy: 'Static pressure measured at startup, filter in, coil wet or dry per the blower table.',
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
    label: 'Blower delay until coil is warm',
    on: ['indoor'],
    meaning: 'Delays the blower until the coil is warm so it does not start with cold air.',
    decidedBy: 'Communicating control, and whether anyone dislikes cool air.',
    after: ['control-mode'],
    usual: 'off',
    options: [
      { value: 'on', label: 'Waits' },
      { value: 'off', label: 'Starts with the compressor' },
    ],
    absent: ({ value }) =>
      value('control-mode') === 'communicating' ? null : 'Available only with communicating controls.',
    work: ({ facts: { talk } }) =>
      talk.hatesCoolAir
        ? worked('on', 'Someone dislikes lukewarm air.')
        : worked('off', 'No one minds the first cool minute.'),
  }),
  FAN_AFTER_HEAT,
  numberSetting({
    id: 'fan-after-cool',
    label: 'Blower off-delay, cooling',
    on: ['indoor', 'thermostat'],
    meaning:
      'How long the blower runs after a cooling call. It picks up the cooling left in the coil, and the water on it too.',
    decidedBy: 'How humid the climate is.',
    usual: 45,
    unit: 's',
    min: 0,
    max: 300,
    step: 5,
    work: ({ facts }) =>
      climateById(facts.year.weather).isDamp
        ? worked(0, 'Humid climate: the off-delay blows coil water back into the house.')
        : worked(45, 'Dry climate: the cooling left in the coil is free.'),
  }),
  choiceSetting({
    id: 'blower-when-satisfied',
    label: 'Blower when satisfied',
    on: ['indoor'],
    meaning: 'What the blower does while the call stays on but the boards have stopped the compressor.',
    decidedBy: 'Communicating control; drafts versus still air.',
    after: ['control-mode'],
    usual: 'off',
    options: [
      { value: 'off', label: 'Stops' },
      { value: 'low', label: 'Runs slowly' },
      { value: 'on', label: 'Runs as set' },
    ],
    absent: ({ value }) =>
      value('control-mode') === 'communicating' ? null : 'With 24 V, G goes with the call: the thermostat decides.',
    work: () => worked('off', 'Air over an idle coil feels cool, and in cooling it re-evaporates water.'),
  }),
];
