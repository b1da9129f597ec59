import { type Edge, type NodeName, sourcesOf } from '../circuit/network';
import type { Moment } from '../control/moment';
import type { LockedOut } from '../control/thermostat';
import { type Coil, type Contact, type DeviceId, nodeOf } from '../devices/device';
import type { Facts } from '../job/document';
import { workingCoils } from './behavior';
import { colorName, type Harness, jumperWords, landedConductors, parseRef, refText, refWords } from './harness';
import { asPlannedState, type Bench, type WiringState } from './state';

/** One step on the path of the current, or where it stops. */
export interface TraceStep {
  readonly kind: 'source' | 'contact' | 'conductor' | 'jumper' | 'factory' | 'coil' | 'common';
  readonly words: string;
  /** Volts to the system common after this step. */
  readonly volts: number;
  readonly passes: boolean;
  /** Why it stops here. */
  readonly why?: string;
  /** Its edge or coil, for highlighting. */
  readonly id: string;
}

/** The current path through one coil. */
export interface Trace {
  readonly coil: Coil;
  readonly device: DeviceId;
  readonly status: 'runs' | 'stopped' | 'chatters';
  readonly steps: readonly TraceStep[];
  /** What holds it off on purpose: lockouts, outdoor thermostats. */
  readonly held: readonly string[];
}

interface Link {
  readonly edge: Edge;
  readonly step: Omit<TraceStep, 'volts' | 'words'> & { readonly words: (from: NodeName, to: NodeName) => string };
  readonly cost: number;
}

/**
 * Cost of an open contact on a path: more than any detour, and more the less it belongs to the call's path. Cheapest is
 * a switch waiting for weather; then the thermostat's own outputs; then relays; then a missing wire. What only another
 * call, a defrost or a fault would close is not a path.
 */
const OPEN_COST = { gate: 500, output: 1000, relay: 2000, other: 3000, elsewhere: 40_000 } as const;
const ABSENT_COST = 5000;

const openCost = ({ movedBy, poweredBy }: Contact, { signals, moment, energized }: WiringState): number => {
  if (typeof movedBy === 'object') return OPEN_COST.relay;
  // Signaled but not moved: its device has no power. The call stops there.
  if (poweredBy !== undefined && signals.has(movedBy) && !energized.has(poweredBy)) return OPEN_COST.gate;
  if (movedBy.startsWith('outdoor-thermostat')) return OPEN_COST.gate;
  if (movedBy === 'E') return moment.call === 'emergency' ? OPEN_COST.output : OPEN_COST.elsewhere;
  // Emergency heat has its own path if wired.
  if (movedBy.startsWith('AUX'))
    return moment.call === 'emergency' && signals.has('E') ? OPEN_COST.elsewhere : OPEN_COST.output;
  if (movedBy === 'defrost') return moment.call === 'defrost' ? OPEN_COST.output : OPEN_COST.elsewhere;
  if (movedBy === 'fault-heat') return OPEN_COST.elsewhere;
  return /^(Y2?|G|O|B)$/.test(movedBy) ? OPEN_COST.output : OPEN_COST.other;
};

const pointWords = (node: NodeName) => {
  const ref = parseRef(node);
  return ref ? refWords(ref) : node;
};

/** Why a contact is open: its own reason, or no power at its device. */
const openWhy = (harness: Harness, { openWhy: why, poweredBy, movedBy }: Contact, state: WiringState): string => {
  if (poweredBy === undefined || state.energized.has(poweredBy)) return why;
  if (typeof movedBy === 'string' && !state.signals.has(movedBy)) return why;
  const device = harness.devices.find(({ coils }) => coils.some(({ id }) => id === poweredBy));
  return `The ${device?.label.toLowerCase() ?? 'control'} has no power, so it makes no calls: check R and C there first.`;
};

