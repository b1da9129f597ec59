import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const dehumidistatInHeat: Rule<Facts> = {
  id: 'dehumidistat-in-heat',
  why: 'Slowed air is too little for strips and burner: limits open, links melt, and the house stays cold.',
  check: ({ boxes }) =>
    boxes.dehumidify === 'always'
      ? [
          {
            severity: 'error',
            what: 'A dehumidistat that slows the blower in every call takes air from the strips or the burner on a damp winter day.',
            mend: 'Land it on an input that the board heeds in cooling alone, or leave it out.',
            page: 'wiring',
            fact: 'boxes.dehumidify',
            mendBy: [{ path: 'boxes.dehumidify', value: 'cooling' }],
          },
        ]
      : [],
};
