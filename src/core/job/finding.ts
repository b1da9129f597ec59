import type { FactChange, FactPath } from './document';

export type Severity = 'error' | 'warning' | 'advice';

/** The pages of a job, in the order of the work. */
export type JobPage = 'survey' | 'strips' | 'wiring' | 'setup' | 'balance' | 'startup' | 'handover';

/** One named way to settle a finding. */
export interface FindingChoice {
  readonly label: string;
  /** What it costs or gives up, as a sentence. */
  readonly cost: string;
  readonly changes: readonly FactChange[];
}

/** Something about a job that wants a look: what it is, why it matters, what mends it, where. */
export interface Finding {
  readonly rule: string;
  readonly severity: Severity;
  readonly what: string;
  readonly why: string;
  readonly fix: string;
  readonly page: JobPage;
  /** The fact to change, where it is one. */
  readonly fact?: FactPath;
  /** The terminal (`device.mark`), conductor or coil that it points at. */
  readonly at?: string;
  /** What tells it from others of its rule at the same place: never a figure or a sentence, so that it holds. */
  readonly aspect?: string;
  /** Changes of facts that fix it in one tap. */
  readonly fixBy?: readonly FactChange[];
  /** Named ways to settle it, where people differ: each with what it costs, and its changes of facts. */
  readonly choices?: readonly FindingChoice[];
  /** The moves between plan and wall that it names, where it is the one mistake behind others. */
  readonly moves?: readonly { readonly words: string; readonly home: string }[];
  /** Key of the finding that explains this one: put that right, and this is gone. */
  readonly under?: string;
  /** Why someone decided to live with it, who, and when. */
  readonly waived?: { readonly reason: string; readonly by: string; readonly at: string };
}

/**
 * What a finding is known by when it is waived: its rule, its place, and what tells it from others there. The same for
 * the same fault whatever the figures are, and no two of a job alike.
 */
export const findingKey = ({ rule, at, fact, aspect }: Finding): string =>
  [rule, at ?? fact ?? '', ...(aspect === undefined ? [] : [aspect])].join('|').slice(0, 200);

/** A finding as a rule words it, before the rule's id and reason are put to it. */
export type Found = Omit<Finding, 'rule' | 'why'>;

/** A rule as data: an id, a plain sentence why, and a check that words what it finds. */
export interface Rule<Subject> {
  readonly id: string;
  readonly why: string;
  readonly check: (subject: Subject) => readonly Found[];
}

/** Everything that a list of rules finds. */
export const applyRules = <Subject>(rules: readonly Rule<Subject>[], subject: Subject): Finding[] =>
  rules.flatMap((rule) => rule.check(subject).map((found) => ({ rule: rule.id, why: rule.why, ...found })));

/** Rules whose findings no one can decide to live with. */
export const NEVER_WAIVED: ReadonlySet<string> = new Set(['safety-not-bridged']);
