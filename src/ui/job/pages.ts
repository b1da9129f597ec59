/** The pages of a job in the order of the work; the digits go to them. */
export const JOB_PAGES = [
  { id: 'sheet', label: 'Sheet' },
  { id: 'strips', label: 'Strips' },
  { id: 'wiring', label: 'Wiring' },
  { id: 'setup', label: 'Setup' },
  { id: 'crossing', label: 'Crossing' },
  { id: 'day', label: 'Day run' },
  { id: 'startup', label: 'Startup' },
  { id: 'trouble', label: 'Trouble' },
  { id: 'handover', label: 'Handover' },
] as const;
export type JobPage = (typeof JOB_PAGES)[number];