const contactLinks = (harness: Harness, state: WiringState): Link[] => {
  const edges = new Map(
    state.network.edges.flatMap((edge) => (edge.kind === 'switch' && edge.id !== undefined ? [[edge.id, edge]] : [])),
  );
  return harness.devices.flatMap(({ contacts }) =>
    contacts.flatMap((contact): Link[] => {
      const edge = edges.get(contact.id);
      if (!edge) return [];
      return [
        {
          edge,
          cost: edge.closed ? 1 : openCost(contact, state),
          step: {
            kind: 'contact',
            id: contact.id,
            words: () => contact.label,
            passes: edge.closed,
            ...(edge.closed ? {} : { why: openWhy(harness, contact, state) }),
          },
        },
      ];
    }),
  );
};

const wireLinks = (harness: Harness, planned: Harness, state: WiringState): Link[] => {
  const present = new Map(
    state.network.edges.flatMap((edge) => (edge.kind === 'wire' && edge.id !== undefined ? [[edge.id, edge]] : [])),
  );
  const cable = new Map(harness.cables.map(({ id, label }) => [id, label.toLowerCase()]));
  const landing = (from: string, to: string) => `${from}→${to}`;
  const found = [
    ...landedConductors(harness).map(({ id, colour, cable: of, from, to }) => ({
      id,
      from,
      to,
      kind: 'conductor' as const,
      name: `${colorName(colour, 'no conductor')}, ${cable.get(of) ?? ''}`,
    })),
    ...harness.jumpers.map(({ id, from, to }) => ({
      id,
      from,
      to,
      kind: 'jumper' as const,
      name: jumperWords({ from, to }),
    })),
    ...harness.devices.flatMap(({ factoryLeads }) =>
      factoryLeads.map(({ id, label }) => ({ id, kind: 'factory' as const, name: label })),
    ),
  ];
  const links = found.flatMap(({ id, kind, name }): Link[] => {
    const edge = present.get(id);
    return edge
      ? [{ edge, cost: 1, step: { kind, id, passes: true, words: (_, to) => `${name} to ${pointWords(to)}` } }]
      : [];
  });
  const laid = new Set(links.map(({ edge }) => landing(edge.a, edge.b)));
  const plannedWires = [
    ...landedConductors(planned).map(({ id, from, to, colour }) => ({
      id,
      from,
      to,
      kind: 'conductor' as const,
      name: `${colorName(colour)}, ${pointWords(refText(from))} to ${pointWords(refText(to))}`,
    })),
    ...planned.jumpers.map(({ id, from, to }) => ({
      id,
      from,
      to,
      kind: 'jumper' as const,
      name: jumperWords({ from, to }),
    })),
  ];
  const absent = plannedWires
    .filter(
      ({ from, to }) =>
        !laid.has(landing(refText(from), refText(to))) && !laid.has(landing(refText(to), refText(from))),
    )
    .map(({ id, from, to, kind, name }): Link => ({
      edge: { kind: 'wire', a: refText(from), b: refText(to), ohms: 1, id },
      cost: ABSENT_COST,
      step: {
        kind,
        id,
        passes: false,
        words: () => name,
        why: 'Planned but missing: open, off or landed somewhere else.',
      },
    }));
  return [...links, ...absent];
};

interface Hop {
  readonly link: Link;
  readonly from: NodeName;
  readonly to: NodeName;
}

/** The cheapest path between two points: through closed contacts if possible, else with the fewest stops. */
const cheapestWay = (
  links: readonly Link[],
  from: NodeName,
  to: NodeName,
): { readonly cost: number; readonly hops: readonly Hop[] } | null => {
  const best = new Map<NodeName, { cost: number; hops: readonly Hop[] }>([[from, { cost: 0, hops: [] }]]);
  const done = new Set<NodeName>();
  for (;;) {
    let here: NodeName | null = null;
    for (const [node, { cost }] of best)
      if (!done.has(node) && (here === null || cost < best.get(here)!.cost)) here = node;
    if (here === null) return null;
    const { cost, hops } = best.get(here)!;
    if (here === to) return { cost, hops };
    done.add(here);
    for (const link of links) {
      const next = link.edge.a === here ? link.edge.b : link.edge.b === here ? link.edge.a : null;
      if (next === null || done.has(next)) continue;
      const sum = cost + link.cost;
      if (sum < (best.get(next)?.cost ?? Infinity))
        best.set(next, { cost: sum, hops: [...hops, { link, from: here, to: next }] });
    }
  }
};

