import { numberSetting, worked } from '../setting';

/** Blower off-delay after heat. */
export const FAN_AFTER_HEAT = numberSetting({
  id: 'fan-after-heat',
  label: 'Blower off-delay, heating',
  on: ['indoor', 'thermostat'],
  meaning:
    'How long the blower runs after a heating call. Too short leaves heat in the strips or heat exchanger; too long blows cool air.',
  decidedBy: 'What has to cool down. The manufacturer’s figure wins.',
  after: ['backup-source'],
  usual: 60,
  unit: 's',
  min: 0,
  max: 300,
  step: 5,
  work: ({ value }) => {
    switch (value('backup-source')) {
      case 'fossil':
        return worked(120, 'The heat exchanger must cool before the blower stops, or its limit opens.');
      case 'none':
        return worked(30, 'Picks up the heat left in the coil.');
      default:
        return worked(60, 'Strips stay hot for a while: run the blower until they cool, or the limit opens.');
    }
  },
});
