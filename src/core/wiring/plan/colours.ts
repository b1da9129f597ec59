import { type Cable, type CableId, type Colour, COLOURS, type Conductor, wireNames } from '../harness';
import type { Run } from './draft';

/** Gives each run its usual colour where the cable has it, else the next one free; none where the cable is used up. */
const dealColours = (runs: readonly Run[], conductors: number): (Colour | null)[] => {
  const free = new Set<Colour>(COLOURS.slice(0, conductors));
  const dealt: (Colour | null)[] = runs.map(({ colour }) => (free.delete(colour) ? colour : null));
  return dealt.map((colour) => {
    if (colour !== null) return colour;
    const [next = null] = free;
    if (next !== null) free.delete(next);
    return next;
  });
};

/** Leads come in what colours they come in: each run keeps its own, or takes another not yet used. */
const leadColours = (runs: readonly Run[]): Colour[] => {
  const used = new Set<Colour>();
  return runs.map(({ colour }) => {
    const own = used.has(colour) ? (COLOURS.find((each) => !used.has(each)) ?? colour) : colour;
    used.add(own);
    return own;
  });
};

/** The conductors of a cable: its runs in their colours, then its spares. */
export const conductorsOf = (cable: Cable, runs: readonly Run[]): Conductor[] => {
  const colours = isLeads(cable.id) ? leadColours(runs) : dealColours(runs, cable.conductors);
  const spares = isLeads(cable.id)
    ? []
    : COLOURS.slice(0, cable.conductors).filter((colour) => !colours.includes(colour));
  const ids = wireNames(cable.id, [...colours, ...spares]);
  return [
    ...runs.map(({ from, to, carries }, at): Conductor => ({
      id: ids[at]!,
      cable: cable.id,
      colour: colours[at]!,
      from,
      to,
      carries,
    })),
    ...spares.map((colour, at): Conductor => ({
      id: ids[runs.length + at]!,
      cable: cable.id,
      colour,
      from: null,
      to: null,
      carries: 'spare',
    })),
  ];
};

export const isLeads = (id: CableId): boolean => id.startsWith('leads-');
