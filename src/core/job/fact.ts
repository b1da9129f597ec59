/** Where the technician reads a fact. */
export const PLACES = {
  desk: 'Office (before the visit)',
  yard: 'At the outdoor unit',
  closet: 'At the indoor unit',
  wall: 'At the thermostat',
  table: 'Homeowner questions',
} as const;
export type Place = keyof typeof PLACES;

interface FactBase<T> {
  readonly label: string;
  readonly place: Place;
  /** Value until confirmed. */
  readonly assumed: T;
  /** Purpose of the fact, in one sentence. */
  readonly why?: string;
  /** The fact applies only if another has one of these values. */
  readonly onlyWhen?: { readonly path: string; readonly is: readonly (string | number | boolean)[] };
}

export interface NumberFact<T extends number | null = number | null> extends FactBase<T> {
  readonly kind: 'number';
  readonly unit: string;
  /** Unit by the value of another fact, if it depends on one. */
  readonly unitBy?: { readonly path: string; readonly units: Readonly<Record<string, string>> };
  /** A temperature difference, not a temperature: converts without the 32. */
  readonly isDifference?: boolean;
  /** Stored as a fraction of 1, shown and typed in percent: AFUE 95, not 0.95. */
  readonly isShare?: boolean;
  readonly min: number;
  readonly max: number;
  /** Maximum for entry; files of older versions may hold up to `max`. */
  readonly entryMax?: number;
  readonly step: number;
  /** Words for "not known" or "none", if that is an answer. */
  readonly none?: string;
}

export interface ChoiceFact<T extends string | number = string | number> extends FactBase<T> {
  readonly kind: 'choice';
  readonly options: readonly { readonly value: T; readonly label: string }[];
}

export interface FlagFact extends FactBase<boolean> {
  readonly kind: 'flag';
}

export interface TextFact extends FactBase<string> {
  readonly kind: 'text';
  readonly maxLength: number;
  readonly lines?: number;
}

/** A short list of like numbers, such as breakers. */
export interface NumbersFact extends FactBase<readonly number[]> {
  readonly kind: 'numbers';
  readonly unit: string;
  readonly min: number;
  readonly max: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  readonly item: string;
}

/** One column of a table of numbers. */
export interface TableColumn {
  readonly label: string;
  readonly unit: string;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  /** Reason for the maximum, shown next to the field. */
  readonly maxWhy?: string;
}

/** A small table of numbers, such as rating points. */
export interface TableFact<Row extends object = Record<string, number>> extends FactBase<readonly Row[]> {
  readonly kind: 'table';
  readonly columns: {
    readonly [C in keyof Row]: TableColumn;
  };
  readonly least: number;
  readonly most: number;
  /** A column with unique values. */
  readonly distinct?: keyof Row & string;
  readonly newRow: Row;
  readonly item: string;
}

/** A list of records of short texts, such as findings; edited on its own page, not in a field. */
export interface RecordsFact<
  Row extends object = Record<string, string>,
  T extends readonly Row[] | null = readonly Row[] | null,
> extends FactBase<T> {
  readonly kind: 'records';
  /** Maximum length of each column, characters. */
  readonly columns: { readonly [C in keyof Row]: number };
  readonly most: number;
  readonly item: string;
  /** Words for "no list", if that is an answer. */
  readonly none?: string;
}

export type AnyFact = NumberFact | ChoiceFact | FlagFact | TextFact | NumbersFact | TableFact | RecordsFact;

type Bounds = Pick<NumberFact, 'unit' | 'unitBy' | 'isDifference' | 'isShare' | 'min' | 'max' | 'entryMax'> &
  Partial<Pick<NumberFact, 'step'>>;

/** A number that always has a value, if only assumed. */
export const numberFact = (fact: FactBase<number> & Bounds): NumberFact<number> => ({
  kind: 'number',
  step: 1,
  ...fact,
});

/** A number that may be missing; `none` words that. */
export const optionalNumberFact = (
  fact: FactBase<number | null> & Bounds & { readonly none: string },
): NumberFact<number | null> => ({
  kind: 'number',
  step: 1,
  ...fact,
});

/** A choice among named values. */
export const choiceFact = <const T extends string | number>(
  fact: Omit<FactBase<T>, 'assumed'> & {
    readonly options: readonly { readonly value: T; readonly label: string }[];
    readonly assumed: NoInfer<T>;
  },
): ChoiceFact<T> => ({ kind: 'choice', ...fact });

export const flagFact = (fact: FactBase<boolean>): FlagFact => ({ kind: 'flag', ...fact });

export const textFact = (
  fact: Omit<FactBase<string>, 'assumed'> & { readonly maxLength?: number; readonly lines?: number },
): TextFact => ({
  kind: 'text',
  assumed: '',
  maxLength: 120,
  ...fact,
});

export const numbersFact = (
  fact: FactBase<readonly number[]> &
    Omit<NumbersFact, 'kind' | keyof FactBase<never> | 'step'> & { readonly step?: number },
): NumbersFact => ({ kind: 'numbers', step: 1, ...fact });

export const tableFact = <Row extends object>(fact: Omit<TableFact<Row>, 'kind'>): TableFact<Row> => ({
  kind: 'table',
  ...fact,
});

export const recordsFact = <Row extends object>(
  fact: Omit<RecordsFact<Row, readonly Row[]>, 'kind' | 'none'>,
): RecordsFact<Row, readonly Row[]> => ({
  kind: 'records',
  ...fact,
});

/** Records that may not exist yet. */
export const optionalRecordsFact = <Row extends object>(
  fact: Omit<RecordsFact<Row, readonly Row[] | null>, 'kind'> & { readonly none: string },
): RecordsFact<Row, readonly Row[] | null> => ({ kind: 'records', ...fact });

/** Value type of a fact. */
export type FactValue<F> = F extends { readonly assumed: infer T } ? T : never;
