import { roundTo } from '../../units/round';
import { heaviestCall } from '../power';
import type { WiringRule } from './subject';

export const transformerCarries: WiringRule = {
  id: 'transformer-carries',
  why: 'An overloaded transformer’s voltage sags, and coils chatter or drop out on the heaviest call.',
  check: ({ facts, harness, cold }) => {
    const { va } = heaviestCall(harness, cold);
    const { transformerVA } = facts.airHandler;
    if (va <= transformerVA) return [];
    return [
      {
        severity: 'error',
        what: `The coils draw ${roundTo(va, 1)} VA on the heaviest call; the transformer is rated ${transformerVA} VA.`,
        fix: 'Fit a larger class 2 transformer, or take a load off it.',
        page: 'wiring',
        fact: 'airHandler.transformerVA',
      },
    ];
  },
};
