import { type CallId, CALLS, callsOf } from '../../control/moment';
import { type Device, DEVICE_LABELS, hotScrews, readTerminals, referenceOf, type Spot } from '../../devices/device';
import type { Facts } from '../../job/document';
import { observationKey } from '../../model/observation-key';
import type { Harness, TerminalRef } from '../../wiring/harness';
import type { Probe } from '../probe';

/** Accessories are small: their terminals are read at the units they belong to. */
export const READ_AT: ReadonlySet<Device['id']> = new Set([
  'thermostat',
  'air-handler',
  'furnace',
  'fan-center',
  'packaged-unit',
  'outdoor-unit',
]);

const readTo = (harness: Harness, device: Device, mark: string): TerminalRef =>
  referenceOf(device, mark, harness.devices.find(({ transformers }) => transformers.length > 0)!.id);

/** A defrost is forced at the outdoor board; at the thermostat it is an ordinary heating call. */
const callsAt = (facts: Facts, { spot }: Device): readonly CallId[] =>
  callsOf(facts).filter((call) => spot !== 'wall' || call !== 'defrost');

const SECONDS = 15;
/** Seconds for the next screw of a strip, the other lead already on C. */
const SECONDS_A_SCREW = 7;

/** A point to read at: a screw, or a coil's leads. */
interface Point {
  readonly mark: string;
  readonly words: string;
}

/** Coils whose leads are not on a screw. */
export const innerCoils = (device: Device) =>
  device.coils.filter(({ from, to }) => to === 'C' && !device.terminals.some(({ mark }) => mark === from));

/** Screws, and coils whose leads are not on one. */
const pointsOf = (device: Device): Point[] => [
  ...hotScrews(device).map((mark) => ({ mark, words: `${DEVICE_LABELS[device.id]} ${mark}–C` })),
  ...readTerminals(device).flatMap(({ mark, readTo: partner }) =>
    partner === undefined ? [] : [{ mark, words: `${DEVICE_LABELS[device.id]} ${mark}–${partner}` }],
  ),
  ...innerCoils(device).map(({ from, label }) => ({ mark: from, words: `${label}, its coil’s own leads` })),
];

type Between = readonly [TerminalRef, TerminalRef];

/** Volts between two points on a call. */
export const voltsProbe = (facts: Facts, between: Between, place: Spot, words: string, call: CallId): Probe => {
  const of = { call, observable: { kind: 'volts', between, meter: 'high' } } as const;
  return {
    id: observationKey(facts, of),
    of,
    words,
    how: `AC volts during ${CALLS[call].label.toLowerCase()}, black probe on ${between[1].mark}.`,
    unit: 'V',
    marks: null,
    choices: null,
    place,
    kind: 'low-volts',
    caution: place === 'wall' ? null : 'live-measuring',
    seconds: SECONDS,
    needsPanel: true,
  };
};

/** Ohms between two points, everything dead. */
export const ohmsProbe = (facts: Facts, between: Between, place: Spot, words: string): Probe => {
  const of = { call: null, observable: { kind: 'ohms', between } } as const;
  return {
    id: observationKey(facts, of),
    of,
    words,
    how: 'Every supply open, locked out and verified dead. Then ohms between the two.',
    unit: 'Ω',
    marks: null,
    choices: null,
    place,
    kind: 'dead',
    caution: 'every-supply',
    seconds: SECONDS,
    needsPanel: true,
  };
};

/** Volts of each terminal to its own common, on each call. */
const volts = (facts: Facts, harness: Harness): Probe[] =>
  harness.devices
    .filter(({ id }) => READ_AT.has(id))
    .flatMap((device) =>
      pointsOf(device).flatMap(({ mark, words }) =>
        callsAt(facts, device).map((call) =>
          voltsProbe(facts, [{ device: device.id, mark }, readTo(harness, device, mark)], device.spot, words, call),
        ),
      ),
    );

/** A volt reading repeated at low impedance: ghost voltage reads near zero. */
export const lowTwin = (facts: Facts, probe: Probe): readonly Probe[] => {
  const { call, observable } = probe.of;
  if (observable.kind !== 'volts' || observable.meter === 'low') return [];
  const of = { call, observable: { ...observable, meter: 'low' } } as const;
  return [
    {
      ...probe,
      id: observationKey(facts, of),
      of,
      words: `${probe.words}, low impedance`,
      how: 'Same two points, meter on low impedance (LoZ): a ghost voltage drops to near zero, a real one stays.',
    },
  ];
};

/** Each strip checked at once, on each call: which terminals are hot. */
const rows = (facts: Facts, harness: Harness): Probe[] =>
  harness.devices
    .filter(({ id }) => READ_AT.has(id))
    .flatMap((device) => {
      const marks = hotScrews(device);
      return callsAt(facts, device).map((call): Probe => {
        const of = { call, observable: { kind: 'hot', device: device.id } } as const;
        return {
          id: observationKey(facts, of),
          of,
          words: `${DEVICE_LABELS[device.id]} terminal strip: which terminals are hot?`,
          how: `During ${CALLS[call].label.toLowerCase()}: black probe on C, move red down the terminal strip. Hot is 15 V or more; a few volts is a ghost.`,
          unit: '',
          choices: null,
          marks,
          place: device.spot,
          kind: 'low-volts',
          caution: device.spot === 'wall' ? null : 'live-measuring',
          seconds: SECONDS_A_SCREW * marks.length,
          needsPanel: true,
        };
      });
    });

/** Ohms of each coil at its terminals, power off. */
const ohms = (facts: Facts, harness: Harness): Probe[] =>
  harness.devices
    .filter(({ id, spot }) => READ_AT.has(id) && spot !== 'wall')
    .flatMap((device) =>
      pointsOf(device)
        .filter(({ mark }) => mark !== 'R')
        .map(({ mark, words }) =>
          ohmsProbe(facts, [{ device: device.id, mark }, readTo(harness, device, mark)], device.spot, `${words}, ohms`),
        ),
    );

/** All probes between two terminals. */
export const terminals = (facts: Facts, harness: Harness): readonly Probe[] => [
  ...volts(facts, harness),
  ...rows(facts, harness),
  ...ohms(facts, harness),
];
