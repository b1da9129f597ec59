import type { Observable } from '../observable';
import { amps } from './amps';
import { cable } from './cable';
import { capacitor } from './capacitor';
import type { ObservableKind } from './definition';
import { display } from './display';
import { elementOhms } from './element-ohms';
import { flameCurrent } from './flame-current';
import { hot } from './hot';
import { lineVolts } from './line-volts';
import { look } from './look';
import { motorAmps } from './motor-amps';
import { ohms } from './ohms';
import { partOhms } from './part-ohms';
import { pressure } from './pressure';
import { pulled } from './pulled';
import { rungAmps } from './rung-amps';
import { rungs } from './rungs';
import { setting } from './setting';
import { sight } from './sight';
import { strip } from './strip';
import { temperature } from './temperature';
import { time } from './time';
import { volts } from './volts';
import { windingOhms } from './winding-ohms';

/** Every kind of observable. A new one is a file here, and its kind in `Observable`. */
export const OBSERVABLES: { readonly [K in Observable['kind']]: ObservableKind<K> } = {
  volts,
  ohms,
  'element-ohms': elementOhms,
  amps,
  'motor-amps': motorAmps,
  'line-volts': lineVolts,
  temperature,
  pressure,
  display,
  sight,
  time,
  seen: look,
  setting,
  capacitor,
  'part-ohms': partOhms,
  'winding-ohms': windingOhms,
  rungs,
  'rung-amps': rungAmps,
  cable,
  strip,
  hot,
  pulled,
  'flame-current': flameCurrent,
};

/** The definition of an observable's kind. */
export const kindOf = <O extends Observable>({ kind }: O): ObservableKind<O['kind']> =>
  OBSERVABLES[kind] as unknown as ObservableKind<O['kind']>;
