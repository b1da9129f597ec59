import type { Facts } from '../../job/document';
import { withBlower } from '../board/with-blower';
import type { Device } from '../device';

/** An air cleaner’s relay that closes with the blower. */
export const airCleaner = ({ boxes }: Facts): Device =>
  withBlower('air-cleaner', {
    id: 'air-cleaner relay',
    label: 'Air cleaner',
    va: boxes.airCleanerVA,
    does: 'Turns the air cleaner on while the blower runs.',
  });
