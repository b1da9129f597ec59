/** What a heat pump was measured to give, and what its sheet says at the same outdoor temperature. */
export type MeasuredCapacity =
  /** A reading is missing. */
  | { readonly kind: 'waits'; readonly what: string }
  /** What was read says nothing of capacity. */
  | { readonly kind: 'refused'; readonly why: string }
  | {
      readonly kind: 'measured';
      readonly btuh: number;
      /** Either way, two probes and the airflow together. */
      readonly spreadBtuh: number;
      readonly cfm: number;
      readonly cfmFrom: 'rise' | 'setting';
      readonly outdoorF: number;
      readonly sheetBtuh: number;
      /** Of the sheet, from 0. */
      readonly share: number;
    };
