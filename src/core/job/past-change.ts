/** One change of a fact, as the record keeps it. */
export interface PastChange {
  readonly before: unknown;
  readonly after: unknown;
  readonly author: string;
  /** ISO 8601. */
  readonly at: string;
}
