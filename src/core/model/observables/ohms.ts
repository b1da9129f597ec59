import { readOhms } from '../../circuit/ohms';
import { refText } from '../../wiring/harness';
import { number, type ObservableKind } from './definition';
import { betweenName } from './terminal-name';

/** Ohms between two terminals, power off. */
export const ohms: ObservableKind<'ohms'> = {
  key: ({ between }, _place, facts) => `power-off/ohms-${betweenName(facts, between)}`,
  read: ({ model, bench, moment }, { between }) => {
    const [one, other] = between.map(refText) as [string, string];
    const value = readOhms(bench.at(model.facts, { ...moment, call: 'off' }).atRest, one, other);
    return value === 'OL' ? { kind: 'open' } : number(value);
  },
};
