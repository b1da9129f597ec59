/** Parts of the guide in working order; each is a file of docs/guide, opened by the "?" of its page. */
export const GUIDE_PARTS = [
  { id: 'start', label: 'Starting a job', file: '1-start.md' },
  { id: 'survey', label: 'Survey', file: '2-survey.md' },
  { id: 'strips', label: 'Strips', file: '3-strips.md' },
  { id: 'wiring', label: 'Wiring', file: '4-wiring.md' },
  { id: 'setup', label: 'Setup', file: '5-setup.md' },
  { id: 'balance', label: 'Balance', file: '6-balance.md' },
  { id: 'simulate', label: 'Simulate', file: '7-simulate.md' },
  { id: 'startup', label: 'Startup', file: '8-startup.md' },
  { id: 'diagnose', label: 'Diagnose', file: '9-diagnose.md' },
  { id: 'handover', label: 'Handover', file: '10-handover.md' },
  { id: 'library', label: 'Library', file: '11-library.md' },
  { id: 'practice', label: 'Practice', file: '12-practice.md' },
] as const;

/** Address of the guide part for a page of a job. */
export const guideFor = (page: string | undefined): string =>
  `/guide/${GUIDE_PARTS.find(({ id }) => id === page)?.id ?? 'start'}`;
