'use client';

import { Plus, Trash2 } from 'lucide-react';
import { asTests, shownBy } from '@/core/setup/profiles/edit';
import { type ControllerProfile, optionsOf, type ProfileEntry } from '@/core/setup/profiles/profile';
import { LabeledSelect } from '../../kit/labeled-select';
import { Cell } from '../fields';

/** When an entry is displayed. */
export const ConditionRows = ({
  profile,
  entry,
  onChange,
}: {
  profile: ControllerProfile;
  entry: ProfileEntry;
  onChange: (entry: ProfileEntry) => void;
}) => {
  const flat = asTests(entry.shownWhen);
  if (flat === null)
    return (
      <p className="text-sm text-quiet">
        This condition is too complex for the form; it is kept as is. Edit it in the file.
      </p>
    );
  const { joint, tests } = flat;
  const others = profile.entries.filter((other) => other !== entry);
  const set = (next: typeof tests, how = joint) => onChange(shownBy(entry, how, next));
  return (
    <div className="text-sm">
      {tests.map((test, index) => {
        const other = others.find(({ code, scope }) => code === test.entry && scope === (test.scope ?? entry.scope));
        const at = (change: typeof test) => set(tests.map((each, position) => (position === index ? change : each)));
        return (
          <div key={index} className="mb-2 flex flex-wrap items-center gap-2">
            {index === 0 ? (
              <span>Shown only when</span>
            ) : (
              <button
                type="button"
                className="plain-button"
                onClick={() => set(tests, joint === 'all' ? 'any' : 'all')}
              >
                {joint === 'all' ? 'and' : 'or'}
              </button>
            )}
            <LabeledSelect
              place="hidden"
              className="w-full"
              label={`Entry that condition ${index + 1} looks at`}
              value={`${test.scope ?? entry.scope}/${test.entry}`}
              options={others.map((each) => ({
                value: `${each.scope}/${each.code}`,
                label: `${each.code} ${each.label}`,
              }))}
              onChoose={(key) => {
                const chosen = others.find((each) => `${each.scope}/${each.code}` === key)!;
                at({
                  entry: chosen.code,
                  ...(chosen.scope === entry.scope ? {} : { scope: chosen.scope }),
                  is: optionsOf(chosen)
                    .slice(0, 1)
                    .map(({ code }) => code),
                });
              }}
            />
            <span>is</span>
            {optionsOf(other ?? entry).length > 0 && other ? (
              optionsOf(other).map(({ code, label }) => (
                <label key={code} className="flex min-h-11 items-center gap-1.5 font-mono" title={label}>
                  <input
                    type="checkbox"
                    className="size-5 accent-[var(--ink)]"
                    checked={test.is.includes(code)}
                    onChange={(event) =>
                      at({
                        ...test,
                        is: event.target.checked ? [...test.is, code] : test.is.filter((each) => each !== code),
                      })
                    }
                  />
                  {code}
                </label>
              ))
            ) : (
              <Cell
                label={`Codes of condition ${index + 1}`}
                value={test.is.join(' ')}
                isMono
                onChange={(text) => at({ ...test, is: text.split(/\s+/).filter(Boolean) })}
              />
            )}
            <button
              type="button"
              className="bare-button"
              aria-label={`Remove condition ${index + 1}`}
              onClick={() => set(tests.filter((_, position) => position !== index))}
            >
              <Trash2 size={16} aria-hidden />
            </button>
          </div>
        );
      })}
      {others.length > 0 && (
        <button
          type="button"
          className="bare-button px-2 text-link"
          onClick={() => {
            const first = others[0]!;
            set([
              ...tests,
              {
                entry: first.code,
                ...(first.scope === entry.scope ? {} : { scope: first.scope }),
                is: optionsOf(first)
                  .slice(0, 1)
                  .map(({ code }) => code),
              },
            ]);
          }}
        >
          <Plus size={16} aria-hidden /> {tests.length === 0 ? 'Shown only when…' : 'And when…'}
        </button>
      )}
    </div>
  );
};
