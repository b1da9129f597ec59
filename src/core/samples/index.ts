import { found } from './found';
import { planned } from './planned';
import { proved } from './proved';
import type { Sample } from './sample';
import { started } from './started';

/** The sample jobs, in the order of the work: planned, started, proved, and one call-back. */
export const SAMPLES: readonly Sample[] = [planned, started, proved, found];
