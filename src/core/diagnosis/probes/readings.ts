import { indoorId, outdoorId } from '../../devices';
import type { Spot } from '../../devices/device';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import type { Observation } from '../../model/observable';
import { MANIFOLD_IN_WC } from '../../model/observables/pressure';
import { observationKey } from '../../model/observation-key';
import type { CautionId } from '../../safety/cautions';
import { probePlaces, staticCall } from '../../startup/static-item';
import { ladder } from '../../strips/ladder';
import type { Probe, ProbeKind } from '../probe';

const reading = (
  facts: Facts,
  of: Observation,
  rest: {
    readonly words: string;
    readonly how: string;
    readonly unit: string;
    readonly place: Spot;
    readonly kind: ProbeKind;
    readonly caution: CautionId | null;
    readonly seconds: number;
    readonly needsPanel?: boolean;
  },
): Probe => ({ id: observationKey(facts, of), of, choices: null, marks: null, needsPanel: true, ...rest });

/** Place of the indoor unit. */
const indoors = (facts: Facts): Spot => (indoorId(facts) === outdoorId(facts) ? 'outdoors' : 'indoors');
const isFossil = (facts: Facts) => backupOf(facts) === 'fossil';
const hasBackup = (facts: Facts) => isFossil(facts) || kitRows(facts).length > 0;

/** Run time before supply air is meaningful, s. */
const STEADY_S = 240;

const airReadings = (facts: Facts): Probe[] => [
  ...(['heat-1', ...(hasBackup(facts) ? (['emergency', 'heat-aux'] as const) : [])] as const).map((call) =>
    reading(
      facts,
      { call, observable: { kind: 'temperature', at: 'supply' } },
      {
        words: 'Supply air',
        how: 'Probe in the supply duct, out of line of sight of the strips, four minutes into the call. Read return air at the same time.',
        unit: '°F',
        place: indoors(facts),
        kind: 'air',
        caution: null,
        seconds: STEADY_S,
        needsPanel: false,
      },
    ),
  ),
  reading(
    facts,
    { call: staticCall(facts), observable: { kind: 'pressure', at: 'static' } },
    {
      words: 'External static pressure',
      how: probePlaces(facts),
      unit: 'in. w.c.',
      place: indoors(facts),
      kind: 'air',
      caution: null,
      seconds: 90,
      needsPanel: false,
    },
  ),
];

const deadOf = { unit: 'Ω', kind: 'dead', caution: 'two-supplies' } as const;

const kitReadings = (facts: Facts): Probe[] => {
  const place = indoors(facts);
  return [
    ...kitRows(facts).flatMap((_, element) => [
      reading(
        facts,
        { call: null, observable: { kind: 'element-ohms', element } },
        {
          ...deadOf,
          words: `Element ${element + 1}, cold ohms`,
          how: 'Every supply open, locked out and verified dead; one end lifted.',
          place,
          seconds: 25,
        },
      ),
      ...(['limit', ...(facts.heatKit.hasLinks ? (['link'] as const) : [])] as const).map((part) =>
        reading(
          facts,
          { call: null, observable: { kind: 'part-ohms', element, part } },
          {
            ...deadOf,
            words: `Element ${element + 1}, ${part === 'limit' ? 'limit' : 'fusible link'} ohms`,
            how: 'Every supply open, locked out and verified dead.',
            place,
            seconds: 15,
          },
        ),
      ),
    ]),
    ...(kitRows(facts).length > 0
      ? ladder(facts).circuits.flatMap(({ at }) => [
          ...(['emergency', 'heat-aux', 'off'] as const).map((call) =>
            reading(
              facts,
              { call, observable: { kind: 'amps', clamp: { kind: 'circuit', at } } },
              {
                words: `Heat-kit circuit ${at + 1}, amps`,
                how: 'Clamp one conductor only, one minute into the call.',
                unit: 'A',
                place,
                kind: 'live',
                caution: 'live-measuring',
                seconds: 60,
              },
            ),
          ),
          reading(
            facts,
            { call: null, observable: { kind: 'line-volts', at: `kit-${at + 1}` as `kit-${number}`, isLoaded: false } },
            {
              words: `Heat-kit circuit ${at + 1}, line volts`,
              how: 'Leg to leg at the kit’s own terminals; check the tester on a known live source before and after.',
              unit: 'V',
              place,
              kind: 'live',
              caution: 'live-measuring',
              seconds: 40,
            },
          ),
        ])
      : []),
    ...kitRows(facts).map((_, at) =>
      reading(
        facts,
        { call: 'emergency', observable: { kind: 'amps', clamp: { kind: 'element', at } } },
        {
          words: `Element ${at + 1}, amps`,
          how: 'Clamp this element’s lead only, one minute into the call.',
          unit: 'A',
          place,
          kind: 'live',
          caution: 'live-measuring',
          seconds: 60,
        },
      ),
    ),
  ];
};

