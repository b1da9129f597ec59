/** Pages of a job in working order; digit keys open them. */
export const JOB_PAGES = [
  { id: 'survey', label: 'Survey' },
  { id: 'strips', label: 'Strips' },
  { id: 'wiring', label: 'Wiring' },
  { id: 'setup', label: 'Setup' },
  { id: 'balance', label: 'Balance' },
  { id: 'simulate', label: 'Simulate' },
  { id: 'startup', label: 'Startup' },
  { id: 'diagnose', label: 'Diagnose' },
  { id: 'handover', label: 'Handover' },
] as const;
export type JobPage = (typeof JOB_PAGES)[number];
