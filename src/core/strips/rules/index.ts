import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { breakersFit } from './breakers-fit';
import { conductorsFit } from './conductors-fit';
import { enoughAir } from './enough-air';
import { kitAllowed } from './kit-allowed';
import { plateAgrees } from './plate-agrees';
import { supplyNotTooHot } from './supply-not-too-hot';
import { voltsSuit } from './volts-suit';
import { zoneHasAir } from './zone-has-air';

export const STRIP_RULES: readonly Rule<Facts>[] = [
  kitAllowed,
  enoughAir,
  supplyNotTooHot,
  breakersFit,
  conductorsFit,
  voltsSuit,
  plateAgrees,
  zoneHasAir,
];
