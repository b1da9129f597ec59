import type { CallId } from '../control/moment';
import { BLOWER_BY_HEAT_COIL, BLOWER_COIL, COMPRESSOR_COIL, VALVE_COIL } from '../devices/ids';
import type { BehaviorChange } from './behavior';

/** A fault that shows nowhere in the house. */
export const NO_CHANGE = 'no change';

const HEAT: readonly CallId[] = ['heat-1', 'heat-2', 'heat-aux'];
const COOL: readonly CallId[] = ['cool-1', 'cool-2'];

const some = (calls: readonly CallId[], of: readonly CallId[]) => calls.some((call) => of.includes(call));

/** Consequence of a lost coil for the house. */
const lost = ({ coil, calls }: BehaviorChange): readonly string[] => {
  if (coil.id === COMPRESSOR_COIL)
    return some(calls, HEAT) && some(calls, COOL)
      ? ['no heat pump']
      : some(calls, HEAT)
        ? ['no heat from the heat pump']
        : some(calls, COOL)
          ? ['no cooling']
          : ['no compressor in defrost'];
  if (coil.id === VALVE_COIL) return some(calls, COOL) ? ['heats instead of cooling'] : ['cools instead of heating'];
  if (coil.id === BLOWER_COIL || coil.id === BLOWER_BY_HEAT_COIL) return ['no blower'];
  switch (coil.source) {
    case 'strips':
      return [
        ...(calls.includes('heat-aux') ? ['no aux heat'] : []),
        ...(calls.includes('emergency') ? ['no emergency heat'] : []),
        ...(calls.length === 1 && calls[0] === 'defrost' ? ['no strips in defrost'] : []),
      ];
    case 'fossil':
      return ['no furnace heat'];
    case 'compressor':
      return ['no high stage'];
    default:
      return [];
  }
};

/** Consequence of a coil that pulls in without its call. */
const extra = ({ coil, calls }: BehaviorChange): readonly string[] => {
  if (coil.id === VALVE_COIL)
    return some(calls, HEAT) ? ['cools instead of heating'] : some(calls, COOL) ? ['heats instead of cooling'] : [];
  const name =
    coil.id === BLOWER_COIL || coil.id === BLOWER_BY_HEAT_COIL
      ? 'blower'
      : coil.source === 'strips'
        ? 'strips'
        : coil.source === 'fossil'
          ? 'furnace'
          : coil.source === 'compressor'
            ? 'compressor'
            : null;
  return name === null ? [] : [`${name} runs uncalled`.replace('strips runs', 'strips run')];
};

/**
 * Consequence of a fault for the house in a few words: “no heat pump, no blower”. Faults that a homeowner could not
 * tell apart have the same words.
 * @param changes coils that behave differently with the fault
 * @param blowsFuse whether the board fuse blows in some call
 */
export const consequence = (changes: readonly BehaviorChange[], blowsFuse: boolean): string => {
  if (blowsFuse) return 'board fuse blows';
  const all = changes.flatMap((change) =>
    change.kind === 'lost'
      ? lost(change)
      : change.kind === 'extra'
        ? extra(change)
        : [`${change.coil.label.toLowerCase()} chatters`],
  );
  const words = [...new Set(all)];
  if (words.length > 0) return words.join(', ');
  return changes.length > 0 ? 'a control relay behaves differently' : NO_CHANGE;
};
