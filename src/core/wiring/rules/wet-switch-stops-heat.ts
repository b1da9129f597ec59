import type { WiringRule } from './subject';

export const wetSwitchStopsHeat: WiringRule = {
  id: 'wet-switch-stops-heat',
  why: 'Water under a humidifier on the coldest night leaves the house without any heat until somebody comes.',
  check: ({ facts }) =>
    facts.boxes.humidifier === 'everything'
      ? [
          {
            severity: 'advice',
            what: 'The humidifier’s wet switch stops everything, emergency heat too.',
            mend: 'Let it stop the humidifier alone, or see that somebody is told when it opens.',
            page: 'wiring',
            fact: 'boxes.humidifier',
            at: 'wet-switch.1',
            mendBy: [{ path: 'boxes.humidifier', value: 'alone' }],
          },
        ]
      : [],
};
