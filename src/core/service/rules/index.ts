import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { mainCarries } from './main-carries';

/** What the house's service must carry. */
export const SERVICE_RULES: readonly Rule<Facts>[] = [mainCarries];
