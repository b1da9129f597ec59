'use client';

import { memo, useId } from 'react';
import { CONTROLLERS } from '@/core/job/controllers';
import { changesToSet, isOffTheJob } from '@/core/setup/resolve';
import type { ResolvedSetting } from '@/core/setup/resolve-among';
import { type SettingValue } from '@/core/setup/setting';
import { settingProblem, settingToText, settingWords } from '@/core/setup/value';
import { LocalizedDegrees, useDegrees } from '../degrees/degrees';
import { ChoiceBox } from '../fields/choice-box';
import { NumberBox } from '../fields/number-box';
import { TextBox } from '../fields/text-box';
import { useJob, useJobNow } from '../job/provider';

const Editor = ({ resolved }: { resolved: ResolvedSetting }) => {
  const setFacts = useJob((job) => job.setFacts);
  const now = useJobNow();
  const { setting, value, worked, from, reason } = resolved;
  const set = (next: SettingValue, why = '') => setFacts(changesToSet(now().facts, resolved, next, why));
  return (
    <div className="max-w-md space-y-2">
      {setting.kind === 'choice' ? (
        <ChoiceBox
          label="Set it to"
          options={setting.options}
          value={value as string | number}
          onCommit={(next) => next !== value && set(next)}
        />
      ) : (
        <NumberBox
          name={`setup ${setting.id}`}
          label="Set it to"
          value={value as number | null}
          unit={setting.unit}
          isDifference={setting.isDifference}
          step={setting.step}
          min={setting.min}
          max={setting.max}
          none={setting.none}
          onCommit={(next) => next !== value && set(next as number | null)}
        />
      )}
      {from === 'chosen' && (
        <>
          <TextBox
            name={`why ${setting.id}`}
            label="Reason for the change"
            value={reason}
            maxLength={400}
            check={() => null}
            onCommit={(why) => set(value, why)}
          />
          <button type="button" className="plain-button" onClick={() => set(worked)}>
            Use the calculated value, <LocalizedDegrees>{settingWords(setting, worked)}</LocalizedDegrees>
          </button>
        </>
      )}
      {isOffTheJob(resolved) && (
        <button type="button" className="plain-button" onClick={() => set(worked)}>
          Put <LocalizedDegrees>{settingWords(setting, worked)}</LocalizedDegrees> on the job
        </button>
      )}
    </div>
  );
};

interface SettingRowProps {
  readonly resolved: ResolvedSetting;
  readonly isOpen: boolean;
  readonly isAccused: boolean;
  readonly onToggle: (id: string) => void;
}

/** One setting: its value, and the calculated one if different; opened, reasons and an editor. */
export const SettingRow = memo(({ resolved, isOpen, isAccused, onToggle }: SettingRowProps) => {
  const panel = useId();
  const { setting, value, worked, because, from, reason, onJob } = resolved;
  const isChosen = from === 'chosen';
  const { say } = useDegrees();
  const said = (each: SettingValue) => say(settingWords(setting, each));
  return (
    <li
      id={`setup.${setting.id}`}
      className={`scroll-mt-20 border-b border-line ${isAccused ? 'border-l-4 border-l-fail pl-2' : ''}`}
    >
      <button
        type="button"
        aria-expanded={isOpen}
        aria-controls={panel}
        onClick={() => onToggle(setting.id)}
        className="grid min-h-12 w-full grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-3 py-2 text-left hover:bg-sheet sm:grid-cols-[minmax(0,1fr)_11rem_minmax(0,17rem)]"
      >
        <span className="font-medium">{setting.label}</span>
        <span className="text-sm text-quiet max-sm:hidden">
          {setting.on.map((role) => CONTROLLERS[role]).join(', ') || 'Set on its dial'}
        </span>
        <span className="text-right font-mono sm:text-left">
          <span className={isChosen ? 'border-b-2 border-saffron font-semibold' : 'font-semibold'}>{said(value)}</span>
          {isChosen && <span className="block text-xs text-quiet">calculated: {said(worked)}</span>}
          {isOffTheJob(resolved) && <span className="block text-xs text-quiet">the job has {said(onJob!)}</span>}
          {setting.fact?.holds === 'as-found' && onJob !== value && (
            <span className="block text-xs text-quiet">as found: {said(onJob!)}</span>
          )}
        </span>
      </button>
      {isOpen && (
        <div id={panel} className="grid gap-x-8 gap-y-3 pb-4 sm:grid-cols-2">
          <div className="text-sm">
            <p>
              <LocalizedDegrees>{setting.meaning}</LocalizedDegrees>
            </p>
            <p className="eyebrow mt-2">{isChosen ? 'Calculated differently because' : 'Because'}</p>
            <ol className="list-decimal pl-5">
              {because.map((each) => (
                <li key={each}>
                  <LocalizedDegrees>{each}</LocalizedDegrees>
                </li>
              ))}
            </ol>
            {isChosen && reason && <p className="mt-1 border-l-4 border-saffron pl-2">Chosen: {reason}</p>}
            <p className="mt-2 text-quiet">
              Decided by: {setting.decidedBy}
              {setting.kind === 'number' && ` Range ${said(setting.min)} to ${said(setting.max)}.`} Factory default{' '}
              {settingProblem(setting, setting.usual) === null ? said(setting.usual) : settingToText(setting.usual)}.
            </p>
          </div>
          <Editor resolved={resolved} />
        </div>
      )}
    </li>
  );
});
SettingRow.displayName = 'SettingRow';
