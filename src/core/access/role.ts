/** Roles in a crew, from most rights to fewest, with label and purpose. */
export const ROLES = {
  lead: { label: 'Crew lead', may: 'Everything: people, prices, and crew data.' },
  technician: { label: 'Technician', may: 'Jobs, readings, handovers, controllers and weather files.' },
  apprentice: { label: 'Apprentice', may: 'Sees everything and takes readings; a technician countersigns them.' },
  reader: { label: 'Viewer', may: 'Sees everything; changes nothing.' },
} as const;

export type Role = keyof typeof ROLES;

export const isRole = (text: string): text is Role => Object.hasOwn(ROLES, text);
