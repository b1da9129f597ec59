'use client';

import { useCallback, useState } from 'react';
import { setupPageFindings } from '@/core/check/on-setup';
import { findingKey } from '@/core/job/finding';
import { changesToApplyAll, isOffTheJob } from '@/core/setup/resolve';
import type { ResolvedSetting } from '@/core/setup/resolve-among';
import { SETTING_FAMILIES } from '@/core/setup/settings';
import { FindingLine } from '../findings/finding-line';
import { useModel } from '../job/deferred-model';
import { useJob } from '../job/provider';
import { SetupMethods } from './practice-options';
import { SettingRow } from './setting-row';
import { SetupTabs } from './setup-tabs';
import { useFoldedSettings } from './use-folded-settings';
import { useSettings } from './use-settings';

export const SetupPage = () => {
  const facts = useJob((job) => job.facts);
  const setFacts = useJob((job) => job.setFacts);
  const settings = useSettings();
  const findings = setupPageFindings(useModel(), settings);
  const folded = useFoldedSettings(settings);
  const [opened, setOpened] = useState<string | null>(null);
  const toggle = useCallback((id: string) => setOpened((now) => (now === id ? null : id)), []);
  const onPoint = useCallback((at: string) => {
    setOpened(at.replace('setup.', ''));
    requestAnimationFrame(() => document.getElementById(at)?.scrollIntoView({ block: 'center' }));
  }, []);
  const accused = new Set(
    findings.filter(({ severity, waived }) => severity === 'error' && !waived).map(({ at }) => at),
  );
  const chosen = [...settings.values()].filter(({ from, absent }) => from === 'chosen' && absent === null).length;
  const offTheJob = [...settings.values()].filter(isOffTheJob).length;
  const absent = [...settings.values()].filter((resolved) => resolved.absent !== null);
  return (
    <div className="mx-auto max-w-5xl px-3 py-4 sm:px-6">
      <SetupTabs />
      <section aria-label="Findings" className="mb-5">
        <h2 className="part-head">
          {findings.length === 0 ? 'No conflicts.' : `Conflicts: ${findings.length}.`}{' '}
          {chosen > 0 && `${chosen} ${chosen === 1 ? 'setting differs' : 'settings differ'} from the calculated value.`}
        </h2>
        <ul>
          {findings.map((finding) => (
            <FindingLine
              key={findingKey(finding)}
              finding={finding}
              {...(finding.at?.startsWith('setup.') ? { onPoint } : {})}
            />
          ))}
        </ul>
        {offTheJob > 1 && (
          <button
            type="button"
            className="strong-button mt-2"
            onClick={() => setFacts(changesToApplyAll(facts, settings))}
          >
            Apply all {offTheJob} calculated values to the job
          </button>
        )}
      </section>
      <SetupMethods />
      {SETTING_FAMILIES.map(({ label, settings: family }) => {
        const there = family.map(({ id }) => settings.get(id)!).filter((resolved) => resolved.absent === null);
        const isFolded = ({ setting: { id } }: ResolvedSetting) => folded.has(id) && opened !== id;
        const atDefault = there.filter(isFolded);
        const row = (resolved: ResolvedSetting) => (
          <SettingRow
            key={resolved.setting.id}
            resolved={resolved}
            isOpen={opened === resolved.setting.id}
            isAccused={accused.has(`setup.${resolved.setting.id}`)}
            onToggle={toggle}
          />
        );
        return there.length === 0 ? null : (
          <section key={label} aria-label={label} className="mb-6">
            <h2 className="section-head">{label}</h2>
            <ul>{there.filter((resolved) => !isFolded(resolved)).map(row)}</ul>
            {atDefault.length > 0 && (
              <details>
                <summary className="flex min-h-11 items-center text-quiet">
                  Read back at the factory default: {atDefault.length}
                </summary>
                <ul>{atDefault.map(row)}</ul>
              </details>
            )}
          </section>
        );
      })}
      <details className="text-sm">
        <summary className="flex min-h-11 items-center">Not used on this job: {absent.length}</summary>
        <ul className="space-y-1 pb-3">
          {absent.map(({ setting, absent: why }) => (
            <li key={setting.id}>
              <span className="font-medium">{setting.label}.</span> <span className="text-quiet">{why}</span>
            </li>
          ))}
        </ul>
      </details>
      <p className="mt-4 border-l-4 border-line-strong pl-3 text-sm">
        The manufacturer’s instructions and local code override anything calculated here.
      </p>
    </div>
  );
};
