import type { FactChange, FactPath } from './document';

export type Severity = 'error' | 'warning' | 'advice';

/** The pages of a job, in the order of the work. */
export type JobPage = 'survey' | 'strips' | 'wiring' | 'setup' | 'balance' | 'startup' | 'handover';

/** A named way to settle a finding. */
export interface FindingChoice {
  readonly label: string;
  /** What it costs or gives up, as a sentence. */
  readonly cost: string;
  readonly changes: readonly FactChange[];
}

/** A finding on a job: what it is, why it matters, how to fix it, and where. */
export interface Finding {
  readonly rule: string;
  readonly severity: Severity;
  readonly what: string;
  readonly why: string;
  readonly fix: string;
  readonly page: JobPage;
  /** The fact to change, if there is one. */
  readonly fact?: FactPath;
  /** The terminal (`device.mark`), conductor or coil that it points at. */
  readonly at?: string;
  /**
   * Tells it from other findings of its rule at the same place; never a figure or a sentence, so that it stays stable.
   */
  readonly aspect?: string;
  /** Changes of facts that fix it with one tap. */
  readonly fixBy?: readonly FactChange[];
  /** Named choices where techs disagree, each with its cost and its changes of facts. */
  readonly choices?: readonly FindingChoice[];
  /** Moves between plan and as-found wiring, if it is the one mistake behind others. */
  readonly moves?: readonly { readonly words: string; readonly home: string }[];
  /** Key of the finding that explains this one and that fixes it too. */
  readonly under?: string;
  /** Why, by whom and when it was accepted. */
  readonly waived?: { readonly reason: string; readonly by: string; readonly at: string };
}

/**
 * Stable key of a finding for accepting it: rule, place and aspect. Independent of figures, and unique within a job.
 */
export const findingKey = ({ rule, at, fact, aspect }: Finding): string =>
  [rule, at ?? fact ?? '', ...(aspect === undefined ? [] : [aspect])].join('|').slice(0, 200);

/** A finding from a rule, before the rule's id and reason are added. */
export type Found = Omit<Finding, 'rule' | 'why'>;

/** A rule as data: id, reason, and a check that words its findings. */
export interface Rule<Subject> {
  readonly id: string;
  readonly why: string;
  readonly check: (subject: Subject) => readonly Found[];
}

/** All findings of a list of rules. */
export const applyRules = <Subject>(rules: readonly Rule<Subject>[], subject: Subject): Finding[] =>
  rules.flatMap((rule) => rule.check(subject).map((found) => ({ rule: rule.id, why: rule.why, ...found })));

/** Rules whose findings cannot be accepted. */
export const NEVER_WAIVED: ReadonlySet<string> = new Set(['safety-not-bridged']);
