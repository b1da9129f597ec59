import { type Cable, type CableId, COLORS, type Conductor, type WireColor, wireNames } from '../harness';
import type { Run } from './draft';

/** Colors of a cable, and which are reserved for what. */
export interface Palette {
  /** In the order used for runs without their own color. */
  readonly colours: readonly WireColor[];
  /** Colors that runs were found on. */
  readonly keptFor: (run: Run) => readonly WireColor[];
  /** Colors already found on something, not to be taken as a usual color. */
  readonly spoken: ReadonlySet<WireColor>;
}

/** A cable of which only the conductor count is known. */
export const usualPalette = (conductors: number): Palette => ({
  colours: COLORS.slice(0, conductors),
  keptFor: () => [],
  spoken: new Set(),
});

/**
 * Assigns each run its reserved color, else its usual one if the cable has it, else the next free one; none if the
 * cable is used up.
 */
const dealColors = (runs: readonly Run[], { colours, keptFor, spoken }: Palette): (WireColor | null)[] => {
  const free = new Set<WireColor>(colours);
  const take = (wanted: readonly WireColor[]): WireColor | null => wanted.find((colour) => free.delete(colour)) ?? null;
  const kept = runs.map((each) => take(keptFor(each)));
  const usual = runs.map((each, at) => kept[at] ?? (spoken.has(each.colour) ? null : take([each.colour])));
  return usual.map((colour) => colour ?? take([...free]));
};

/** Leads have any colors: each run keeps its own, or takes an unused one. */
const leadColors = (runs: readonly Run[]): WireColor[] => {
  const used = new Set<WireColor>();
  return runs.map(({ colour }) => {
    const own = used.has(colour) ? (COLORS.find((each) => !used.has(each)) ?? colour) : colour;
    used.add(own);
    return own;
  });
};

/** A cable's conductors: its runs in their colors, then spares. */
export const conductorsOf = (
  cable: Cable,
  runs: readonly Run[],
  palette = usualPalette(cable.conductors),
): Conductor[] => {
  const colours = isLeads(cable.id) ? leadColors(runs) : dealColors(runs, palette);
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
