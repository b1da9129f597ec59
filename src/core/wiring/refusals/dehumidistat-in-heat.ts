import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const dehumidistatInHeat: Rule<Facts> = {
  id: 'dehumidistat-in-heat',
  why: 'Slowed airflow is too little for strips or a burner: limits open, fusible links blow, and the house stays cold.',
  check: ({ boxes }) =>
    boxes.dehumidify === 'always'
      ? [
          {
            severity: 'error',
            what: 'A dehumidistat that slows the blower in every call takes air from the strips or the burner on a damp winter day.',
            fix: 'Land it on an input the board uses only in cooling, or leave it out.',
            page: 'wiring',
            fact: 'boxes.dehumidify',
            fixBy: [{ path: 'boxes.dehumidify', value: 'cooling' }],
          },
        ]
      : [],
};
