import type { Origin } from '../../core/job/in-time';

/** Origin of an entry, as columns. */
interface OriginColumns {
  readonly device: string | null;
  readonly sequence: string | number | null;
  readonly clockOffsetMs: number | null;
}

/** An origin as columns. */
export const originColumns = ({ origin }: { readonly origin: Origin | null }): OriginColumns => ({
  device: origin?.device ?? null,
  sequence: origin?.sequence ?? null,
  clockOffsetMs: origin?.clockOffsetMs ?? null,
});

/** Columns as an origin. */
export const originOf = ({ device, sequence, clockOffsetMs }: OriginColumns): Origin | null =>
  device === null ? null : { device, sequence: Number(sequence), clockOffsetMs };
