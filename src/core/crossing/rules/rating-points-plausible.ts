import type { Facts } from '../../job/document';
import type { Found, Rule } from '../../job/finding';

export const ratingPointsPlausible: Rule<Facts> = {
  id: 'rating-points-plausible',
  why: 'A mistyped rating moves the balance point by many degrees.',
  check: ({ outdoorUnit }) => {
    const points = [...outdoorUnit.ratingPoints].sort((a, b) => a.outdoorF - b.outdoorF);
    return points.slice(1).flatMap((warmer, at): Found[] => {
      const colder = points[at]!;
      if (colder.btuh <= warmer.btuh) return [];
      return [
        {
          severity: 'warning',
          what: `More heat at ${colder.outdoorF} °F than at ${warmer.outdoorF} °F.`,
          mend: 'Check the two rating points against the unit’s sheet. An inverter may be rated so at part speed: use the figures for full speed.',
          page: 'sheet',
          fact: 'outdoorUnit.ratingPoints',
        },
      ];
    });
  },
};
