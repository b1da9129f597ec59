import type { CardLine } from '@/core/setup/card/card';
import { LocalizedDegrees } from '../../degrees/degrees';
import { DateText } from '../../kit/date-text';

/** The value to set, next to the old one; or why the entry is left alone. */
export const TargetWords = ({ line: { target, found, left, before } }: { line: CardLine }) => {
  const old = left ?? found;
  switch (target.kind) {
    case 'set':
      return (
        <p className="font-mono">
          {old && old.value !== target.code && (
            <>
              <span className="text-xl text-quiet line-through">{old.value}</span> <span aria-label="to">→</span>{' '}
            </>
          )}
          <span className="text-3xl font-semibold">{target.code}</span>{' '}
          <span className="text-sm">
            {target.words !== target.code && <LocalizedDegrees>{target.words}</LocalizedDegrees>}
          </span>
          {target.note && <span className="block text-sm text-quiet">{target.note}</span>}
          {before && found && before.value !== found.value && (
            <span className="block text-sm font-semibold text-warn">
              Left at {before.value} by {before.author} <DateText at={before.at} />.
            </span>
          )}
        </p>
      );
    case 'leave':
      return (
        <p className="text-sm text-quiet">
          Leave it as found. <LocalizedDegrees>{target.why}</LocalizedDegrees>
        </p>
      );
    case 'no-code':
      return (
        <p className="text-sm font-semibold text-fail">
          This profile has no code for <LocalizedDegrees>{target.wanted}</LocalizedDegrees>.
        </p>
      );
  }
};
