import { coilsHaveVolts } from './coils-have-volts';
import { enoughConductors } from './enough-conductors';
import { fuseCarries } from './fuse-carries';
import { kitReached } from './kit-reached';
import type { WiringRule } from './subject';
import { transformerCarries } from './transformer-carries';
import { valveAgrees } from './valve-agrees';

export const WIRING_RULES: readonly WiringRule[] = [valveAgrees, enoughConductors, kitReached, transformerCarries, fuseCarries, coilsHaveVolts];
