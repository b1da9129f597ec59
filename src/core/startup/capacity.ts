/** Measured capacity, and rated capacity at the same outdoor temperature. */
export type MeasuredCapacity =
  /** A reading is missing. */
  | { readonly kind: 'waits'; readonly what: string }
  /** What was read says nothing of capacity. */
  | { readonly kind: 'refused'; readonly why: string }
  | {
      readonly kind: 'measured';
      readonly btuh: number;
      /** Plus or minus, from two probes and the airflow together. */
      readonly spreadBtuh: number;
      readonly cfm: number;
      readonly cfmFrom: 'rise' | 'setting';
      readonly outdoorF: number;
      readonly sheetBtuh: number;
      /** Share of the rated value, from 0. */
      readonly share: number;
    };
