import { type CallId, CALLS } from '../control/moment';
import { roundTo } from '../units/round';
import { sum } from '../units/sum';
import type { LadderState } from './ladder-state';

/**
 * The answer on the Strips page: banks on, power, and current after the last switch, and when that is.
 * @param settled the kit after its slowest switch has moved
 */
export const stripsAnswer = (call: CallId, { rungs, heaterAmps, settlesS }: LadderState): string => {
  const name = CALLS[call].label;
  const on = rungs.filter(({ glows }) => glows);
  if (on.length === 0) {
    const called = rungs.some(({ hasCall }) => hasCall);
    return called ? `${name}: the strips are called and have no power, 0 A.` : `${name}: no strips on, 0 A.`;
  }
  const banks = [...new Set(on.map(({ rung }) => rung.bank))];
  const kW = roundTo(sum(on.map(({ rung }) => rung.element.kW)), 1);
  const which = `bank${banks.length > 1 ? 's' : ''} ${banks.join(' and ')}`;
  return `${name}: ${which} on, ${kW} kW. The strips draw ${heaterAmps.toFixed(1)} A after ${settlesS} s.`;
};
