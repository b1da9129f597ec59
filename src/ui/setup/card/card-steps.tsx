'use client';

import { Check } from 'lucide-react';
import type { CardSteps as Steps } from '@/core/setup/card/card';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import { DateText } from '../../kit/date-text';
import { useMark } from './use-mark';

/** Steps other than entries: before, enter setup, save, activate, read back. */
export const CardSteps = ({
  steps: { id, title, steps, done },
  profile,
}: {
  steps: Steps;
  profile: ControllerProfile;
}) => {
  const { tick } = useMark(profile);
  return (
    <>
      <div className="min-w-0">
        <h3 className="part-head">{title}</h3>
        <ol className="list-decimal pl-6">
          {steps.map((step) => (
            <li key={step} className="py-0.5">
              {step}
            </li>
          ))}
        </ol>
      </div>
      <div className="grid content-end gap-1 max-sm:mt-auto sm:w-52 sm:justify-self-end print:hidden">
        <button
          type="button"
          aria-pressed={done !== null}
          onClick={() => tick(id, title, done === null)}
          className="plain-button w-full aria-pressed:border-pass aria-pressed:bg-pass aria-pressed:text-on-accent print:aria-pressed:bg-transparent print:aria-pressed:text-ink max-sm:min-h-14"
        >
          <Check size={18} aria-hidden className={done ? '' : 'opacity-30'} /> {done ? 'Done' : `${title}: done`}
        </button>
        {done && (
          <p className="text-sm text-quiet">
            <DateText at={done.at} /> · {done.author}
          </p>
        )}
      </div>
    </>
  );
};
