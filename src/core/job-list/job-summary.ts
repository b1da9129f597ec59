import type { Severity } from '../job/finding';
import type { StopId } from '../safety/stops';
import type { SpanF } from '../units/span';

/** Stage of a job, derived from the work done, never typed. */
export const STAGES = { planning: 'Planning', startup: 'Startup', 'handed-over': 'Handed over' } as const;
export type Stage = keyof typeof STAGES;

/** The stage of a job. */
export const stageOf = (handedOverAt: string | null, readings: number): Stage =>
  handedOverAt !== null ? 'handed-over' : readings > 0 ? 'startup' : 'planning';

/** The outdoor ruler in the size of a list line. */
export interface SmallRuler {
  readonly spanF: SpanF;
  readonly lanes: readonly { readonly source: 'compressor' | 'strips' | 'fossil'; readonly openF: readonly SpanF[] }[];
  readonly holesF: readonly SpanF[];
  readonly designF: number;
  readonly balanceF: number | null;
}

/** A job's summary for the list: computed by core and stored next to the job. */
export interface JobOutline {
  readonly readings: number;
  readonly findings: Readonly<Record<Severity, number>>;
  /** Startup items by verdict; none before the first reading. */
  readonly startup: { readonly open: number; readonly pass: number; readonly warn: number; readonly fail: number };
  /** Stops on the job; missing in older outlines. */
  readonly stops?: readonly StopId[];
  /** Next step, as a sentence; empty: none. */
  readonly next: string;
  readonly lastVisit: { readonly began: string; readonly reason: string } | null;
  readonly ruler: SmallRuler;
}

/** One line of the job list. */
export interface JobSummary {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly street: string;
  readonly town: string;
  readonly stage: Stage;
  readonly archivedAt: string | null;
  readonly updatedAt: string;
  /** The crew lead's note; empty: none. */
  readonly note: string;
  /** Names of people who have it open now. */
  readonly onIt: readonly string[];
  readonly outline: JobOutline;
  /** Whether it was handed over before import: not signed here. */
  readonly isSignedElsewhere?: boolean;
  /** Whether the outline is out of date and is being recalculated. */
  readonly isOld?: boolean;
}

/** A page of the job list, and where the next begins; null: last page. */
export interface JobListPage {
  readonly jobs: readonly JobSummary[];
  readonly next: string | null;
}
