'use client';

import { useMemo } from 'react';
import type { Moment } from '@/core/control/moment';
import { choicesOf, methodsHere } from '@/core/model/choices';
import { LocalizedDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';

/** Questions where techs disagree: both sides, what each changes here, one tap to choose. */
export const Methods = ({ moment }: { moment: Moment }) => {
  const facts = useJob((job) => job.facts);
  const setFacts = useJob((job) => job.setFacts);
  const choices = useMemo(
    () => choicesOf(facts).map((choice) => ({ choice, schools: methodsHere(facts, choice, moment) })),
    [facts, moment],
  );
  if (choices.length === 0) return null;
  return (
    <section aria-label="Two methods">
      <h2 className="mb-1 part-head">Two methods</h2>
      {choices.map(({ choice, schools }) => (
        <div key={choice.id} role="group" aria-label={choice.question} className="mb-3">
          <h3 className="font-semibold">{choice.question}</h3>
          <div className="grid gap-2 sm:grid-cols-2">
            {schools.map(({ school, isInForce, refusedWhy, wires, behavior }) => (
              <div key={school.label} className={`border-l-4 py-1 pl-3 ${isInForce ? 'border-ink' : 'border-line'}`}>
                <p className="font-label text-lg font-semibold">
                  <LocalizedDegrees>{school.label}</LocalizedDegrees>{' '}
                  {isInForce && <span className="font-sans text-sm font-normal text-quiet">(in use)</span>}
                </p>
                {refusedWhy && <p className="text-sm text-fail">{refusedWhy}</p>}
                {!isInForce && !refusedWhy && (
                  <>
                    <ul className="text-sm">
                      {wires.length + behavior.length === 0 && (
                        <li className="text-quiet">Same wires; nothing runs differently right now.</li>
                      )}
                      {wires.map((line) => (
                        <li key={line} className="font-mono text-xs">
                          <LocalizedDegrees>{line}</LocalizedDegrees>
                        </li>
                      ))}
                      {behavior.map((line) => (
                        <li key={line}>
                          <LocalizedDegrees>{line}</LocalizedDegrees>
                        </li>
                      ))}
                    </ul>
                    <button type="button" className="plain-button mt-1" onClick={() => setFacts(school.changes)}>
                      Use this
                    </button>
                  </>
                )}
              </div>
            ))}
          </div>
        </div>
      ))}
    </section>
  );
};
