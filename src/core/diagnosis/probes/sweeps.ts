import { indoorId, outdoorId } from '../../devices';
import { DEVICE_LABELS } from '../../devices/device';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import type { RungAil } from '../../model/ails';
import { observationKey } from '../../model/observable';
import { ALL_SOUND, rungsOnWord, rungWord, RUNNING_PARTS } from '../../model/predict';
import { faultsOf, type NamedFault } from '../../wiring/fault';
import { colourName, type Harness, jumperWords, landedConductors, type WireId } from '../../wiring/harness';
import type { Probe } from '../probe';

type Choice = NonNullable<Probe['choices']>[number];

const sound = (words: string): Choice => ({ word: ALL_SOUND, words });

const PART_WORDS: Partial<Record<RungAil, string>> = { element: 'element', link: 'one-time link', limit: 'limit' };

/** The heat kit gone down rung by rung: with an ohmmeter, dead; with a clamp, live. */
const kitSweeps = (facts: Facts): Probe[] => {
  const rungs = kitRows(facts).map((_, at) => at);
  if (rungs.length === 0) return [];
  const parts = (['element', ...(facts.heatKit.hasLinks ? (['link'] as const) : []), 'limit'] as const).map(
    (part) => part,
  );
  const place = indoorId(facts) === outdoorId(facts) ? 'outdoors' : 'indoors';
  const dead = { call: null, observable: { kind: 'rungs' } } as const;
  const live = { call: 'emergency', observable: { kind: 'rung-amps' } } as const;
  const subsets = Array.from({ length: 2 ** rungs.length }, (_, bits) => rungs.filter((at) => (bits >> at) & 1));
  return [
    {
      id: observationKey(facts, dead),
      of: dead,
      words: 'Rungs of the heat kit, ohms',
      how: 'Every supply open, locked and proven dead; one end of each rung lifted. Ohms of each element, link and limit: which is OL?',
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
      words: 'Rungs of the heat kit, amps',
      how: 'A minute after the call, the lead of each element alone in the clamp: which of them draw current?',
      unit: '',
      marks: null,
      choices: subsets.map((on) => ({
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

const colourOf = (harness: Harness, wire: WireId): string => {
  const conductor = landedConductors(harness).find(({ id }) => id === wire);
  return colourName(conductor?.colour ?? null);
};

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** Each cable lifted at both ends and gone through. */
const cableSweeps = (facts: Facts, harness: Harness, faults: readonly NamedFault[]): Probe[] =>
  harness.cables.flatMap(({ id: cable, label, to }): Probe[] => {
    const of = { call: null, observable: { kind: 'cable', cable } } as const;
    const choices = faults.flatMap(({ code, fault }): Choice[] => {
      if (fault.kind === 'open' && fault.edge.startsWith(`${cable}/`))
        return [{ word: code, words: `${capital(colourOf(harness, fault.edge as WireId))} open` }];
      if (fault.kind === 'touching' && fault.wires[0].startsWith(`${cable}/`))
        return [
          {
            word: code,
            words: `${capital(fault.wires.map((wire) => colourOf(harness, wire)).join(' and '))} touching`,
          },
        ];
      return [];
    });
    if (choices.length === 0) return [];
    return [
      {
        id: observationKey(facts, of),
        of,
        words: `${label}, conductor by conductor`,
        how: 'Control power off, all conductors lifted at both ends and photographed first. Each to each: OL. Joined at one end: each a few ohms.',
        unit: '',
        marks: null,
        choices: [sound('All whole, none touching'), ...choices],
        place: harness.devices.find(({ id }) => id === to)?.spot ?? 'indoors',
        kind: 'dead',
        caution: 'every-supply',
        seconds: 300,
        needsPanel: true,
      },
    ];
  });

/** Each strip looked over: conductors by color against the drawing, each tugged, jumpers in. */
const stripLooks = (facts: Facts, harness: Harness, faults: readonly NamedFault[]): Probe[] =>
  harness.devices.flatMap(({ id: device, spot }): Probe[] => {
    const of = { call: null, observable: { kind: 'strip', device } } as const;
    const choices = faults.flatMap(({ code, fault }): Choice[] => {
      switch (fault.kind) {
        case 'swapped':
          if (!code.endsWith(`@${device}`)) return [];
          return [
            {
              word: code,
              words: `${capital(fault.wires.map((wire) => colourOf(harness, wire)).join(' and '))} exchanged`,
            },
          ];
        case 'loose': {
          const conductor = landedConductors(harness).find(({ id }) => id === fault.wire);
          return conductor?.from.device === device
            ? [{ word: code, words: `${capital(colourName(conductor.colour))} loose on ${conductor.from.mark}` }]
            : [];
        }
        case 'open': {
          const jumper = harness.jumpers.find(({ id, from }) => id === fault.edge && from.device === device);
          return jumper ? [{ word: code, words: `${capital(jumperWords(jumper))} missing` }] : [];
        }
        case 'touching':
        case 'stuck':
          return [];
      }
    });
    if (choices.length === 0) return [];
    return [
      {
        id: observationKey(facts, of),
        of,
        words: `${DEVICE_LABELS[device]}’s strip against the drawing`,
        how: 'Conductors by color, terminal by terminal; tug each; jumpers in.',
        unit: '',
        marks: null,
        choices: [sound('As drawn, all tight'), ...choices],
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
  const subsets = Array.from({ length: 2 ** RUNNING_PARTS.length }, (_, bits) =>
    RUNNING_PARTS.filter((_part, at) => (bits >> at) & 1),
  );
  return {
    id: observationKey(facts, of),
    of,
    words: 'Thermostat pulled off its base: what still runs',
    how: 'Off first. Pull it, wait five minutes for switches to open, and listen at a register and outdoors.',
    unit: '',
    marks: null,
    choices: subsets.map((runs) => ({
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

/** What is gone through in one go, with one answer for all of it. */
export const sweeps = (facts: Facts, harness: Harness): readonly Probe[] => {
  const faults = faultsOf(harness);
  return [
    pulled(facts),
    ...kitSweeps(facts),
    ...cableSweeps(facts, harness, faults),
    ...stripLooks(facts, harness, faults),
  ];
};
