/** One past change of a fact. */
export interface PastChange {
  readonly before: unknown;
  readonly after: unknown;
  readonly author: string;
  /** ISO 8601. */
  readonly at: string;
}
