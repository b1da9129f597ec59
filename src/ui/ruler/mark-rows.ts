import { percentAlong, type SpanF } from '@/core/units/span';

/** Width of a letter in percent of the scale, on a desk and on a phone. */
export const LETTER_WIDTH = { desk: 0.82, phone: 2.8 } as const;

/** Beyond this position a label goes left of its mark, percent across. */
const TURNS_AT = 82;

export interface PlacedMark<Mark> {
  readonly mark: Mark;
  readonly row: number;
  readonly end: 'left' | 'right';
}

/**
 * Rows for mark labels, so that none overlaps another.
 * @param widthOf width of a mark's label, percent of the scale
 */
export const markRows = <Mark extends { readonly atF: number }>(
  spanF: SpanF,
  marks: readonly Mark[],
  widthOf: (mark: Mark) => number,
): readonly PlacedMark<Mark>[] => {
  const ends: number[] = [];
  return [...marks]
    .sort((a, b) => a.atF - b.atF)
    .map((mark) => {
      const across = percentAlong(spanF, mark.atF);
      const end = across > TURNS_AT ? 'right' : 'left';
      const from = end === 'left' ? across : across - widthOf(mark);
      const free = ends.findIndex((taken) => taken <= from);
      const row = free < 0 ? ends.length : free;
      ends[row] = from + widthOf(mark);
      return { mark, row, end };
    });
};
