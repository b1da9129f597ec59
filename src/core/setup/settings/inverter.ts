import { climateById } from '../../balance/year/climates';
import { choiceSetting, ON_OFF, type Setting, type SetupContext, worked } from '../setting';

const needsInverter = ({ facts }: SetupContext): string | null =>
  facts.outdoorUnit.stages === 'inverter' ? null : 'The compressor has fixed stages.';

/** How an inverter sets its speed from a plain call. */
export const INVERTER_SETTINGS: readonly Setting[] = [
  choiceSetting({
    id: 'adaptive-capacity',
    label: 'Adaptive capacity',
    on: ['outdoor', 'indoor'],
    meaning:
      'The unit learns from call length and runs only as fast as needed. It saves energy, but with zones it learns the wrong load, and slow running in cooling removes less moisture.',
    decidedBy: 'Zones, and damp summers.',
    usual: 'on',
    options: ON_OFF,
    absent: needsInverter,
    work: ({ facts }) =>
      facts.boxes.zoneBoard
        ? worked('off', 'The house has zones: from calls that change with the dampers it learns the wrong house.')
        : climateById(facts.year.weather).isDamp
          ? worked('off', 'Humid climate: a slow compressor leaves the coil warmer and removes less moisture.')
          : worked('on', 'One zone, dry climate: long slow runs cost least.'),
  }),
  choiceSetting({
    id: 'accelerated-capacity',
    label: 'Accelerated capacity',
    on: ['outdoor', 'indoor'],
    meaning:
      'Ramps to full speed soon after a call starts. Faster setback recovery, but uses more power, makes more noise, and cools the air before drying it.',
    decidedBy: 'Whether setbacks are used; comfort versus cost.',
    after: ['adaptive-capacity'],
    usual: 'off',
    options: ON_OFF,
    absent: needsInverter,
    work: ({ facts: { talk } }) =>
      talk.leaning === 'comfort' && talk.schedule !== 'steady'
        ? worked('on', 'Setbacks are used and comfort comes first: recovery is faster and backup stays off.')
        : worked('off', 'No need to hurry: long slow runs cost less.'),
  }),
];
