'use client';

import { useState } from 'react';
import { factApplies } from '@/core/job/applies';
import { assumedFacts, factAt, type FactPath, factValue, withFact } from '@/core/job/document';
import { factWords } from '@/core/job/fact-words';
import { type CrewDefaults, DEFAULT_SECTIONS, mergedDefaults } from '@/core/new-job/crew-defaults';
import { LooseFact } from '../fields/loose-fact';
import { ErrorLine } from '../kit/error-line';
import { toast } from '../kit/toast';
import { call, failedWords } from '../requests/api';
import { InstrumentList } from './instrument-list';

const SHIPPED = assumedFacts();

/** Value without a default; the number alone next to a field with a unit. */
const shippedWords = (path: FactPath): string => {
  const fact = factAt(path);
  const value = factValue(SHIPPED, path);
  const isFigure = fact.kind === 'number' && fact.unit !== '°F' && !fact.isShare && typeof value === 'number';
  return `default: ${isFigure ? value : factWords(fact, value)}`;
};

/** Whether a fact applies given the other defaults; facts that depend on a house or system always may. */
const matters = (defaults: CrewDefaults, path: FactPath): boolean => {
  const on = factAt(path).onlyWhen?.path as FactPath | undefined;
  if (on === undefined || !DEFAULT_SECTIONS.some(({ paths }) => paths.includes(on))) return true;
  const facts = Object.entries(defaults.facts).reduce(
    (all, [each, value]) => withFact(all, each as FactPath, value),
    SHIPPED,
  );
  return factApplies(facts, path);
};

/** New-job defaults and the crew's instruments. Existing jobs stay as they are. */
export const DefaultsForm = ({ decided, mayDecide }: { decided: CrewDefaults; mayDecide: boolean }) => {
  const [base, setBase] = useState(decided);
  const [next, setNext] = useState(decided);
  const [problem, setProblem] = useState('');
  const say = (path: FactPath) => (value: unknown) => {
    const { [path]: _, ...others } = next.facts;
    setNext({ ...next, facts: value === undefined ? others : { ...others, [path]: value } });
  };
  const save = async (event: React.FormEvent) => {
    event.preventDefault();
    const answer = await call<CrewDefaults>('/api/crew/defaults', { method: 'PUT', body: { base, next } });
    if (answer.kind === 'ok') {
      setBase(answer.value);
      setProblem('');
      toast('Saved. New jobs start with these.');
      return;
    }
    // Someone else's changes stay; changes made here are applied on top, to be saved on the next try.
    const { now } = (answer.kind === 'refused' ? answer.body : {}) as { now?: CrewDefaults };
    if (now) {
      setNext(mergedDefaults(base, next, now));
      setBase(now);
    }
    setProblem(failedWords('Nothing was saved.', answer));
  };
  return (
    <form onSubmit={save}>
      <fieldset disabled={!mayDecide}>
        {DEFAULT_SECTIONS.map(({ title, paths }) => (
          <section key={title} aria-label={title} className="mt-6">
            <h2 className="border-b-2 border-ink font-label text-xl font-semibold">{title}</h2>
            <div className="mt-2 grid gap-x-6 gap-y-2 sm:grid-cols-2">
              {paths
                .filter((path) => matters(next, path))
                .map((path) => (
                  <LooseFact
                    key={path}
                    path={path}
                    value={next.facts[path]}
                    none={shippedWords(path)}
                    onSay={say(path)}
                  />
                ))}
            </div>
          </section>
        ))}
        <section aria-label="Instruments" className="mt-6">
          <h2 className="border-b-2 border-ink font-label text-xl font-semibold">Instruments</h2>
          <p className="mt-1 text-sm text-quiet">
            Listed wherever someone enters a reading. The calibration date is recorded with each reading.
          </p>
          <InstrumentList
            instruments={next.instruments}
            onChange={(instruments) => setNext({ ...next, instruments })}
          />
        </section>
        <ErrorLine problem={problem} />
        {mayDecide && (
          <button type="submit" className="strong-button mt-5">
            Save
          </button>
        )}
      </fieldset>
    </form>
  );
};
