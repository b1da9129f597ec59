import type { Facts } from '../../job/document';
import type { Found, Rule } from '../../job/finding';
import { roundTo } from '../../units/round';
import { jobBalance } from '../from-job';
import { copAt, ratedSpanF } from '../heat-pump';
import { jobHeatPump } from '../job-heat-pump';

/** A point this close serves as well, °F. Our judgment: data comes in steps of ten. */
const NEAR_F = 5;

const about = (aspect: string, what: string, fix: string): Found => ({
  severity: 'advice',
  what,
  fix,
  page: 'survey',
  fact: 'outdoorUnit.ratingPoints',
  aspect,
});

export const ratingPointsReach: Rule<Facts> = {
  id: 'rating-points-reach',
  why: 'Beyond the rating points the figures are extrapolated, not tested, and the cold end is where they matter.',
  check: (facts) => {
    const heatPump = jobHeatPump(facts);
    const [coldestF] = ratedSpanF(heatPump);
    const { designOutdoorF } = facts.house;
    const { minOutdoorF } = heatPump;
    const { economicBalanceF } = jobBalance(facts);
    const needsF = Math.max(designOutdoorF, minOutdoorF ?? -Infinity);
    return [
      ...(needsF < coldestF - NEAR_F
        ? [
            about(
              'design',
              `The coldest rating point is ${coldestF} °F. At ${needsF} °F everything about the heat pump is extrapolated (COP ${roundTo(copAt(heatPump, needsF), 1)}).`,
              `Add the point nearest ${needsF} °F from the unit’s extended performance data.`,
            ),
          ]
        : []),
      ...(typeof economicBalanceF === 'number' && economicBalanceF < coldestF
        ? [
            about(
              'economic balance point',
              `The economic balance point comes out at ${roundTo(economicBalanceF, 0)} °F, colder than any rating point (${coldestF} °F).`,
              'Do not set the changeover by it. Add a colder rating point first.',
            ),
          ]
        : []),
    ];
  },
};
