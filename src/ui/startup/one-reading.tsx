'use client';

import { useId } from 'react';
import type { PlannedItem } from '@/core/startup/plan';
import { useNumberEntry } from '../fields/use-number-entry';
import { SELECT_ON_FOCUS } from '../kit/select-on-focus';
import { UseReadingButton } from '../meter/use-reading-button';
import { ClampPlace } from './clamp-place';
import { Expected } from './expected';
import { FaultReading } from './fault-reading';
import { BlockedReason } from './item';
import { ItemHistory } from './item-history';
import { afterKey, Keypad } from './keypad';
import { ReadingMenu } from './reading-menu';
import { FailsButton, TickBlocked, TickButton } from './tick-button';
import { useItem } from './use-item';
import { SlipLine, VerdictLine } from './verdict-line';

interface OneReadingProps {
  readonly planned: PlannedItem;
  readonly tried: string | undefined;
  /** What the large button goes to. */
  readonly next: string;
  readonly onNext: () => void;
}

const NextButton = ({ next, onNext }: { next: string; onNext: () => void }) => (
  <button type="button" onClick={onNext} className="strong-button mt-2 h-16 low:h-13 w-full text-lg">
    <span className="truncate">{next}</span>
  </button>
);

const Heading = ({ label, children }: { label: string; children: React.ReactNode }) => (
  <div className="flex items-start gap-2">
    <h3 className="min-w-0 flex-1 pt-2 text-xl leading-tight font-semibold">{label}</h3>
    {children}
  </div>
);

/** What a reading means while typing. Fixed height, so that the keys below never move while someone types. */
const Aside = ({ children }: { children: React.ReactNode }) => (
  // The keyboard scrolls what does not fit.
  <div
    tabIndex={0}
    role="group"
    aria-label="What it means"
    className="flex-[1_0_5.5rem] low:flex-[1_0_2.5rem] overflow-y-auto overscroll-contain"
  >
    {children}
  </div>
);

const OneTick = ({ planned, next, onNext }: OneReadingProps) => {
  const { item, leftOut } = planned;
  const { openedAt } = useItem(planned);
  return (
    <>
      <Heading label={item.label}>
        <ReadingMenu planned={planned} />
      </Heading>
      <TickBlocked planned={planned} />
      {leftOut && <p className="text-quiet">Skipped: {leftOut.why}</p>}
      <div className="mt-3">
        <TickButton planned={planned} isLarge />
        <FailsButton planned={planned} />
      </div>
      {planned.verdict?.grade === 'fail' && <VerdictLine verdict={planned.verdict} />}
      <ItemHistory planned={planned} now={openedAt} />
      <div className="mt-auto">
        <NextButton next={next} onNext={onNext} />
      </div>
    </>
  );
};

const OneMeasure = ({ planned, tried, next, onNext }: OneReadingProps) => {
  const id = useId();
  const { item, reading, leftOut } = planned;
  const { keep, leads, place, setPlace, expected, field, openedAt } = useItem(planned);
  const entry = useNumberEntry(field);
  const meant = entry.typed === null ? null : entry.meant();
  // The typed value is judged as is, so that one tap enters it and continues.
  const verdict = entry.typed === null ? planned.verdict : meant === null ? undefined : planned.judged(meant, place);
  const read = entry.typed === null ? reading?.value : meant;
  return (
    <>
      <Heading label={item.label}>
        <ReadingMenu planned={planned} />
      </Heading>
      <Expected expected={expected} unit={item.unit} isLarge />
      <FaultReading tried={tried} />
      <label htmlFor={id} className="sr-only">
        {item.label}, {entry.unit}
      </label>
      <span className="mt-1 flex items-stretch">
        <input
          id={id}
          className="field-box h-18 low:h-14 w-0 min-w-0 flex-1 rounded-r-none text-right font-mono text-4xl font-semibold"
          // Its own keypad is below; a hardware keyboard still works.
          inputMode="none"
          autoComplete="off"
          placeholder="read"
          value={entry.text}
          data-typed={entry.typed !== null}
          aria-invalid={entry.wrong !== null}
          aria-describedby={entry.wrong === null ? undefined : `${id}-wrong`}
          onChange={(event) => entry.type(event.target.value)}
          {...SELECT_ON_FOCUS}
          onKeyDown={(event) => {
            if (event.key === 'Escape') entry.giveUp();
            else if (event.key === 'Enter' && entry.makesSense()) {
              entry.commit();
              onNext();
            }
          }}
        />
        <span
          aria-hidden
          className="flex min-w-12 items-center justify-center rounded-r border border-l-0 border-line-strong px-2 text-quiet"
        >
          {entry.unit}
        </span>
      </span>
      <UseReadingButton leads={leads} isAsked onTake={(value, beside) => keep(value, place, beside)} />
      <ClampPlace places={item.places} place={place} onCommit={setPlace} />
      <Aside>
        {entry.wrong !== null && (
          <p id={`${id}-wrong`} role="alert" className="text-sm font-medium text-fail">
            {entry.wrong}
          </p>
        )}
        {typeof read === 'number' && (
          <SlipLine item={item} typed={read} place={place} onTake={(value) => entry.type(String(value))} />
        )}
        {leftOut && entry.typed === null && <p className="mt-1 text-quiet">Skipped: {leftOut.why}</p>}
        <VerdictLine verdict={verdict} />
        {entry.typed === null && <ItemHistory planned={planned} now={openedAt} />}
      </Aside>
      <div className="pt-2">
        <Keypad
          takesOpen={field.takesOpen}
          takesMinus={field.min < 0}
          // The first key starts a new number, like typing into a selected field.
          onKey={(press) => entry.type(afterKey(entry.typed ?? '', press))}
        />
        <NextButton
          next={next}
          onNext={() => {
            if (entry.typed !== null && !entry.makesSense()) return;
            entry.commit();
            onNext();
          }}
        />
      </div>
    </>
  );
};

/** A hands-in reading before every supply of its cabinet is verified dead. */
const OneShut = ({ planned, next, onNext }: OneReadingProps) => (
  <>
    <Heading label={planned.item.label}>
      <ReadingMenu planned={planned} />
    </Heading>
    <Expected expected={planned.expected} unit={planned.item.unit} isLarge />
    <BlockedReason planned={planned} />
    <div className="mt-auto">
      <NextButton next={next} onNext={onNext} />
    </div>
  </>
);

/** One reading at a time, for one gloved hand: expectation, field, meaning, keys, next. */
export const OneReading = (props: OneReadingProps) => {
  if (props.planned.expected.kind === 'tick') return <OneTick {...props} />;
  return props.planned.heldShut === null ? <OneMeasure {...props} /> : <OneShut {...props} />;
};
