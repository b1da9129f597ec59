import type { StartupStep } from '../step';
import { conditions } from './conditions';
import { controlVolts } from './control-volts';
import { cool } from './cool';
import { defrost } from './defrost';
import { elementOhmsStep } from './element-ohms';
import { emergency } from './emergency';
import { fan } from './fan';
import { furnaceStep } from './furnace';
import { heat } from './heat';
import { heatAux } from './heat-aux';
import { leave } from './leave';
import { makeSafe } from './make-safe';
import { supplyVolts } from './supply-volts';

/** The startup in the order the work is done. */
export const STARTUP_STEPS: readonly StartupStep[] = [
  makeSafe,
  elementOhmsStep,
  conditions,
  supplyVolts,
  controlVolts,
  fan,
  heat,
  heatAux,
  emergency,
  furnaceStep,
  defrost,
  cool,
  leave,
];