const heldFor = (held: readonly LockedOut[], { source }: Coil): string[] =>
  held.filter((each) => each.source === source).map(({ why }) => why);

const traceOf = (coil: Coil, device: DeviceId, links: readonly Link[], state: WiringState): Trace => {
  const volts = (node: NodeName) => Math.abs(state.solution.volts.get(node) ?? 0);
  const hot = nodeOf(device, coil.from);
  const back = nodeOf(device, coil.to);
  const ways = sourcesOf(state.network).flatMap((source) => {
    const there = cheapestWay(links, source.plus, hot);
    const home = cheapestWay(links, back, source.minus);
    return there && home ? [{ source, there, home, cost: there.cost + home.cost }] : [];
  });
  const way = ways.sort((a, b) => a.cost - b.cost)[0];
  const status = state.chattering.includes(coil.id) ? 'chatters' : state.energized.has(coil.id) ? 'runs' : 'stopped';
  const held = heldFor(state.lockedOut, coil);
  const coilStep = (passes: boolean): TraceStep => ({
    kind: 'coil',
    id: coil.id,
    words: `${coil.label}. ${passes ? coil.does : ''}`.trim(),
    volts: volts(back),
    passes,
  });
  if (!way) {
    const why = 'No path from here to the transformer.';
    return { coil, device, status, held, steps: [{ ...coilStep(false), why }] };
  }
  const hopStep = ({ link, from, to }: Hop): TraceStep => {
    const { words, why, ...rest } = link.step;
    const reasons = [
      ...(why ? [why] : []),
      ...(link.step.kind === 'contact' && !link.step.passes
        ? held.filter((each) => !why || !each.includes(why.slice(0, 24)))
        : []),
    ];
    return {
      ...rest,
      words: words(from, to),
      volts: volts(to),
      ...(reasons.length > 0 ? { why: reasons.join(' ') } : {}),
    };
  };
  return {
    coil,
    device,
    status,
    held,
    steps: [
      {
        kind: 'source',
        id: way.source.plus,
        words: 'Transformer, hot side',
        volts: volts(way.source.plus),
        passes: true,
      },
      ...way.there.hops.map(hopStep),
      coilStep(status === 'runs'),
      ...way.home.hops.map(hopStep),
      { kind: 'common', id: way.source.minus, words: 'Transformer, common side', volts: 0, passes: true },
    ],
  };
};

/** The job without lockouts: what a call is meant to turn on. */
const ungated = (facts: Facts): Facts => ({
  ...facts,
  gates: {
    ...facts.gates,
    compressorBelowF: null,
    auxAboveF: null,
    outdoorThermostats: facts.gates.outdoorThermostats.map((row) => ({ ...row, closesBelowF: Infinity })),
  },
});

/**
 * Traces the current of a call through everything that it turns on, or is meant to: from the transformer through every
 * contact, conductor and coil, and back; where it stops, why.
 * @param sound the good system, which names a missing conductor
 */
export const traceCall = (facts: Facts, sound: Bench, harness: Harness, state: WiringState): Trace[] => {
  const planned = sound.harness;
  const meant = sound.at(ungated(facts), asPlannedState(state.moment));
  const links = [...contactLinks(harness, state), ...wireLinks(harness, planned, state)];
  const wanted = new Set(
    workingCoils(harness)
      .filter(({ id }) => meant.energized.has(id) || state.energized.has(id) || state.chattering.includes(id))
      .map(({ id }) => id),
  );
  return harness.devices.flatMap((device) =>
    device.coils.filter(({ id }) => wanted.has(id)).map((coil) => traceOf(coil, device.id, links, state)),
  );
};

/** What the thermostat would do by itself at this room temperature; null if it would make the call. */
export const roomNote = ({ house }: Facts, { call, indoorF }: Moment): string | null =>
  (call.startsWith('heat') || call === 'defrost') && indoorF > house.heatSetpointF
    ? `Room ${indoorF} °F is above the ${house.heatSetpointF} °F setpoint: this call would not come on by itself. Raise the setpoint for the test.`
    : null;
