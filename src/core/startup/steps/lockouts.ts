import type { FactPath, Facts } from '../../job/document';
import { roundTo } from '../../units/round';
import { sensorOhms } from '../sensor-curve';
import type { Item, StartupStep } from '../step';
import { tick } from '../tick';
import { minOffWait } from '../waits';

/** Past a lockout on either side by this much it must have moved, °F: its play. Our judgment. */
const PAST_F = 1;

const kiloohms = (atF: number): string => `${roundTo(sensorOhms(atF) / 1000, 1)} kΩ`;

/** How a lockout of the thermostat is moved without waiting for the weather. */
const toSide = (source: Facts['thermostat']['outdoorSensor'], atF: number): string =>
  source === 'wired'
    ? `${kiloohms(atF)} in place of the sensor (equals ${atF} °F)`
    : `the setting moved past today’s temperature (as if ${atF} °F outside)`;

const putBack = (source: Facts['thermostat']['outdoorSensor'], atF: number): string =>
  source === 'wired' ? 'Sensor back on its terminals' : `Setting put back to ${atF} °F`;

/** What proves a lockout: the ticks of both its sides, at the temperature it stood at. */
export interface LockoutTest {
  readonly fact: FactPath;
  /** The row of an outdoor thermostat; null: the thermostat's own lockout. */
  readonly row: number | null;
  readonly atF: number;
  /** Ids of the ticks. */
  readonly items: readonly string[];
}

/** A gate's own ticks, in order. */
interface Gate extends LockoutTest {
  readonly labels: readonly string[];
}

/** The thermostat's own lockouts: both sides of each, then put back. */
const ownGates = ({ gates, thermostat }: Facts): Gate[] => {
  const { outdoorSensor: source } = thermostat;
  if (source === 'none') return [];
  const { compressorBelowF, auxAboveF } = gates;
  return [
    ...(compressorBelowF === null
      ? []
      : [
          {
            fact: 'gates.compressorBelowF',
            row: null,
            atF: compressorBelowF,
            items: ['compressor-drops', 'compressor-back', 'compressor-put'],
            labels: [
              `Heat call: Y drops with ${toSide(source, compressorBelowF - PAST_F)}`,
              `Y comes back with ${toSide(source, compressorBelowF + PAST_F)}, after the minimum off time`,
              `Compressor lockout: ${putBack(source, compressorBelowF)}`,
            ],
          } as const,
        ]),
    ...(auxAboveF === null
      ? []
      : [
          {
            fact: 'gates.auxAboveF',
            row: null,
            atF: auxAboveF,
            items: ['aux-drops', 'aux-back', 'aux-put'],
            labels: [
              `AUX call drops with ${toSide(source, auxAboveF + PAST_F)}`,
              `AUX comes on with ${toSide(source, auxAboveF - PAST_F)}`,
              `Backup lockout: ${putBack(source, auxAboveF)}`,
            ],
          } as const,
        ]),
  ];
};

/** Outdoor thermostats: the dial turned past the air outdoors and back. */
const dials = ({ gates }: Facts): Gate[] =>
  gates.outdoorThermostats.map(({ bank, closesBelowF }, at) => ({
    fact: 'gates.outdoorThermostats',
    row: at,
    atF: closesBelowF,
    items: [`dial-${at + 1}`],
    labels: [
      `Outdoor thermostat ${at + 1}${bank === 0 ? '' : ` (bank ${bank})`}: dial turned up it closes, turned down it opens; put back to ${closesBelowF} °F`,
    ],
  }));

const gatesOf = (facts: Facts): Gate[] => [...ownGates(facts), ...dials(facts)];

/** What proves each gate of a job. */
export const lockoutTests = (facts: Facts): readonly LockoutTest[] => gatesOf(facts);

/** The ticks; each keeps the temperature that the lockout stood at, so that one moved later is assumed again. */
const gateItems = (facts: Facts): Item[] =>
  gatesOf(facts).flatMap(({ atF, items, labels }) =>
    items.map((id, at) => ({ ...tick(id, labels[at]!), places: [{ id: String(atF), label: `${atF} °F` }] })),
  );

export const lockoutsStep: StartupStep = {
  id: 'gates',
  title: 'Lockouts, both sides',
  why: 'A lockout that is only set is assumed. One you have seen switch is proven, whatever today’s weather.',
  applies: (facts) => gateItems(facts).length > 0,
  build: ({ facts }) => ({
    cautions: ['short-cycle', 'moving-blades'],
    how: [
      ...(facts.thermostat.outdoorSensor === 'wired'
        ? [
            'Lift both sensor leads and connect a resistor or decade box. Figures are for 10 kΩ at 77 °F; the sensor’s own table wins.',
          ]
        : []),
      'One lockout at a time; put everything back before the next.',
    ],
    call: 'heat-1',
    waits: [minOffWait(facts)],
    limits: ['proof.sensorErrorF', 'proof.lockoutPlayF', 'proof.dialErrorF'],
    items: gateItems(facts),
  }),
};
