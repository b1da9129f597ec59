import { indoorId, outdoorId } from '../../devices';
import { DEVICE_LABELS } from '../../devices/device';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import type { ElementFault } from '../../model/equipment-faults';
import { RUNNING_PARTS } from '../../model/observables/pulled';
import { rungsOnWord } from '../../model/observables/rung-amps';
import { rungWord } from '../../model/observables/rungs';
import { NO_FAULT_WORDS } from '../../model/observables/wiring-fault';
import { observationKey } from '../../model/observation-key';
import { capital } from '../../units/capital';
import { faultsOf, type NamedFault, showsInCable, showsOnStrip } from '../../wiring/fault';
import { colorName, deviceIn, type Harness, jumperWords, landedConductors } from '../../wiring/harness';
import type { Probe } from '../probe';

type Choice = NonNullable<Probe['choices']>[number];

const sound = (words: string): Choice => ({ word: NO_FAULT_WORDS, words });

const PART_WORDS: Partial<Record<ElementFault, string>> = { element: 'element', link: 'fusible link', limit: 'limit' };

/** Every subset, including none and all. */
const subsetsOf = <T>(all: readonly T[]): readonly (readonly T[])[] =>
  Array.from({ length: 2 ** all.length }, (_, bits) => all.filter((_each, at) => (bits >> at) & 1));

/** The heat kit rung by rung: with an ohmmeter, dead; with a clamp, live. */
const kitSweeps = (facts: Facts): Probe[] => {
  const rungs = kitRows(facts).map((_, at) => at);
  if (rungs.length === 0) return [];
  const parts = (['element', ...(facts.heatKit.hasLinks ? (['link'] as const) : []), 'limit'] as const).map(
    (part) => part,
  );
  const place = indoorId(facts) === outdoorId(facts) ? 'outdoors' : 'indoors';
  const dead = { call: null, observable: { kind: 'rungs' } } as const;
  const live = { call: 'emergency', observable: { kind: 'rung-amps' } } as const;
  return [
    {
      id: observationKey(facts, dead),
      of: dead,
      words: 'Heat kit, ohms by element',
      how: 'Every supply open, locked out, verified dead; one lead lifted at each element. Ohm each element, link and limit. Which reads OL?',
      unit: '',
      marks: null,
      choices: [
        sound('None open'),
        ...rungs.flatMap((at) =>
          parts.map((part) => ({ word: rungWord(at, part), words: `Element ${at + 1}: ${PART_WORDS[part]} open` })),
        ),
      ],
      place,
      kind: 'dead',
      caution: 'two-supplies',
      seconds: 25 * rungs.length,
      needsPanel: true,
    },
    {
      id: observationKey(facts, live),
      of: live,
      words: 'Heat kit, amps by element',
      how: 'One minute into the call, clamp each element lead in turn. Which draw current?',
      unit: '',
      marks: null,
      choices: subsetsOf(rungs).map((on) => ({
        word: rungsOnWord(on),
        words: on.length === 0 ? 'None' : `Element ${on.map((at) => at + 1).join(', ')}`,
      })),
      place,
      kind: 'live',
      caution: 'live-measuring',
      seconds: 60 + 10 * rungs.length,
      needsPanel: true,
    },
  ];
};

/** Appearance of a visible fault. */
const seenAs = ({ fault }: NamedFault, harness: Harness): string => {
  const conductorOf = (wire: string) => landedConductors(harness).find(({ id }) => id === wire);
  const colorOf = (wire: string) => colorName(conductorOf(wire)?.colour ?? null);
  switch (fault.kind) {
    case 'open': {
      const jumper = harness.jumpers.find(({ id }) => id === fault.edge);
      return jumper ? `${jumperWords(jumper)} missing` : `${colorOf(fault.edge)} open`;
    }
    case 'loose':
      return `${colorOf(fault.wire)} loose on ${conductorOf(fault.wire)?.from.mark ?? 'its screw'}`;
    case 'touching':
      return `${fault.wires.map(colorOf).join(' and ')} touching`;
    case 'swapped':
      return `${fault.wires.map(colorOf).join(' and ')} swapped`;
    case 'stuck':
      return 'a stuck contact';
  }
};

/** Answers of a sweep: each fault visible there. */
const choicesOf = (
  harness: Harness,
  faults: readonly NamedFault[],
  shows: (named: NamedFault) => boolean,
): readonly Choice[] =>
  faults.filter(shows).map((named) => ({ word: named.code, words: capital(seenAs(named, harness)) }));

/** Each cable lifted at both ends and checked. */
const cableSweeps = (facts: Facts, harness: Harness, faults: readonly NamedFault[]): Probe[] =>
  harness.cables.flatMap(({ id: cable, label, to }): Probe[] => {
    const of = { call: null, observable: { kind: 'cable', cable } } as const;
    const choices = choicesOf(harness, faults, (named) => showsInCable(named, cable));
    if (choices.length === 0) return [];
    return [
      {
        id: observationKey(facts, of),
        of,
        words: `${label}, conductor by conductor`,
        how: 'Control power off; take a photo, then lift every conductor at both ends. Ohm each pair: OL. Twist them together at one end: every pair reads a few ohms.',
        unit: '',
        marks: null,
        choices: [sound('All good, none shorted'), ...choices],
        place: deviceIn(harness, to)?.spot ?? 'indoors',
        kind: 'dead',
        caution: 'every-supply',
        seconds: 300,
        needsPanel: true,
      },
    ];
  });

/** Each strip inspected: conductors by color against the drawing, each tugged, jumpers in. */
const stripLooks = (facts: Facts, harness: Harness, faults: readonly NamedFault[]): Probe[] =>
  harness.devices.flatMap(({ id: device, spot }): Probe[] => {
    const of = { call: null, observable: { kind: 'strip', device } } as const;
    const choices = choicesOf(harness, faults, (named) => showsOnStrip(named, device, harness));
    if (choices.length === 0) return [];
    return [
      {
        id: observationKey(facts, of),
        of,
        words: `${DEVICE_LABELS[device]} terminal strip, compared with the drawing`,
        how: 'Check each terminal: wire color, tug test, jumpers in place.',
        unit: '',
        marks: null,
        choices: [sound('Matches the drawing, all tight'), ...choices],
        place: spot,
        kind: 'look',
        caution: spot === 'wall' ? null : 'live-measuring',
        seconds: 40,
        needsPanel: true,
      },
    ];
  });

const PART_LABELS = { blower: 'blower', compressor: 'compressor', backup: 'backup heat' } as const;

const pulled = (facts: Facts): Probe => {
  const of = { call: 'off', observable: { kind: 'pulled' } } as const;
  return {
    id: observationKey(facts, of),
    of,
    words: 'Pull the thermostat off its base: what still runs?',
    how: 'Set it to Off first. Pull it, wait five minutes for sequencers to drop out, then listen at a register and at the outdoor unit.',
    unit: '',
    marks: null,
    choices: subsetsOf(RUNNING_PARTS).map((runs) => ({
      word: runs.join('+') || 'none',
      words: runs.length === 0 ? 'Nothing' : capital(runs.map((part) => PART_LABELS[part]).join(', ')),
    })),
    place: 'wall',
    kind: 'look',
    caution: null,
    seconds: 120,
    needsPanel: false,
  };
};

/** Checks of many things at once, with one answer. */
export const sweeps = (facts: Facts, harness: Harness): readonly Probe[] => {
  const faults = faultsOf(harness);
  return [
    pulled(facts),
    ...kitSweeps(facts),
    ...cableSweeps(facts, harness, faults),
    ...stripLooks(facts, harness, faults),
  ];
};
