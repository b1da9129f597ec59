import type { Facts } from '../../job/document';
import { roundTo } from '../../units/round';
import { sensorOhms } from '../sensor-curve';
import type { Item, StartupStep } from '../step';
import { tick } from '../tick';
import { minOffWait } from '../waits';

/** Past a gate on either side by this much it must have moved, °F: its play. Our judgement. */
const PAST_F = 1;

const kiloohms = (atF: number): string => `${roundTo(sensorOhms(atF) / 1000, 1)} kΩ`;

/** How a gate of the thermostat is moved without waiting for the weather. */
const toSide = (source: Facts['thermostat']['outdoorSensor'], atF: number): string =>
  source === 'wired'
    ? `${kiloohms(atF)} in place of the sensor (${atF} °F)`
    : `its setting moved past today’s temperature (as if ${atF} °F out)`;

const putBack = (source: Facts['thermostat']['outdoorSensor'], atF: number): string =>
  source === 'wired' ? 'Sensor back on its terminals' : `Setting put back to ${atF} °F`;

/** The thermostat's own gates: both sides of each, then put back. */
const ownGates = ({ gates, thermostat }: Facts): Item[] => {
  const { outdoorSensor } = thermostat;
  if (outdoorSensor === 'none') return [];
  const { compressorBelowF, auxAboveF } = gates;
  return [
    ...(compressorBelowF === null
      ? []
      : [
          tick('compressor-drops', `Heat call: Y drops with ${toSide(outdoorSensor, compressorBelowF - PAST_F)}`),
          tick(
            'compressor-back',
            `Y comes back with ${toSide(outdoorSensor, compressorBelowF + PAST_F)}, after the minimum off`,
          ),
          tick('compressor-put', `Compressor lockout: ${putBack(outdoorSensor, compressorBelowF)}`),
        ]),
    ...(auxAboveF === null
      ? []
      : [
          tick('aux-drops', `Auxiliary call: let go with ${toSide(outdoorSensor, auxAboveF + PAST_F)}`),
          tick('aux-back', `Auxiliary comes with ${toSide(outdoorSensor, auxAboveF - PAST_F)}`),
          tick('aux-put', `Backup lockout: ${putBack(outdoorSensor, auxAboveF)}`),
        ]),
  ];
};

/** Outdoor thermostats: the dial turned past the air outdoors and back. */
const dials = ({ gates }: Facts): Item[] =>
  gates.outdoorThermostats.map(({ bank, closesBelowF }, at) =>
    tick(
      `dial-${at + 1}`,
      `Outdoor thermostat ${at + 1}${bank === 0 ? '' : ` (bank ${bank})`}: dial turned up it closes, turned down it opens; put back to ${closesBelowF} °F`,
    ),
  );

const gateItems = (facts: Facts): Item[] => [...ownGates(facts), ...dials(facts)];

export const gatesStep: StartupStep = {
  id: 'gates',
  title: 'Lockouts, both sides',
  why: 'A lockout that was only set is assumed. One that was seen to move is proved, whatever the weather today.',
  applies: (facts) => gateItems(facts).length > 0,
  build: ({ facts }) => ({
    cautions: ['short-cycle', 'moving-blades'],
    how: [
      ...(facts.thermostat.outdoorSensor === 'wired'
        ? ['Sensor’s two leads off, a resistor or decade box in their place. For 10 kΩ at 77 °F; its own table wins.']
        : []),
      'One gate at a time; everything put back before the next.',
    ],
    call: 'heat-1',
    waits: [minOffWait(facts)],
    items: gateItems(facts),
  }),
};
