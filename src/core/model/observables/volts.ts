import { isFloating, readVolts, readVoltsThrough } from '../../circuit/meter';
import { refText } from '../../wiring/harness';
import { areIsolated } from '../../wiring/isolated';
import { METERS, type Observable } from '../observable';
import { type Asked, number, type ObservableKind, type Prediction } from './definition';
import { betweenName } from './terminal-name';

/** A floating terminal reads up to about half the supply, by capacitance. */
const GHOST_SHARE_OF_SUPPLY = 0.5;

const voltsBetween = ({ state }: Asked, { between, meter }: Extract<Observable, { kind: 'volts' }>): Prediction => {
  const [one, other] = between.map(refText) as [string, string];
  if (areIsolated(state.network, one, other))
    return number(0, [0, meter === 'low' ? 0 : GHOST_SHARE_OF_SUPPLY * state.network.source.volts]);
  if (meter === 'low') return number(readVoltsThrough(state.network, one, other, METERS.low.ohms));
  const value = readVolts(state.solution, one, other);
  if (!isFloating(state.network, one) && !isFloating(state.network, other)) return number(value);
  return number(value, [0, Math.max(value, GHOST_SHARE_OF_SUPPLY * state.network.source.volts)]);
};

/** Control volts between two terminals. */
export const volts: ObservableKind<'volts'> = {
  key: ({ between, meter }, place, facts) =>
    `${place}/volts-${betweenName(facts, between)}${meter === 'low' ? '-low' : ''}`,
  read: voltsBetween,
};
