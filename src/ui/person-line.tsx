'use client';

import { useJob } from './job/provider';
import { unnamedCount } from './job/state';
import { usePerson } from './person';

/** Who reads, and with what: every reading carries both; what is set carries the name alone. */
export const PersonLine = ({ hasInstrument = true }: { hasInstrument?: boolean }) => {
  const { author, instrument, set } = usePerson();
  const sign = useJob((job) => job.sign);
  const waits = useJob((job) => unnamedCount(job) > 0);
  return (
    <div className="my-3 flex flex-wrap gap-x-4 gap-y-1 border-b border-line pb-2">
      {(
        [
          ['author', hasInstrument ? 'Who is reading' : 'Who is setting', author, 'name'],
          ['instrument', 'With', instrument, 'off'],
        ] as const
      )
        .filter(([field]) => hasInstrument || field === 'author')
        .map(([field, label, value, autoComplete]) => (
          <label key={field} className="flex min-w-0 flex-1 basis-60 flex-wrap items-center gap-x-2">
            <span className="eyebrow shrink-0">{label}</span>
            <input
              id={`reading-${field}`}
              value={value}
              maxLength={80}
              autoComplete={autoComplete}
              onChange={(event) => set({ [field]: event.target.value })}
              onBlur={() => waits && author.trim() && sign(author.trim())}
              className="field-box min-w-0 flex-1 basis-32"
            />
          </label>
        ))}
    </div>
  );
};
