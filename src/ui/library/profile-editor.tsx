'use client';

import { Download, Plus } from 'lucide-react';
import { useCallback, useMemo } from 'react';
import { CONTROLLER_ROLES, type ControllerRole, CONTROLLERS } from '@/core/job/controllers';
import { movedBy, nextEntry } from '@/core/setup/profiles/edit';
import { profileProblems } from '@/core/setup/profiles/problems';
import type { ControllerProfile, ProfileEntry } from '@/core/setup/profiles/profile';
import type { StoredProfile } from '@/core/setup/profiles/stored-profile';
import { SeverityMark } from '../findings/severity-mark';
import { DateText } from '../kit/date-text';
import { LabeledSelect } from '../kit/labeled-select';
import { EntryEditor } from './entry/entry-editor';
import { Field } from './fields';
import { useProfileDraft } from './use-profile-draft';
import { Workings } from './workings';

const SAID = {
  saved: 'Saved',
  waiting: 'Not saved yet',
  saving: 'Saving…',
  lost: 'Not sent: saved on this device',
  stale: 'Changed on another device',
  refused: 'Not saved',
} as const;

/** Edits a controller profile from its manual. Problems are shown while typing; it saves itself. */
export const ProfileEditor = ({ stored }: { stored: StoredProfile }) => {
  const { profile, change, state, problem, theirs, settle } = useProfileDraft(stored);
  const problems = useMemo(() => profileProblems(profile), [profile]);
  const whole = problems.filter(({ entry }) => entry === null);
  const errors = problems.filter(({ severity }) => severity === 'error').length;
  const set = (part: Partial<ControllerProfile>) => change((now) => ({ ...now, ...part }));
  const entriesTo = useCallback(
    (edit: (entries: readonly ProfileEntry[], whole: ControllerProfile) => readonly ProfileEntry[]) =>
      change((now) => ({ ...now, entries: edit(now.entries, now) })),
    [change],
  );
  const onChange = useCallback(
    (at: number, entry: ProfileEntry) =>
      entriesTo((entries) => entries.map((each, other) => (other === at ? entry : each))),
    [entriesTo],
  );
  const onMove = useCallback((at: number, by: number) => entriesTo((entries) => movedBy(entries, at, by)), [entriesTo]);
  const onCopy = useCallback(
    (at: number) =>
      entriesTo((entries) => [...entries.slice(0, at + 1), { ...entries[at]!, code: '' }, ...entries.slice(at + 1)]),
    [entriesTo],
  );
  const onRemove = useCallback(
    (at: number) => entriesTo((entries) => entries.filter((_, other) => other !== at)),
    [entriesTo],
  );
  return (
    <div>
      <div className="sticky top-0 z-10 flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-ink bg-paper py-2">
        <p
          role="status"
          className={
            state === 'lost' || state === 'refused' || state === 'stale' ? 'font-semibold text-fail' : 'text-quiet'
          }
        >
          {SAID[state]}
          {problem && `. ${problem}`}
        </p>
        <p className={`flex-1 ${errors > 0 ? 'font-semibold text-fail' : 'text-quiet'}`}>
          {errors === 0 ? 'No errors' : `${errors} ${errors === 1 ? 'thing' : 'things'} wrong`}
          {errors > 0 && problems.find(({ severity, entry }) => severity === 'error' && entry !== null) && (
            <a
              className="ml-2 text-link"
              href={`#entry-${problems.find(({ severity, entry }) => severity === 'error' && entry !== null)!.entry}`}
            >
              Show the first
            </a>
          )}
        </p>
        {(['yaml', 'json'] as const).map((as) => (
          <a key={as} className="plain-button" href={`/api/profiles/${profile.id}/file?as=${as}`} download>
            <Download size={18} aria-hidden /> {as.toUpperCase()}
          </a>
        ))}
      </div>
      {theirs && (
        <div role="alert" className="my-3 border-l-4 border-fail pl-3">
          <p className="font-medium">
            {theirs.updatedBy || 'Another tab or device'} saved this profile{' '}
            {theirs.updatedAt && <DateText at={theirs.updatedAt} />}: {theirs.profile.entries.length} entries there,{' '}
            {profile.entries.length} here. Nothing was overwritten.
          </p>
          <div className="mt-1 flex flex-wrap gap-2">
            <button type="button" className="plain-button" onClick={() => settle(false)}>
              Keep mine
            </button>
            <button type="button" className="plain-button" onClick={() => settle(true)}>
              Use the saved one
            </button>
          </div>
        </div>
      )}
      {whole.map(({ severity, what, fix }) => (
        <p key={what} className="mt-2 flex gap-2">
          <SeverityMark severity={severity} />
          {what} {fix}
        </p>
      ))}
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        <Field label="Name" value={profile.name} onChange={(name) => set({ name })} />
        <LabeledSelect
          label="Type"
          value={profile.role}
          options={CONTROLLER_ROLES.map((role) => ({ value: role, label: CONTROLLERS[role] }))}
          onChoose={(role) => set({ role: role as ControllerRole })}
        />
        <div className="sm:col-span-2">
          <Field label="Description" value={profile.about} onChange={(about) => set({ about })} />
        </div>
      </div>
      <h2 className="mt-6 section-head">Entries, in the order in which it shows them</h2>
      <ol>
        {profile.entries.map((entry, at) => (
          <EntryEditor
            key={at}
            profile={profile}
            entry={entry}
            at={at}
            problems={problems.filter((each) => each.entry === at)}
            onChange={onChange}
            onMove={onMove}
            onCopy={onCopy}
            onRemove={onRemove}
          />
        ))}
      </ol>
      <button
        type="button"
        className="strong-button mt-4"
        onClick={() => entriesTo((entries, now) => [...entries, nextEntry(now)])}
      >
        <Plus size={18} aria-hidden /> Entry
      </button>
      <Workings profile={profile} onChange={set} />
    </div>
  );
};
