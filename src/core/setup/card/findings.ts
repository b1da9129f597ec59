import type { Card, CardLine, CardSteps } from './card';

/** A finding on a card, to settle before the panel is closed. */
export interface CardFinding {
  readonly severity: 'error' | 'warning';
  readonly what: string;
  readonly fix: string;
  /** Its line; null: the whole card. */
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
            what: `${nameOf(line)}: left at ${before.value} by ${before.author}, now found at ${found.value}.`,
            fix: 'Someone changed it since, or it was never activated. Ask before you change it again.',
          },
        ]
      : []),
    ...(left !== null && target.kind === 'set' && left.value !== target.code
      ? [
          {
            severity: 'warning' as const,
            key,
            what: `${nameOf(line)}: left at ${left.value}; the calculated code is ${target.code}.`,
            fix: 'Set it, or override the value on Settings and give the reason.',
          },
        ]
      : []),
    ...(left !== null && readBack !== null && readBack.at >= left.at && readBack.value !== left.value
      ? [
          {
            severity: 'error' as const,
            key,
            what: `${nameOf(line)}: set to ${left.value}, reads back ${readBack.value}.`,
            fix: 'It was not saved, or not activated. Enter it again.',
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
 * Findings from a card's marks: not saved, not activated, not read back, read back different, changed since the last
 * visit.
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
      what: `Values entered but not saved (${title}).`,
      fix: 'Save them per the card and check it off.',
    })),
    ...notActive.map(() => ({
      severity: 'error' as const,
      key: null,
      what: 'Values entered but not activated: the board is still using the old ones.',
      fix: 'Activate per the card and check it off.',
    })),
    ...(unread.length > 0
      ? [
          {
            severity: 'warning' as const,
            key: null,
            what: `${unread.length} of ${leftLines.length} settings not read back: ${unread.map(({ entry }) => entry.code).join(', ')}.`,
            fix: 'Read each one back from the controller: what you typed is not always what it saved.',
          },
        ]
      : []),
  ];
};
