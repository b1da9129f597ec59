import type { Facts } from '../job/document';

/** Homeowner and address on one line; empty if unknown. */
export const siteAddress = ({ site }: Facts): string =>
  [site.customer, site.street, site.town].filter(Boolean).join(', ');
