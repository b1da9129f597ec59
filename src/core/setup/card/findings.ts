import type { Card, CardLine, CardSteps } from './card';

/** Something about a card that wants a look before the panel is closed. */
export interface CardFinding {
  readonly severity: 'error' | 'warning';
  readonly what: string;
  readonly mend: string;
  /** The line that it is about; null: the card. */
  readonly key: string | null;
}

const nameOf = ({ entry }: CardLine) => `${entry.code} ${entry.label}`;

const ofLine = (line: CardLine): CardFinding[] => {
  const { target, left, readBack, found, before, key } = line;
  return [
    ...(before !== null && found !== null && found.value !== before.value
      ? [
          {
            severity: 'warning' as const,
            key,
            what: `${nameOf(line)} was left at ${before.value} by ${before.author} and is found at ${found.value}.`,
            mend: 'Somebody has been here since, or it was never activated. Ask before it is changed again.',
          },
        ]
      : []),
    ...(left !== null && target.kind === 'set' && left.value !== target.code
      ? [
          {
            severity: 'warning' as const,
            key,
            what: `${nameOf(line)} is left at ${left.value}; ${target.code} was worked out.`,
            mend: 'Set it, or choose the other value among the settings, with the reason.',
          },
        ]
      : []),
    ...(left !== null && readBack !== null && readBack.at >= left.at && readBack.value !== left.value
      ? [
          {
            severity: 'error' as const,
            key,
            what: `${nameOf(line)} was left at ${left.value} and reads back ${readBack.value}.`,
            mend: 'It was not saved, or not activated. Enter it again.',
          },
        ]
      : []),
  ];
};

const stepsOf = (card: Card, start: string): CardSteps[] =>
  card.screens.flatMap((screen) =>
    screen.kind === 'steps' && screen.steps.id.startsWith(start) ? [screen.steps] : [],
  );

const later = (steps: CardSteps, at: string) => steps.done !== null && steps.done.at >= at;

/**
 * What the marks of a card contradict: values not saved, not activated, not read back, read back otherwise, changed
 * since the last visit.
 */
export const cardFindings = (card: Card): CardFinding[] => {
  const leftLines = card.lines.filter(({ left }) => left !== null);
  const found = card.lines.flatMap(ofLine);
  if (leftLines.length === 0) return found;
  const lastAt = leftLines
    .map(({ left }) => left!.at)
    .sort()
    .at(-1)!;
  const unsaved = stepsOf(card, 'save-').filter((steps) => {
    const at = leftLines
      .filter(({ entry }) => steps.id === `save-${entry.scope}`)
      .map(({ left }) => left!.at)
      .sort()
      .at(-1);
    return at !== undefined && !later(steps, at);
  });
  const notActive = stepsOf(card, 'activate').filter((steps) => !later(steps, lastAt));
  const unread = leftLines.filter(({ left, readBack }) => readBack === null || readBack.at < left!.at);
  return [
    ...found,
    ...unsaved.map(({ title }) => ({
      severity: 'error' as const,
      key: null,
      what: `Values were entered and not saved (${title}).`,
      mend: 'Save them as the card says, and tick it.',
    })),
    ...notActive.map(() => ({
      severity: 'error' as const,
      key: null,
      what: 'Values were entered and are not activated: the board runs on the old ones.',
      mend: 'Activate as the card says, and tick it.',
    })),
    ...(unread.length > 0
      ? [
          {
            severity: 'warning' as const,
            key: null,
            what: `${unread.length} of ${leftLines.length} values left are not read back: ${unread.map(({ entry }) => entry.code).join(', ')}.`,
            mend: 'Read each back from the controller; what was typed is not always what was kept.',
          },
        ]
      : []),
  ];
};
