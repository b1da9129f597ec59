import type { WiringRule } from './subject';

export const wetSwitchStopsHeat: WiringRule = {
  id: 'wet-switch-stops-heat',
  why: 'A leak under the humidifier on the coldest night shuts off all heat until someone comes.',
  check: ({ facts }) =>
    facts.boxes.humidifier === 'everything'
      ? [
          {
            severity: 'advice',
            what: 'The humidifier’s wet switch stops everything, emergency heat too.',
            fix: 'Let it stop only the humidifier, or add an alarm so someone knows when it opens.',
            page: 'wiring',
            fact: 'boxes.humidifier',
            at: 'wet-switch.1',
            fixBy: [{ path: 'boxes.humidifier', value: 'alone' }],
          },
        ]
      : [],
};
