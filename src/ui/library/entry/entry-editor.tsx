'use client';

import { ArrowDown, ArrowUp, Copy, Trash2 } from 'lucide-react';
import { memo, useState } from 'react';
import { inForm, silentOn, speakingOf } from '@/core/setup/profiles/edit';
import type { ProfileProblem } from '@/core/setup/profiles/problems';
import { type ControllerProfile, type EntryForm, type ProfileEntry, settingsOf } from '@/core/setup/profiles/profile';
import { SETTING_FAMILIES, settingById } from '@/core/setup/settings';
import { SeverityMark } from '../../findings/severity-mark';
import { LabeledSelect } from '../../kit/labeled-select';
import { Field } from '../fields';
import { ConditionRows } from './condition-rows';
import { FormFields } from './form-fields';
import { OptionRows } from './option-rows';

const FORMS: Record<EntryForm['kind'], string> = {
  menu: 'Options',
  number: 'A number',
  switches: 'Switches',
  jumper: 'A jumper',
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

/** One entry of a profile, typed from a manual; its problems are shown below it. */
export const EntryEditor = memo(
  ({ profile, entry, at, problems, onChange, onMove, onCopy, onRemove }: EntryEditorProps) => {
    const change = (next: ProfileEntry) => onChange(at, next);
    // An entry before its form was changed, to restore it. Entries move, so by code.
    const [had, setHad] = useState<{ readonly code: string; readonly forms: readonly EntryForm[] } | null>(null);
    const earlier = had?.code === entry.code ? had.forms : [];
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
          <LabeledSelect
            label="Form"
            value={entry.form.kind}
            options={Object.entries(FORMS).map(([value, label]) => ({ value, label }))}
            onChoose={(kind) => {
              setHad({ code: entry.code, forms: [...earlier, entry.form] });
              change(inForm(profile, entry, kind as EntryForm['kind'], earlier));
            }}
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
          <select
            className="field-box max-w-64"
            aria-label="Setting that it sets"
            value=""
            onChange={(event) => change(speakingOf(entry, event.target.value))}
          >
            <option value="">{settings.length === 0 ? 'not linked to a setting; choose…' : 'and also…'}</option>
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
            <LabeledSelect
              label="Scope"
              value={entry.scope}
              options={profile.scopes.map(({ id, label }) => ({ value: id, label }))}
              onChoose={(scope) => change({ ...entry, scope })}
            />
            <Field
              label="Menu path, if not in sequence"
              value={entry.path ?? ''}
              onChange={(path) => optional('path', path)}
            />
            <Field
              label="Factory value"
              value={entry.factory ?? ''}
              isMono
              onChange={(factory) => optional('factory', factory)}
            />
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
              Cannot be undone once saved
            </label>
          </div>
        </details>
        {problems.map(({ severity, what, fix }) => (
          <p key={what} className="mt-1 flex gap-2 text-sm">
            <SeverityMark severity={severity} />
            <span>
              <span className="font-medium">{what}</span> {fix}
            </span>
          </p>
        ))}
      </li>
    );
  },
);
EntryEditor.displayName = 'EntryEditor';
