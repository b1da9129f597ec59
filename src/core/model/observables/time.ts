import { freezesAt } from '../../control/coil';
import { ladderState } from '../../strips/ladder-state';
import { number, type ObservableKind } from './definition';

/** Minutes of a defrost; seconds until every switch of the kit has moved. */
export const time: ObservableKind<'time'> = {
  key: ({ of }, place) => (of === 'defrost' ? 'defrost/minutes' : `${place}/switches`),
  read: ({ model, bench, moment }, { of }) => {
    if (of === 'switches') return number(ladderState(model.facts, bench, moment, 0, 0).settlesS);
    return freezesAt(moment.outdoorF)
      ? { kind: 'unknown', needs: 'the amount of ice' }
      : { kind: 'word', word: 'locked out: the coil is warm' };
  },
};
