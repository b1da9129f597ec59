/** Why someone comes to a system. */
export const VISIT_REASONS = {
  new: 'New installation',
  changeout: 'Changeout',
  'call-back': 'Call-back',
  season: 'Seasonal check',
} as const;
export type VisitReason = keyof typeof VISIT_REASONS;

/** One coming to a system: what was read and set then belongs together. */
export interface Visit {
  readonly id: string;
  readonly reason: VisitReason;
  /** ISO 8601. */
  readonly began: string;
  /** ISO 8601; null: it goes on. */
  readonly ended: string | null;
  readonly author: string;
}
