import type { Facts } from '../job/document';

/** Whose house it is and where, on one line; empty where no one has said. */
export const siteAddress = ({ site }: Facts): string =>
  [site.customer, site.street, site.town].filter(Boolean).join(', ');
