/** Where an airflow is from. */
export const AIRFLOW_WAYS = {
  setting: 'As the blower is set',
  table: 'By its table, at the pressure read',
  rise: 'By rise and amps of the strips',
  kW: 'By rise and the kit’s plate',
  input: 'By rise and the furnace’s output',
} as const;

/** An airflow by one way, and how it is worked out. */
export interface AirflowSeen {
  readonly way: keyof typeof AIRFLOW_WAYS;
  readonly cfm: number;
  readonly sum: string;
}
