/** A control cable to pull: conductors as it is made, and feet with what dressing takes. */
export interface NewCable {
  readonly conductors: number;
  readonly feet: number;
}

/** Sizes that control cable is made in. */
const MADE = [2, 3, 4, 5, 6, 7, 8, 10, 12, 18] as const;
/** What dressing takes of a new cable beyond its run. Our judgment. */
const DRESSING_SHARE = 1.15;

/** The feet of a run with what dressing takes. */
export const feetWithMakeup = (lengthFt: number): number => Math.ceil(lengthFt * DRESSING_SHARE);

/** The smallest cable that is made with a spare next to the conductors that are needed. */
export const newCable = (needed: number, lengthFt: number): NewCable => ({
  conductors: MADE.find((made) => made > needed) ?? MADE.at(-1)!,
  feet: feetWithMakeup(lengthFt),
});
