import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { jobCrossing } from '../from-job';

export const hole: Rule<Facts> = {
  id: 'hole-between-gates',
  why: 'Between the two lockouts nothing may heat the house.',
  check: (facts) =>
    jobCrossing(facts).holesF.map(([fromF, toF]) => ({
      severity: 'error',
      what: `From ${Math.round(fromF)} to ${Math.round(toF)} °F out, no source may run.`,
      mend: 'Bring the two lockouts together or let them overlap: drag one of the posts on the ruler.',
      page: 'sheet',
      fact: 'gates.compressorBelowF',
    })),
};
