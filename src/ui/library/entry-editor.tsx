'use client';

import { ArrowDown, ArrowUp, Copy, Plus, Trash2 } from 'lucide-react';
import { memo } from 'react';
import { asTests, inForm, shownBy, silentOn, speakingOf, valuesOfSetting } from '@/core/setup/profiles/edit';
import type { ProfileProblem } from '@/core/setup/profiles/problems';
import {
  type ControllerProfile,
  type EntryForm,
  type EntryOption,
  NUMBER_SCALES,
  optionsOf,
  type ProfileEntry,
  settingsOf,
} from '@/core/setup/profiles/profile';
import { SETTING_FAMILIES, settingById } from '@/core/setup/settings';
import { settingToText } from '@/core/setup/value';
import { SeverityMark } from '../severity-mark';
import { Cell, Field, Pick } from './fields';

const FORMS: Record<EntryForm['kind'], string> = { menu: 'Options', number: 'A number', switches: 'Switches', jumper: 'A jumper' };

const asNumberOrText = (text: string): string | number | null =>
  text === 'none' ? null : text.trim() !== '' && Number.isFinite(Number(text)) ? Number(text) : text;

const OptionRows = ({ entry, onChange }: { entry: ProfileEntry; onChange: (entry: ProfileEntry) => void }) => {
  if (entry.form.kind === 'number') return null;
  const form = entry.form;
  const settings = settingsOf(entry);
  const set = (options: readonly EntryOption[]) => onChange({ ...entry, form: { ...form, options } });
  const at = (index: number, option: EntryOption) => set(form.options.map((each, other) => (other === index ? option : each)));
  return (
    <div className="overflow-x-auto">
      <table className="w-full min-w-96 text-sm">
        <thead>
          <tr className="text-left">
            <th className="eyebrow w-24 pr-2 font-semibold">Code</th>
            <th className="eyebrow pr-2 font-semibold">Its words</th>
            {settings.map((id) => (
              <th key={id} className="eyebrow pr-2 font-semibold">
                {settingById(id)?.label ?? id}
              </th>
            ))}
            <th aria-label="Remove" className="w-11" />
          </tr>
        </thead>
        <tbody>
          {form.options.map((option, index) => (
            <tr key={index}>
              <td className="pr-2">
                <Cell label={`Code of option ${index + 1}`} value={option.code} isMono onChange={(code) => at(index, { ...option, code })} />
              </td>
              <td className="pr-2">
                <Cell label={`Words of option ${index + 1}`} value={option.label} onChange={(label) => at(index, { ...option, label })} />
              </td>
              {settings.map((id) => {
                const values = valuesOfSetting(id);
                const value = option.means !== undefined && id in option.means ? settingToText(option.means[id]!) : '';
                const label = `${settingById(id)?.label ?? id} of option ${index + 1}`;
                const setMeans = (text: string) => {
                  const { means: _means, ...plain } = option;
                  const means = { ...option.means, [id]: asNumberOrText(text) };
                  if (text === '') delete (means as Record<string, unknown>)[id];
                  at(index, Object.keys(means).length === 0 ? plain : { ...plain, means });
                };
                return (
                  <td key={id} className="pr-2">
                    {values.length > 0 ? (
                      <Pick
                        label={label}
                        value={value}
                        options={[{ value: '', label: 'says nothing' }, ...values.map(({ text, label: words }) => ({ value: text, label: words }))]}
                        onChange={setMeans}
                      />
                    ) : (
                      <Cell label={label} value={value} isMono onChange={setMeans} />
                    )}
                  </td>
                );
              })}
              <td>
                <button
                  type="button"
                  className="bare-button"
                  aria-label={`Remove option ${index + 1}`}
                  onClick={() => set(form.options.filter((_, other) => other !== index))}
                >
                  <Trash2 size={16} aria-hidden />
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <button
        type="button"
        className="bare-button px-2 text-sm underline underline-offset-4"
        onClick={() => set([...form.options, { code: String(form.options.length), label: '' }])}
      >
        <Plus size={16} aria-hidden /> Option
      </button>
    </div>
  );
};

const FormFields = ({ profile, entry, onChange }: { profile: ControllerProfile; entry: ProfileEntry; onChange: (entry: ProfileEntry) => void }) => {
  const { form } = entry;
  switch (form.kind) {
    case 'menu':
      return null;
    case 'number': {
      const set = (change: Partial<typeof form>) => onChange({ ...entry, form: { ...form, ...change } });
      return (
        <div className="grid grid-cols-2 gap-2 sm:grid-cols-5">
          {(['min', 'max', 'step'] as const).map((name) => (
            <Field
              key={name}
              label={{ min: 'Least', max: 'Most', step: 'Step' }[name]}
              value={String(form[name])}
              isNumber
              onChange={(text) => set({ [name]: Number(text) })}
            />
          ))}
          <Pick
            label="Shown"
            hasLabel
            value={form.scale}
            options={Object.entries(NUMBER_SCALES).map(([value, label]) => ({ value, label }))}
            onChange={(scale) => set({ scale: scale as typeof form.scale })}
          />
          <Field
            label="For none it shows"
            value={form.none ?? ''}
            onChange={(none) => {
              const { none: _none, ...rest } = form;
              onChange({ ...entry, form: none === '' ? rest : { ...rest, none } });
            }}
          />
        </div>
      );
    }
    case 'switches':
      return (
        <div className="grid grid-cols-2 gap-2">
          <Pick
            label="Bank"
            hasLabel
            value={form.bank}
            options={[{ value: '', label: 'choose' }, ...profile.banks.map(({ id, label }) => ({ value: id, label }))]}
            onChange={(bank) => onChange({ ...entry, form: { ...form, bank } })}
          />
          <Field
            label="Its switches, such as 3 4"
            value={form.positions.join(' ')}
            onChange={(text) =>
              onChange({
                ...entry,
                form: {
                  ...form,
                  positions: text
                    .split(/[\s,]+/)
                    .map(Number)
                    .filter((position) => Number.isInteger(position) && position > 0),
                },
              })
            }
          />
        </div>
      );
    case 'jumper':
      return (
        <Pick
          label="Block"
          hasLabel
          value={form.block}
          options={[{ value: '', label: 'choose' }, ...profile.jumpers.map(({ id, label }) => ({ value: id, label }))]}
          onChange={(block) => onChange({ ...entry, form: { ...form, block } })}
        />
      );
  }
};

const ConditionRows = ({ profile, entry, onChange }: { profile: ControllerProfile; entry: ProfileEntry; onChange: (entry: ProfileEntry) => void }) => {
  const flat = asTests(entry.shownWhen);
  if (flat === null) return <p className="text-sm text-quiet">Its condition nests deeper than this form shows: it is kept as it is. Change it in the file.</p>;
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
              <button type="button" className="plain-button" onClick={() => set(tests, joint === 'all' ? 'any' : 'all')}>
                {joint === 'all' ? 'and' : 'or'}
              </button>
            )}
            <Pick
              label={`Entry that condition ${index + 1} looks at`}
              value={`${test.scope ?? entry.scope}/${test.entry}`}
              options={others.map((each) => ({ value: `${each.scope}/${each.code}`, label: `${each.code} ${each.label}` }))}
              onChange={(key) => {
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
                    onChange={(event) => at({ ...test, is: event.target.checked ? [...test.is, code] : test.is.filter((each) => each !== code) })}
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
          className="bare-button px-2 underline underline-offset-4"
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

interface EntryEditorProps {
  readonly profile: ControllerProfile;
  readonly entry: ProfileEntry;
  readonly at: number;
  readonly problems: readonly ProfileProblem[];
  readonly onChange: (at: number, entry: ProfileEntry) => void;
  readonly onMove: (at: number, by: number) => void;
  readonly onCopy: (at: number) => void;
  readonly onRemove: (at: number) => void;
}

/** One entry of a profile, as it is typed in from a manual; what is wrong with it stands under it. */
export const EntryEditor = memo(({ profile, entry, at, problems, onChange, onMove, onCopy, onRemove }: EntryEditorProps) => {
  const change = (next: ProfileEntry) => onChange(at, next);
  const settings = settingsOf(entry);
  const optional = (name: 'path' | 'factory' | 'note', value: string) => {
    const { [name]: _old, ...rest } = entry;
    change(value === '' ? (rest as ProfileEntry) : { ...entry, [name]: value });
  };
  return (
    <li
      id={`entry-${at}`}
      className={`scroll-mt-24 border-b-2 border-line py-4 ${problems.some(({ severity }) => severity === 'error') ? 'border-l-4 border-l-fail pl-3' : ''}`}
    >
      <div className="grid grid-cols-[6rem_minmax(0,1fr)] gap-2 sm:grid-cols-[6rem_minmax(0,2fr)_minmax(0,1fr)_auto]">
        <Field label="Code" value={entry.code} isMono onChange={(code) => change({ ...entry, code })} />
        <Field label="The controller’s words" value={entry.label} onChange={(label) => change({ ...entry, label })} />
        <Pick
          label="Form"
          hasLabel
          value={entry.form.kind}
          options={Object.entries(FORMS).map(([value, label]) => ({ value, label }))}
          onChange={(kind) => change(inForm(profile, entry, kind as EntryForm['kind']))}
        />
        <span className="flex items-end">
          <button type="button" className="bare-button" aria-label="Move up" onClick={() => onMove(at, -1)}>
            <ArrowUp size={16} aria-hidden />
          </button>
          <button type="button" className="bare-button" aria-label="Move down" onClick={() => onMove(at, 1)}>
            <ArrowDown size={16} aria-hidden />
          </button>
          <button type="button" className="bare-button" aria-label="Copy entry" onClick={() => onCopy(at)}>
            <Copy size={16} aria-hidden />
          </button>
          <button type="button" className="bare-button" aria-label="Remove entry" onClick={() => onRemove(at)}>
            <Trash2 size={16} aria-hidden />
          </button>
        </span>
      </div>
      <div className="my-2 flex flex-wrap items-center gap-2 text-sm">
        <span>Sets</span>
        {settings.map((id) => (
          <span key={id} className="inline-flex items-center rounded-sm border border-line-strong pl-2">
            {settingById(id)?.label ?? id}
            <button
              type="button"
              className="bare-button"
              aria-label={`No longer sets ${settingById(id)?.label ?? id}`}
              onClick={() => change(silentOn(entry, id))}
            >
              <Trash2 size={14} aria-hidden />
            </button>
          </span>
        ))}
        <select className="field-box max-w-64" aria-label="Setting that it sets" value="" onChange={(event) => change(speakingOf(entry, event.target.value))}>
          <option value="">{settings.length === 0 ? 'nothing that is worked out; choose…' : 'and also…'}</option>
          {SETTING_FAMILIES.map(({ label, settings: family }) => (
            <optgroup key={label} label={label}>
              {family
                .filter(({ id }) => !settings.includes(id))
                .map(({ id, label: name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
            </optgroup>
          ))}
        </select>
      </div>
      <FormFields profile={profile} entry={entry} onChange={change} />
      <OptionRows entry={entry} onChange={change} />
      <ConditionRows profile={profile} entry={entry} onChange={change} />
      <details>
        <summary className="flex min-h-11 items-center text-sm text-quiet">scope, path, factory value, note</summary>
        <div className="grid gap-2 sm:grid-cols-2">
          <Pick
            label="Scope"
            hasLabel
            value={entry.scope}
            options={profile.scopes.map(({ id, label }) => ({ value: id, label }))}
            onChange={(scope) => change({ ...entry, scope })}
          />
          <Field label="Path, where it is not met in a row" value={entry.path ?? ''} onChange={(path) => optional('path', path)} />
          <Field label="Comes with" value={entry.factory ?? ''} isMono onChange={(factory) => optional('factory', factory)} />
          <Field label="Note" value={entry.note ?? ''} onChange={(note) => optional('note', note)} />
          <label className="flex min-h-11 items-center gap-2 text-sm">
            <input
              type="checkbox"
              className="size-5 accent-[var(--ink)]"
              checked={entry.isLasting ?? false}
              onChange={(event) => {
                const { isLasting: _was, ...rest } = entry;
                change(event.target.checked ? { ...rest, isLasting: true } : rest);
              }}
            />
            Cannot be taken back once saved
          </label>
        </div>
      </details>
      {problems.map(({ severity, what, mend }) => (
        <p key={what} className="mt-1 flex gap-2 text-sm">
          <SeverityMark severity={severity} />
          <span>
            <span className="font-medium">{what}</span> {mend}
          </span>
        </p>
      ))}
    </li>
  );
});
EntryEditor.displayName = 'EntryEditor';
