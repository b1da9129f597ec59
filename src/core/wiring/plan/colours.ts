import { type Cable, type CableId, COLORS, type Conductor, type WireColor, wireNames } from '../harness';
import type { Run } from './draft';

/** Colors that a cable has, and which of them is kept for what. */
export interface Palette {
  /** In the order in which they are taken where a run has none of its own. */
  readonly colours: readonly WireColor[];
  /** The colors that a run was found on. */
  readonly keptFor: (run: Run) => readonly WireColor[];
  /** Colors that someone found on something, which no run takes for being usual. */
  readonly spoken: ReadonlySet<WireColor>;
}

/** A cable of which nothing is known but how many conductors it has. */
export const usualPalette = (conductors: number): Palette => ({
  colours: COLORS.slice(0, conductors),
  keptFor: () => [],
  spoken: new Set(),
});

/**
 * Gives each run the color that is kept for it, else its usual one where the cable has it, else the next one free;
 * none where the cable is used up.
 */
const dealColours = (runs: readonly Run[], { colours, keptFor, spoken }: Palette): (WireColor | null)[] => {
  const free = new Set<WireColor>(colours);
  const take = (wanted: readonly WireColor[]): WireColor | null => wanted.find((colour) => free.delete(colour)) ?? null;
  const kept = runs.map((each) => take(keptFor(each)));
  const usual = runs.map((each, at) => kept[at] ?? (spoken.has(each.colour) ? null : take([each.colour])));
  return usual.map((colour) => colour ?? take([...free]));
};

/** Leads come in what colors they come in: each run keeps its own, or takes another not yet used. */
const leadColours = (runs: readonly Run[]): WireColor[] => {
  const used = new Set<WireColor>();
  return runs.map(({ colour }) => {
    const own = used.has(colour) ? (COLORS.find((each) => !used.has(each)) ?? colour) : colour;
    used.add(own);
    return own;
  });
};

/** The conductors of a cable: its runs in their colors, then its spares. */
export const conductorsOf = (
  cable: Cable,
  runs: readonly Run[],
  palette = usualPalette(cable.conductors),
): Conductor[] => {
  const colours = isLeads(cable.id) ? leadColours(runs) : dealColours(runs, palette);
  const spares = isLeads(cable.id) ? [] : palette.colours.filter((colour) => !colours.includes(colour));
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
