import type { JobFile } from '../src/core/formats/job-file';
import { lastMarks } from '../src/core/job/visits';
import { cardOf } from '../src/core/setup/card/card';
import { cardFindings } from '../src/core/setup/card/findings';
import { setupFindings } from '../src/core/setup/findings';
import { profileProblems } from '../src/core/setup/profiles/problems';
import type { ControllerProfile } from '../src/core/setup/profiles/profile';
import { resolveSettings } from '../src/core/setup/resolve';
import { settingWords } from '../src/core/setup/value';

const setupJob = ({ facts, confirmed }: JobFile) => ({ facts, confirmed: new Set(confirmed) });

/** Every setting of a job with value and reasons, and conflicts. */
export const settingsReport = (job: JobFile) => {
  const setup = setupJob(job);
  const settings = resolveSettings(setup);
  return {
    settings: [...settings.values()].map(({ setting, absent, value, worked, because, from, reason, onJob }) =>
      absent === null
        ? {
            id: setting.id,
            label: setting.label,
            on: setting.on,
            value,
            words: settingWords(setting, value),
            workedOut: worked,
            because,
            from,
            ...(reason ? { reason } : {}),
            ...(onJob === undefined ? {} : { onJob }),
          }
        : { id: setting.id, label: setting.label, absent },
    ),
    contradictions: setupFindings({ facts: setup.facts, settings }),
  };
};

/** The card of one controller. */
export const cardReport = (job: JobFile, profile: ControllerProfile) => {
  const card = cardOf(profile, resolveSettings(setupJob(job)), lastMarks(job));
  return {
    profile: profile.id,
    problems: profileProblems(profile),
    screens: card.screens.map((screen) =>
      screen.kind === 'steps'
        ? { steps: screen.steps.title, do: screen.steps.steps, done: screen.steps.done?.at ?? null }
        : {
            code: screen.line.entry.code,
            label: screen.line.entry.label,
            scope: screen.line.entry.scope,
            target: screen.line.target,
            because: screen.line.settings.flatMap(({ because }) => because),
            found: screen.line.found?.value ?? null,
            left: screen.line.left?.value ?? null,
            readBack: screen.line.readBack?.value ?? null,
          },
    ),
    skipped: card.skipped.map(({ entry, why }) => ({ code: entry.code, label: entry.label, why })),
    gaps: card.gaps,
    findings: cardFindings(card),
  };
};
