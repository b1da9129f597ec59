import type { Severity } from '../job/finding';
import type { StopId } from '../stop-work/stops';
import type { SpanF } from '../units/span';

/** How far a job is: derived from what was done, never typed in. */
export const STAGES = { planning: 'Planning', startup: 'Startup', 'handed-over': 'Handed over' } as const;
export type Stage = keyof typeof STAGES;

/** The stage of a job. */
export const stageOf = (handedOverAt: string | null, readings: number): Stage =>
  handedOverAt !== null ? 'handed-over' : readings > 0 ? 'startup' : 'planning';

/** The outdoor ruler, as small as a line of the board holds it. */
export interface SmallRuler {
  readonly spanF: SpanF;
  readonly lanes: readonly { readonly source: 'compressor' | 'strips' | 'fossil'; readonly openF: readonly SpanF[] }[];
  readonly holesF: readonly SpanF[];
  readonly designF: number;
  readonly balanceF: number | null;
}

/** What the board says of a job: core's own answer, kept next to it. */
export interface JobOutline {
  readonly readings: number;
  readonly findings: Readonly<Record<Severity, number>>;
  /** Items of the startup, by verdict; none before anything was read. */
  readonly startup: { readonly open: number; readonly pass: number; readonly warn: number; readonly fail: number };
  /** What stops the work there; outlines of before have none. */
  readonly stops?: readonly StopId[];
  /** What comes next, as a sentence; empty: nothing does. */
  readonly next: string;
  readonly lastVisit: { readonly began: string; readonly reason: string } | null;
  readonly ruler: SmallRuler;
}

/** One line of the board. */
export interface JobSummary {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly street: string;
  readonly town: string;
  readonly stage: Stage;
  readonly archivedAt: string | null;
  readonly updatedAt: string;
  /** The lead's note on it; empty: none. */
  readonly note: string;
  /** Who is on it now, by name. */
  readonly onIt: readonly string[];
  readonly outline: JobOutline;
  /** Whether it was handed over before it was imported: no one signed it here. */
  readonly isSignedElsewhere?: boolean;
  /** Whether the outline is of before a change, or of an older version, and is being calculated again. */
  readonly isOld?: boolean;
}

/** A page of the board, and where the next one begins; null: this is the last. */
export interface JobListPage {
  readonly jobs: readonly JobSummary[];
  readonly next: string | null;
}
