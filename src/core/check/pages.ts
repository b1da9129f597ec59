import { BALANCE_RULES } from '../balance/rules';
import type { FactPath } from '../job/document';
import type { Finding, JobPage, Severity } from '../job/finding';

/** Facts by the first part of their path, or by whole path. */
type FactPrefix = FactPath | `${string}.` | 'system' | 'thermostat' | 'furnace' | 'cables';

/** Facts that a page works with, in addition to the findings that name the page. */
const FACTS: Partial<Record<JobPage, readonly FactPrefix[]>> = {
  strips: ['heatKit.', 'airHandler.auxCfm', 'airHandler.maxSupplyF', 'airHandler.allowedKitsKW'],
  wiring: [
    'system',
    'thermostat',
    'furnace',
    'cables',
    'gates.outdoorThermostats',
    'outdoorUnit.wTerminals',
    'outdoorUnit.faultOutput',
    'outdoorUnit.faultHeat',
    'outdoorUnit.stages',
    'airHandler.wInputs',
    'airHandler.fuseAmps',
    'airHandler.transformerVA',
  ],
};

/** Rules of other rooms that settings break or fix. */
const SETTINGS_MEND: ReadonlySet<string> = new Set([
  'hole-between-gates',
  'shortfall',
  'lockout-needs-sensor',
  'costly-lockout',
  'sources-alternate',
  'valve-agrees',
  'backup-set-to-fossil',
  'strips-set-to-fossil',
  'control-agrees',
]);

/** Rules of the Balance page: shown next to its chart, wherever their fact is. */
const CROSSING: ReadonlySet<string> = new Set(BALANCE_RULES.map(({ id }) => id));

/** A setting is useless if its conductor is missing. */
const isShort = (rule: string, severity: Severity): boolean => rule === 'enough-conductors' && severity === 'error';

const isAbout = (fact: FactPath | undefined, prefixes: readonly FactPrefix[]): boolean =>
  fact !== undefined && prefixes.some((prefix) => fact.startsWith(prefix));

/** Pages that show a finding: its own, every page that works with its fact, and Setup if a setting fixes it. */
export const pagesOf = ({ page, fact, rule, severity }: Finding): readonly JobPage[] => {
  const others = (Object.keys(FACTS) as JobPage[]).filter((each) => each !== page && isAbout(fact, FACTS[each]!));
  return [
    page,
    ...others,
    ...(page !== 'setup' && (SETTINGS_MEND.has(rule) || isShort(rule, severity)) ? (['setup'] as const) : []),
    ...(page !== 'balance' && CROSSING.has(rule) ? (['balance'] as const) : []),
  ];
};

/** The findings of a page, in order. */
export const findingsFor = (page: JobPage, findings: readonly Finding[]): Finding[] =>
  findings.filter((finding) => pagesOf(finding).includes(page));
