import { climateById } from '../../balance/year/climates';
import { choiceSetting, ON_OFF, type Setting, type SetupContext, worked } from '../setting';

const needsInverter = ({ facts }: SetupContext): string | null =>
  facts.outdoorUnit.stages === 'inverter' ? null : 'The compressor has fixed stages.';

/** How a compressor of any speed finds the speed for a plain call. */
export const INVERTER_SETTINGS: readonly Setting[] = [
  choiceSetting({
    id: 'adaptive-capacity',
    label: 'Adaptive capacity',
    on: ['outdoor', 'indoor'],
    meaning:
      'The unit learns from how long calls last and runs only as fast as they need. It saves power; with zones it learns the wrong house, and a slow run in cooling dries less.',
    decidedBy: 'Zones, and damp summers.',
    usual: 'on',
    options: ON_OFF,
    absent: needsInverter,
    work: ({ facts }) =>
      facts.boxes.zoneBoard
        ? worked('off', 'The house has zones: from calls that change with the dampers it learns the wrong house.')
        : climateById(facts.year.weather).isDamp
          ? worked('off', 'The air here is damp: a slow compressor in cooling leaves the coil warm and dries less.')
          : worked('on', 'One zone in dry air: slow and long is the cheapest run.'),
  }),
  choiceSetting({
    id: 'accelerated-capacity',
    label: 'Accelerated capacity',
    on: ['outdoor', 'indoor'],
    meaning:
      'Goes to full speed soon after a call begins. Faster after a setback; it costs power and noise, and cools the air before it has dried it.',
    decidedBy: 'Whether the house is let cool, and comfort against cost.',
    after: ['adaptive-capacity'],
    usual: 'off',
    options: ON_OFF,
    absent: needsInverter,
    work: ({ facts: { talk } }) =>
      talk.leaning === 'comfort' && talk.schedule !== 'steady'
        ? worked('on', 'The house is let cool and wants comfort: the climb is shorter, and the backup spared.')
        : worked('off', 'Nothing here is in a hurry: slow and long costs less.'),
  }),
];
