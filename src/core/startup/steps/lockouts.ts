import type { FactPath, Facts } from '../../job/document';
import { roundTo } from '../../units/round';
import { sensorOhms } from '../sensor-curve';
import type { Item, StartupStep } from '../step';
import { tick } from '../tick';
import { minOffWait } from '../waits';

/** A lockout must have switched this far past its setting on either side, °F: its differential. Our judgment. */
const PAST_F = 1;

const kiloohms = (atF: number): string => `${roundTo(sensorOhms(atF) / 1000, 1)} kΩ`;

/** How to move a thermostat lockout without waiting for the weather. */
const toSide = (source: Facts['thermostat']['outdoorSensor'], atF: number): string =>
  source === 'wired'
    ? `${kiloohms(atF)} in place of the sensor (equals ${atF} °F)`
    : `the setting moved past today’s temperature (as if ${atF} °F outside)`;

const putBack = (source: Facts['thermostat']['outdoorSensor'], atF: number): string =>
  source === 'wired' ? 'Sensor back on its terminals' : `Setting put back to ${atF} °F`;

/** What proves a lockout: ticks on both sides at its present setting. */
export interface LockoutTest {
  readonly fact: FactPath;
  /** Row of an outdoor thermostat; null: the thermostat's lockout. */
  readonly row: number | null;
  readonly atF: number;
  /** Ids of the ticks. */
  readonly items: readonly string[];
}

/** A lockout's own ticks, in order. */
interface Gate extends LockoutTest {
  readonly labels: readonly string[];
}

/** Thermostat lockouts: both sides of each, then restored. */
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

/** Outdoor thermostats: turn the dial past the outdoor temperature and back. */
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

/** What proves each lockout of a job. */
export const lockoutTests = (facts: Facts): readonly LockoutTest[] => gatesOf(facts);

/** The ticks; each records the lockout's setting, so that a lockout moved later is assumed again. */
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
