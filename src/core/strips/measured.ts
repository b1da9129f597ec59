import type { Facts } from '../job/document';
import type { Finding } from '../job/finding';
import { currentReadings, type Reading } from '../job/reading';
import { roundTo } from '../units/round';
import { elementOhms } from './element';
import { jobElements } from './from-job';
import { OHMS_HIGH_SHARE, OHMS_LOW_SHARE } from './tolerance';

/** Item of an element's cold ohms. */
export const ohmsItem = (element: number): string => `element-ohms/ohms-${element + 1}`;

/** Contradictions between nameplate and measurement. Neither corrects the other: both stay, and a finding says so. */
export const measuredFindings = (facts: Facts, readings: readonly Reading[]): Finding[] => {
  const current = currentReadings(readings);
  return jobElements(facts).flatMap((element, at): Finding[] => {
    const value = current.get(ohmsItem(at))?.value;
    const ohms = elementOhms(element);
    const about = {
      rule: 'measured-agrees',
      page: 'strips',
      fact: 'heatKit.elements',
      aspect: `element ${at + 1}`,
    } as const;
    if (value === 'OL') {
      return [
        {
          ...about,
          severity: 'error',
          what: `Element ${at + 1} reads OL.`,
          why: 'An open element, limit or link gives no heat.',
          fix: 'Test each of the three separately, power off and verified dead.',
        },
      ];
    }
    if (typeof value !== 'number' || (value >= ohms * (1 - OHMS_LOW_SHARE) && value <= ohms * (1 + OHMS_HIGH_SHARE)))
      return [];
    const measuredKW = element.ratedVolts ** 2 / value / 1000;
    return [
      {
        ...about,
        severity: 'warning',
        what: `Element ${at + 1} reads ${value} Ω: ${roundTo(measuredKW, 1)} kW, not the ${element.kW} kW on the Survey.`,
        why: 'One of the two is wrong, and every expected reading depends on it.',
        fix: 'Read again with one end lifted; then the plate.',
      },
    ];
  });
};
