import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { breakersFit } from './breakers-fit';
import { enoughAir } from './enough-air';
import { voltsSuit } from './volts-suit';

export const STRIP_RULES: readonly Rule<Facts>[] = [enoughAir, breakersFit, voltsSuit];
