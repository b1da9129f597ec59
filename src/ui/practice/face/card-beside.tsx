'use client';

import { type Card, type CardLine, wordsOfCode } from '@/core/setup/card/card';
import type { Target } from '@/core/setup/card/target';
import { type Face, shownCode } from '@/core/setup/face/face';
import { isMet } from '@/core/setup/face/follow';
import { LocalizedDegrees } from '../../degrees/degrees';

/** A code with its meaning, if that differs. */
const withWords = (code: string, words: string): string => (words.startsWith(code) ? words : `${code} · ${words}`);

const wantedWords = (target: Target): string => {
  if (target.kind === 'set') return withWords(target.code, target.words);
  return target.kind === 'leave' ? 'as found' : 'no code';
};

/** State of an entry, whether it counts yet, and notes. */
const standsWords = (face: Face, line: CardLine): string => {
  const { entry, key, target } = line;
  const code = shownCode(face, key);
  const met = isMet(face, line);
  return [
    `Set to ${withWords(code, wordsOfCode(entry, code))}.`,
    met === true && 'Active.',
    met === false && target.kind === 'set' && code === target.code && 'Not active yet.',
    target.kind === 'leave' && target.why,
    target.kind === 'no-code' && `${target.wanted}.`,
    entry.isLasting && 'Cannot be undone once saved.',
  ]
    .filter(Boolean)
    .join(' ');
};

/** A house's card next to its controller: targets, present values, and whether they count yet. */
export const CardBeside = ({ card, face }: { card: Card; face: Face }) => (
  <ol>
    {card.lines.map((line) => {
      const { entry, key, target } = line;
      return (
        <li
          key={key}
          aria-current={face.at === key ? 'step' : undefined}
          className="border-b border-line py-1.5 aria-[current]:border-l-4 aria-[current]:border-l-ink aria-[current]:pl-2"
        >
          <p className="flex flex-wrap justify-between gap-x-4">
            <span className="font-medium">
              <span className="font-mono">{entry.code}</span> {entry.label}
            </span>
            <span className="font-mono">
              <LocalizedDegrees>{wantedWords(target)}</LocalizedDegrees>
            </span>
          </p>
          <p className="text-sm text-quiet">
            <LocalizedDegrees>{standsWords(face, line)}</LocalizedDegrees>
          </p>
        </li>
      );
    })}
  </ol>
);
