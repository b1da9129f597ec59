/** What a person is in a crew, from the one who may most, with what it is called and what it is for. */
export const ROLES = {
  lead: { label: 'Lead', may: 'Everything: people, prices, and what the crew keeps.' },
  technician: { label: 'Technician', may: 'Jobs, readings, handing over, controllers and weather years.' },
  apprentice: { label: 'Apprentice', may: 'Looks at everything, and reads; a technician countersigns it.' },
  reader: { label: 'Reader', may: 'Looks at everything, and changes nothing.' },
} as const;

export type Role = keyof typeof ROLES;

export const isRole = (text: string): text is Role => Object.hasOwn(ROLES, text);
