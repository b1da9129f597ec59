import type { HandoverRecord } from './record';

/**
 * What a record leaves unsettled, in words, the worst first: what stops the work, readings that failed, findings that
 * are not waived or mere notes, steps with something unread. Handing over asks before it signs these.
 */
export const unsettled = ({ steps, open, stops = [] }: Pick<HandoverRecord, 'steps' | 'open' | 'stops'>): string[] => [
  ...stops,
  ...steps.flatMap(({ title, readings }) =>
    readings.filter(({ grade }) => grade === 'fail').map(({ label, read }) => `Failed: ${title}, ${label}, ${read}.`),
  ),
  ...(['error', 'warning'] as const).flatMap((weight) =>
    open.filter(({ severity }) => severity === weight).map(({ words }) => words),
  ),
  ...open.filter(({ severity }) => severity === null).map(({ words }) => words),
];
