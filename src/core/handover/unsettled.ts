import type { HandoverRecord } from './record';

/**
 * Unsettled items of a record in words, worst first: stops, failed readings, findings that are not accepted, steps with
 * missing readings. Handover asks before signing them.
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
