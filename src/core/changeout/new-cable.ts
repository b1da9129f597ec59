/** A new control cable: conductors as made, and length including slack. */
export interface NewCable {
  readonly conductors: number;
  readonly feet: number;
}

/** Conductor counts that control cable is made in. */
const MADE = [2, 3, 4, 5, 6, 7, 8, 10, 12, 18] as const;
/** Extra length of a new cable beyond its run. Our judgment. */
const DRESSING_SHARE = 1.15;

/** Length of a run with slack, ft. */
export const feetWithMakeup = (lengthFt: number): number => Math.ceil(lengthFt * DRESSING_SHARE);

/** Smallest cable made that leaves a spare. */
export const newCable = (needed: number, lengthFt: number): NewCable => ({
  conductors: MADE.find((made) => made > needed) ?? MADE.at(-1)!,
  feet: feetWithMakeup(lengthFt),
});
