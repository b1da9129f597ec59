import { elementOhms as ohmsOf } from '../../strips/element';
import { jobElements } from '../../strips/from-job';
import { OHMS_HIGH_SHARE, OHMS_LOW_SHARE } from '../../strips/tolerance';
import { number, type ObservableKind } from './definition';

/** Cold ohms of an element. */
export const elementOhms: ObservableKind<'element-ohms'> = {
  key: ({ element }) => `element-ohms/ohms-${element + 1}`,
  read: ({ model, given }, { element: at }) => {
    if (given.ails?.rungs[at] === 'element') return { kind: 'open' };
    const element = jobElements(model.facts)[at];
    if (!element) return { kind: 'unknown', needs: 'the element, on the Survey', fact: 'heatKit.elements' };
    const ohms = ohmsOf(element);
    return number(ohms, [ohms * (1 - OHMS_LOW_SHARE), ohms * (1 + OHMS_HIGH_SHARE)]);
  },
};
