import { numberSetting, worked } from '../setting';

/** How long the blower runs on after heat. */
export const FAN_AFTER_HEAT = numberSetting({
  id: 'fan-after-heat',
  label: 'Blower runs on after heat',
  on: ['indoor', 'thermostat'],
  meaning:
    'How long it goes on when a heating call ends. Too short leaves heat in strips or exchanger; too long blows cool.',
  decidedBy: 'What has to cool down. The maker’s figure wins.',
  after: ['backup-source'],
  usual: 60,
  unit: 's',
  min: 0,
  max: 300,
  step: 5,
  work: ({ value }) => {
    switch (value('backup-source')) {
      case 'fossil':
        return worked(120, 'The exchanger must cool before the air stops, or its limit opens.');
      case 'none':
        return worked(30, 'The coil gives what is left of its heat.');
      default:
        return worked(60, 'Strips glow on for a while: air until they are cool, or their limit opens.');
    }
  },
});
