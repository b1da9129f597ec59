import { BALANCE_RULES } from '../balance/rules';
import type { FactPath } from '../job/document';
import type { Finding, JobPage, Severity } from '../job/finding';

/** Facts by the first part of their path, or a path itself. */
type FactPrefix = FactPath | `${string}.` | 'system' | 'thermostat' | 'furnace' | 'cables';

/** Facts that a page works with, besides the findings that name the page itself. */
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

/** Rules of the crossing page: they stand next to its chart, wherever their fact is. */
const CROSSING: ReadonlySet<string> = new Set(BALANCE_RULES.map(({ id }) => id));

/** A setting is worth nothing where the conductor that carries it is missing. */
const isShort = (rule: string, severity: Severity): boolean => rule === 'enough-conductors' && severity === 'error';

const isAbout = (fact: FactPath | undefined, prefixes: readonly FactPrefix[]): boolean =>
  fact !== undefined && prefixes.some((prefix) => fact.startsWith(prefix));

/** The pages that show a finding: its own, every page that works with the fact it is about, and Setup
 * where settings mend it. */
export const pagesOf = ({ page, fact, rule, severity }: Finding): readonly JobPage[] => {
  const others = (Object.keys(FACTS) as JobPage[]).filter((each) => each !== page && isAbout(fact, FACTS[each]!));
  return [
    page,
    ...others,
    ...(page !== 'setup' && (SETTINGS_MEND.has(rule) || isShort(rule, severity)) ? (['setup'] as const) : []),
    ...(page !== 'balance' && CROSSING.has(rule) ? (['balance'] as const) : []),
  ];
};

/** The findings that a page shows, in their order. */
export const findingsFor = (page: JobPage, findings: readonly Finding[]): Finding[] =>
  findings.filter((finding) => pagesOf(finding).includes(page));
