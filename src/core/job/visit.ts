/** Reasons for a visit. */
export const VISIT_REASONS = {
  new: 'New installation',
  changeout: 'Changeout',
  'call-back': 'Call-back',
  season: 'Seasonal check',
} as const;
export type VisitReason = keyof typeof VISIT_REASONS;

/** One visit: its readings and settings belong together. */
export interface Visit {
  readonly id: string;
  readonly reason: VisitReason;
  /** ISO 8601. */
  readonly began: string;
  /** ISO 8601; null: in progress. */
  readonly ended: string | null;
  readonly author: string;
}
