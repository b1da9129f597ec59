'use client';

import { useState } from 'react';
import { timeDoubt } from '@/core/job/in-time';
import { readingHistory, type ReadingValue } from '@/core/job/reading';
import { observed } from '@/core/model/observable';
import type { PlannedItem } from '@/core/startup/plan';
import { hasRunOut } from '@/core/startup/tick';
import { ChoiceBox } from '../fields/choice-box';
import { NumberBox } from '../fields/number-box';
import { useJob } from '../job/provider';
import { shownVisit } from '../job/visits';
import { When } from '../when';
import { Expected } from './expected';
import { GradeMark } from './grade-mark';
import { useKeepReading } from './use-keep-reading';

const STEPS: Record<string, number> = { V: 1, A: 0.1, Ω: 0.1, '°F': 0.5, 'in. w.c.': 0.01, min: 0.5 };
const LEAST: Record<string, number> = { '°F': -60 };
const MOST: Record<string, number> = { V: 1000, A: 400, Ω: 100_000, '°F': 300, 'in. w.c.': 10, min: 120 };

const History = ({ item, unit, now }: { item: string; unit: string; now: number }) => {
  const all = useJob((job) => job.readings);
  const began = useJob((job) => shownVisit(job)?.began);
  const facts = useJob((job) => job.facts);
  const history = readingHistory(observed(facts, all), item);
  if (history.length === 0) return null;
  return (
    <ul className="text-xs text-quiet">
      {history.map((reading, at) => (
        <li key={reading.id} className={at === 0 ? '' : 'line-through decoration-1'}>
          <span className="font-mono">
            {reading.value} {typeof reading.value === 'number' ? unit : ''}
          </span>{' '}
          · <When at={reading.at} /> · {reading.author}
          {reading.instrument && ` · ${reading.instrument}`}
          {reading.status === 'withdrawn' && ` · withdrawn: ${reading.why}`}
          {reading.status === 'not-measured' && ` · not measured: ${reading.why}`}
          {reading.note && ` · ${reading.note}`}
          {timeDoubt(reading, now, began) && <b className="text-warn"> · {timeDoubt(reading, now, began)}</b>}
        </li>
      ))}
    </ul>
  );
};

/** One reading of a step: what to expect, a field for what was read, and what that means. */
export const StartupItem = ({ planned, tried }: { planned: PlannedItem; tried?: string | undefined }) => {
  const { key, item, reading } = planned;
  const keepReading = useKeepReading(key, item.of);
  const [openedAt] = useState(() => Date.now());
  const [chosen, setChosen] = useState<string | null>(null);
  const place = chosen ?? reading?.place ?? item.places?.[0]?.id ?? null;
  const keep = (value: ReadingValue, at = place) => keepReading(value, at);
  const { verdict } = planned;
  const expected = chosen === null ? planned.expected : item.expect(place);
  const isOver = reading !== undefined && hasRunOut(item, reading, openedAt);
  const isDone = reading?.value === 'done' && !isOver;
  if (planned.expected.kind === 'tick') {
    return (
      <li className="border-b border-line py-1">
        <button
          type="button"
          role="checkbox"
          aria-checked={isDone}
          onClick={() => keep(isDone ? 'undone' : 'done')}
          className="flex min-h-12 w-full items-center gap-3 text-left"
        >
          <GradeMark grade={isDone ? 'pass' : 'open'} size={26} />
          <span className="flex-1">
            {item.label}
            {isOver && (
              <b className="block text-sm text-fail">Proven dead on an earlier visit: again before hands go in.</b>
            )}
          </span>
        </button>
        <div className="pl-9">
          <History item={key} unit="" now={openedAt} />
        </div>
      </li>
    );
  }
  return (
    <li className="border-b border-line py-3">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <div className="min-w-48 flex-1">
          <h4 className="font-label text-xl font-semibold">{item.label}</h4>
          <Expected expected={expected} unit={item.unit} />
          {tried !== undefined && (
            <p className="text-sm text-ember">
              As tried: <span className="font-mono font-semibold">{tried}</span>
            </p>
          )}
        </div>
        <div className="w-full sm:w-56">
          <NumberBox
            label={`${item.label}, ${item.unit}`}
            hidesLabel
            isLarge
            value={typeof reading?.value === 'number' || reading?.value === 'OL' ? reading.value : null}
            none="read"
            unit={item.unit}
            step={STEPS[item.unit] ?? 1}
            min={LEAST[item.unit] ?? 0}
            max={MOST[item.unit] ?? 1e6}
            takesOpen={item.unit === 'Ω'}
            onCommit={(value) => value !== null && keep(value)}
          />
        </div>
      </div>
      {item.places && place !== null && (
        <div className="mt-2 max-w-md">
          <ChoiceBox
            label="Clamp around"
            options={item.places.map(({ id, label }) => ({ value: id, label }))}
            value={place}
            onCommit={(next) => {
              setChosen(next);
              if (typeof reading?.value === 'number' && next !== reading.place) keep(reading.value, next);
            }}
          />
        </div>
      )}
      {verdict && (
        <p
          className={`mt-2 flex flex-wrap items-baseline gap-x-2 ${verdict.grade === 'fail' ? 'bg-fail-wash px-2 py-1' : verdict.grade === 'warn' ? 'bg-warn-wash px-2 py-1' : ''}`}
        >
          <GradeMark grade={verdict.grade} hasWord size={18} />
          <span>{verdict.means}</span>
          {verdict.next && (
            <span className="basis-full text-sm">
              <b>Next:</b> {verdict.next}
            </span>
          )}
        </p>
      )}
      <History item={key} unit={item.unit} now={openedAt} />
    </li>
  );
};
