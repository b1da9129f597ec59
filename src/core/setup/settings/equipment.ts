import { backupOutputs } from '../../control/outputs';
import { backupOf } from '../../job/backup';
import { reachableBanks } from '../../job/banks';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { choiceSetting, ON_OFF, type Setting, worked } from '../setting';
import { plainFact } from '../setting-fact';
import { BACKUP_SOURCE } from './backup-source';

const hasStrips = (facts: Facts) => kitRows(facts).length > 0;
const hasFurnace = ({ system }: Facts) => backupOf({ system }) === 'fossil';

/** Equipment settings of the controllers. All others depend on these, so they come first. */
export const EQUIPMENT_SETTINGS: readonly Setting[] = [
  choiceSetting({
    id: 'control-mode',
    label: 'Control type, 24 V or communicating',
    on: ['indoor', 'outdoor'],
    meaning: 'Whether the boards communicate over data wires or take 24 V calls.',
    decidedBy: 'The conductors landed, and the thermostat.',
    usual: 'communicating',
    options: [
      { value: '24-volt', label: '24 V' },
      { value: 'communicating', label: 'Communicating' },
    ],
    fact: plainFact('system.control', 'choice'),
    work: () => worked('24-volt', 'The thermostat has R, C and call terminals: set the boards to 24 V.'),
  }),
  choiceSetting({
    id: 'system-type',
    label: 'System type',
    on: ['thermostat'],
    meaning: 'What kind of equipment the thermostat drives.',
    decidedBy: 'The outdoor unit and the backup.',
    usual: 'conventional',
    options: [
      { value: 'heat-pump', label: 'Heat pump' },
      { value: 'dual-fuel', label: 'Heat pump and furnace' },
      { value: 'conventional', label: 'Conventional' },
    ],
    work: ({ facts }) =>
      hasFurnace(facts)
        ? worked('dual-fuel', 'The backup is a furnace under the coil.')
        : worked('heat-pump', hasStrips(facts) ? 'The backup is electric strips.' : 'No backup heat on this job.'),
  }),
  choiceSetting({
    id: 'compressor-stages',
    label: 'Compressor stages',
    on: ['thermostat'],
    meaning: 'How many compressor outputs the thermostat uses.',
    decidedBy: 'The outdoor unit, and the outputs that are wired.',
    usual: 1,
    options: [
      { value: 1, label: 'One' },
      { value: 2, label: 'Two' },
    ],
    work: ({ facts: { outdoorUnit, thermostat } }) => {
      if (outdoorUnit.stages === 'inverter') return worked(1, 'The inverter stages itself on one Y.');
      if (outdoorUnit.stages === 'single') return worked(1, 'The outdoor unit has one stage.');
      return thermostat.compressorOutputs === 2
        ? worked(2, 'The outdoor unit has two stages.', 'The thermostat has Y1 and Y2.')
        : worked(
            1,
            'The outdoor unit has two stages, but the thermostat has one output: its second stage is not called.',
          );
    },
  }),
  BACKUP_SOURCE,
  choiceSetting({
    id: 'backup-with-heat-pump',
    label: 'Backup with the heat pump',
    on: ['thermostat'],
    meaning: 'Whether compressor and backup may run at the same time.',
    decidedBy: 'The backup source; with strips, your method choice.',
    after: ['backup-source'],
    usual: 'together',
    options: [
      { value: 'together', label: 'AUX and E jumpered' },
      { value: 'apart', label: 'Never together' },
      { value: 'emergency-only', label: 'Backup in emergency only' },
    ],
    absent: ({ value }) => (value('backup-source') === 'none' ? 'No backup heat on this job.' : null),
    work: ({ facts, value }) => {
      if (value('backup-source') === 'fossil')
        return worked(
          'apart',
          'A furnace upstream of a running coil drives the refrigerant’s pressure up: the furnace replaces the compressor.',
        );
      return facts.schools.auxWithHeatPump === 'emergency-only'
        ? worked('emergency-only', 'Chosen: strips in emergency only.')
        : worked('together', 'Strips sit downstream of the coil and add to its heat.');
    },
  }),
  choiceSetting({
    id: 'backup-stages',
    label: 'Backup stages',
    on: ['thermostat'],
    meaning: 'How many outputs call for backup.',
    decidedBy: 'The thermostat terminals and the banks or stages they call.',
    after: ['backup-source'],
    usual: 1,
    options: [
      { value: 0, label: 'None' },
      { value: 1, label: 'One' },
      { value: 2, label: 'Two' },
    ],
    work: ({ facts, value }) => {
      if (value('backup-source') === 'none') return worked(0, 'No backup heat on this job.');
      const { aux, secondAux } = backupOutputs(facts);
      if (!aux) return worked(0, 'The thermostat has no terminal for backup heat.');
      const inputs = hasFurnace(facts) ? facts.airHandler.wInputs.split('+').length : reachableBanks(facts).length;
      if (inputs < 2) return worked(1, 'The indoor unit has one heat input in use.');
      return secondAux
        ? worked(2, 'Two heat inputs are in use, and the thermostat has an output for each.')
        : worked(1, 'One output; the inputs are jumpered.');
    },
  }),
  choiceSetting({
    id: 'reversing-valve',
    label: 'Reversing valve',
    on: ['thermostat'],
    meaning: 'Whether the valve terminal is hot in cooling (O) or in heating (B).',
    decidedBy: 'Go by the data plate or the diagram inside the outdoor panel, never by habit.',
    usual: 'O',
    options: [
      { value: 'O', label: 'O (energized in cooling)' },
      { value: 'B', label: 'B (energized in heating)' },
    ],
    fact: plainFact('thermostat.valveSetting', 'as-found'),
    absent: ({ facts }) =>
      facts.thermostat.valveTerminals === 'O+B' ? 'O and B are separate terminals: the wiring decides.' : null,
    work: ({ facts: { outdoorUnit } }) =>
      worked(
        outdoorUnit.reversingValve,
        `The outdoor unit’s valve is energized in ${outdoorUnit.reversingValve === 'O' ? 'cooling' : 'heating'}.`,
      ),
  }),
  choiceSetting({
    id: 'backup-control',
    label: 'Backup controlled by',
    on: ['thermostat', 'indoor'],
    meaning: 'What sits between the thermostat call and the backup.',
    decidedBy: 'The wiring.',
    after: ['backup-source'],
    usual: 'thermostat',
    options: [
      { value: 'thermostat', label: 'Thermostat alone' },
      { value: 'outdoor-thermostats', label: 'Outdoor thermostats' },
      { value: 'outdoor-board', label: 'Outdoor board' },
    ],
    absent: ({ value }) => (value('backup-source') === 'none' ? 'No backup heat on this job.' : null),
    work: ({ facts: { gates, outdoorUnit, system } }) => {
      if (backupOf({ system }) === 'strips' && gates.outdoorThermostats.length > 0)
        return worked('outdoor-thermostats', 'An outdoor thermostat is in the AUX circuit.');
      return outdoorUnit.wTerminals === 'W-in+W-out'
        ? worked('outdoor-board', 'The outdoor board passes the auxiliary call through itself.')
        : worked('thermostat', 'Only the thermostat is in the AUX circuit.');
    },
  }),
  choiceSetting({
    id: 'aux-and-emergency',
    label: 'AUX and E',
    on: ['thermostat'],
    meaning: 'Whether AUX and E leave the thermostat on one conductor or two.',
    decidedBy: 'The outdoor thermostats: emergency heat must bypass them.',
    after: ['backup-source'],
    usual: 'together',
    options: [
      { value: 'together', label: 'AUX and E jumpered' },
      { value: 'apart', label: 'AUX and E separate' },
    ],
    absent: ({ facts, value }) => {
      if (value('backup-source') === 'none') return 'No backup heat on this job.';
      return backupOutputs(facts).aux ? null : 'The thermostat has no terminal for backup heat.';
    },
    work: ({ facts }) => {
      if (!backupOutputs(facts).emergency)
        return worked('together', 'The thermostat has no emergency output of its own.');
      return backupOf(facts) === 'strips' && facts.gates.outdoorThermostats.length > 0
        ? worked('apart', 'An outdoor thermostat is in series in AUX; E must reach the heat without going through it.')
        : worked('together', 'One source serves both: AUX and E are jumpered.');
    },
  }),
  choiceSetting({
    id: 'assigned-terminal',
    label: 'Assignable terminal',
    on: ['thermostat'],
    meaning: 'What the configurable terminal carries.',
    decidedBy: 'Outdoor thermostats first, then the banks, then the board’s fault output.',
    after: ['aux-and-emergency'],
    usual: 'unused',
    options: [
      { value: 'unused', label: 'Not used' },
      { value: 'emergency', label: 'Emergency heat' },
      { value: 'second-aux', label: 'Second-stage AUX' },
      { value: 'fault-lamp', label: 'Fault lamp' },
    ],
    fact: plainFact('thermostat.assigned', 'as-found'),
    absent: ({ facts }) =>
      facts.thermostat.heatTerminals === 'W2' ? null : 'The thermostat has no assignable terminal.',
    work: ({ facts }) => {
      if (!hasFurnace(facts) && facts.gates.outdoorThermostats.length > 0)
        return worked('emergency', 'An outdoor thermostat is in W2: emergency heat needs a bypass.');
      if (!hasFurnace(facts) && reachableBanks(facts).length > 1)
        return worked('second-aux', 'The kit has a second bank with an input of its own.');
      if (facts.outdoorUnit.faultOutput === 'lamp')
        return worked('fault-lamp', 'The outdoor board can light a lamp on a fault.');
      return worked('unused', 'Nothing else needs it.');
    },
  }),
  choiceSetting({
    id: 'fan-in-heat',
    label: 'Blower control in backup heat',
    on: ['thermostat'],
    meaning: 'Who starts the blower when the backup is called.',
    decidedBy: 'The backup source.',
    after: ['backup-source'],
    usual: 'equipment',
    options: [
      { value: 'thermostat', label: 'Thermostat, with G' },
      { value: 'equipment', label: 'The indoor unit itself' },
    ],
    absent: ({ value }) => (value('backup-source') === 'none' ? 'No backup heat on this job.' : null),
    work: ({ value }) =>
      value('backup-source') === 'fossil'
        ? worked('equipment', 'A furnace starts its own blower once its exchanger is warm.')
        : worked('thermostat', 'Strips must never run without airflow: G is energized with them.'),
  }),
  choiceSetting({
    id: 'emergency-on-fault',
    label: 'Emergency heat on a heat-pump fault',
    on: ['thermostat', 'indoor', 'outdoor'],
    meaning: 'Whether backup takes over when the outdoor unit locks out.',
    decidedBy: 'Whether the job has backup heat.',
    after: ['backup-source'],
    usual: 'off',
    options: ON_OFF,
    absent: ({ value }) => (value('backup-source') === 'none' ? 'There is no backup to take over.' : null),
    work: ({ value }) =>
      value('backup-source') === 'fossil'
        ? worked('on', 'A furnace is installed: the house stays warm if the outdoor unit fails at night.')
        : worked('on', 'Strips are installed: the house stays warm if the outdoor unit fails at night.'),
  }),
];
