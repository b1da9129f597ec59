/** The pages of a job in the order of the work; the digits go to them. `finds`: what else people call what is there. */
export const JOB_PAGES = [
  {
    id: 'sheet',
    label: 'Sheet',
    finds: ['equipment', 'house', 'data plate', 'nameplate', 'load', 'heat loss', 'customer', 'address', 'model'],
  },
  {
    id: 'strips',
    label: 'Strips',
    finds: [
      'heat kit',
      'breaker',
      'breakers',
      'amps',
      'elements',
      'sequencer',
      'airflow',
      'CFM',
      'conductors',
      'wire size',
    ],
  },
  {
    id: 'wiring',
    label: 'Wiring',
    finds: [
      'jumper',
      'terminals',
      '24 volts',
      'meter',
      'common',
      'C wire',
      'thermostat wire',
      'as found',
      'fault',
      'fuse',
    ],
  },
  {
    id: 'setup',
    label: 'Setup',
    finds: ['settings', 'lockout', 'codes', 'menu', 'dip switches', 'droop', 'staging', 'ways of doing it', 'card'],
  },
  {
    id: 'crossing',
    label: 'Crossing',
    finds: ['balance point', 'lockout', 'cost', 'year', 'weather', 'capacity', 'changeover', 'supply air', 'register'],
  },
  {
    id: 'startup',
    label: 'Startup',
    finds: [
      'readings',
      'measure',
      'volts',
      'amps',
      'ohms',
      'temperature rise',
      'airflow',
      'static',
      'defrost',
      'checklist',
    ],
  },
  {
    id: 'handover',
    label: 'Handover',
    finds: ['record', 'print', 'export', 'CSV', 'homeowner', 'customer page', 'job file', 'sign'],
  },
] as const;
export type JobPage = (typeof JOB_PAGES)[number];
