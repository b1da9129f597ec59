/** Source of an airflow. */
export const AIRFLOW_METHODS = {
  setting: 'By blower setting',
  table: 'By blower table at measured static',
  rise: 'By rise and strip amps',
  kW: 'By rise and the kit’s plate',
  input: 'By rise and the furnace’s output',
} as const;

/** An airflow from one source, and how it is calculated. */
export interface AirflowSeen {
  readonly way: keyof typeof AIRFLOW_METHODS;
  readonly cfm: number;
  readonly sum: string;
}
