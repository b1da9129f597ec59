import type { StartupStep } from '../step';
import { banks } from './banks';
import { conditions } from './conditions';
import { controlVolts } from './control-volts';
import { cool } from './cool';
import { cool2 } from './cool-2';
import { coolAir } from './cool-air';
import { defrost } from './defrost';
import { elementOhmsStep } from './element-ohms';
import { emergency } from './emergency';
import { fan } from './fan';
import { farEnds } from './far-ends';
import { furnaceStep } from './furnace';
import { gas } from './gas';
import { heat } from './heat';
import { heat2 } from './heat-2';
import { heatAux } from './heat-aux';
import { leave } from './leave';
import { load } from './load';
import { lockoutsStep } from './lockouts';
import { makeSafe } from './make-safe';
import { oil } from './oil';
import { outage } from './outage';
import { ownStages } from './own-stages';
import { refrigerant } from './refrigerant';
import { supplyVolts } from './supply-volts';
import { water } from './water';

/** The startup in working order. */
export const STARTUP_STEPS: readonly StartupStep[] = [
  makeSafe,
  elementOhmsStep,
  water,
  conditions,
  supplyVolts,
  controlVolts,
  fan,
  heat,
  load,
  heat2,
  ownStages,
  heatAux,
  banks,
  emergency,
  furnaceStep,
  gas,
  oil,
  defrost,
  cool,
  cool2,
  coolAir,
  refrigerant,
  farEnds,
  lockoutsStep,
  outage,
  leave,
];