const outdoorReadings = (facts: Facts): Probe[] => [
  ...(['compressor', 'fan'] as const).map((of) =>
    reading(
      facts,
      { call: null, observable: { kind: 'capacitor', of } },
      {
        words: of === 'compressor' ? 'Compressor’s capacitor' : 'Outdoor fan’s capacitor',
        how: 'Disconnect open, locked out, verified dead; capacitor discharged, leads off. Measured µF as a percentage of the printed rating.',
        unit: '%',
        place: 'outdoors',
        kind: 'dead',
        caution: 'capacitor',
        seconds: 30,
      },
    ),
  ),
  reading(
    facts,
    { call: null, observable: { kind: 'winding-ohms' } },
    {
      words: 'Compressor windings, C to R',
      how: 'Disconnect open, locked out, verified dead; leads off; compressor cool. An open overload can take hours to reset.',
      unit: 'Ω',
      place: 'outdoors',
      kind: 'dead',
      caution: 'capacitor',
      seconds: 45,
    },
  ),
  ...(['compressor', 'fan'] as const).map((of) =>
    reading(
      facts,
      { call: 'heat-1', observable: { kind: 'motor-amps', of } },
      {
        words: of === 'compressor' ? 'Compressor amps' : 'Outdoor fan amps',
        how: 'Clamp one conductor only.',
        unit: 'A',
        place: 'outdoors',
        kind: 'live',
        caution: 'live-measuring',
        seconds: 30,
      },
    ),
  ),
  reading(
    facts,
    { call: 'heat-1', observable: { kind: 'line-volts', at: 'outdoor', isLoaded: true } },
    {
      words: 'Outdoor unit, line volts',
      how: 'Leg to leg at the contactor’s line side, tester proved on a live source before and after.',
      unit: 'V',
      place: 'outdoors',
      kind: 'live',
      caution: 'live-measuring',
      seconds: 40,
    },
  ),
];

const furnaceReadings = (facts: Facts): Probe[] =>
  !isFossil(facts)
    ? []
    : [
        ...(MANIFOLD_IN_WC[facts.furnace.fuel] === null
          ? []
          : [
              reading(
                facts,
                { call: 'emergency', observable: { kind: 'pressure', at: 'manifold' } },
                {
                  words: 'Manifold pressure',
                  how: 'Licensed techs only, while it burns.',
                  unit: 'in. w.c.',
                  place: indoors(facts),
                  kind: 'licensed',
                  caution: 'fuel',
                  seconds: 180,
                },
              ),
              reading(
                facts,
                { call: 'emergency', observable: { kind: 'flame-current' } },
                {
                  words: 'Flame current',
                  how: 'Meter in series with the flame-rod lead, DC µA, in the first seconds of flame.',
                  unit: 'µA',
                  place: indoors(facts),
                  kind: 'low-volts',
                  caution: 'fuel',
                  seconds: 120,
                },
              ),
            ]),
      ];

const supplyReadings = (facts: Facts): Probe[] =>
  isFossil(facts) || !facts.heatKit.blowerOnFirstCircuit || kitRows(facts).length === 0
    ? [
        reading(
          facts,
          { call: null, observable: { kind: 'line-volts', at: 'air-handler', isLoaded: false } },
          {
            words: 'Indoor unit, line volts',
            how: 'At its own terminals, tester proved on a live source before and after.',
            unit: 'V',
            place: indoors(facts),
            kind: 'live',
            caution: 'live-measuring',
            seconds: 40,
          },
        ),
      ]
    : [];

/** Measurements on the equipment itself. */
export const readings = (facts: Facts): readonly Probe[] => [
  ...airReadings(facts),
  ...kitReadings(facts),
  ...outdoorReadings(facts),
  ...furnaceReadings(facts),
  ...supplyReadings(facts),
];
