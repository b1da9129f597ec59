import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { serviceLoad } from '../service-load';

/** Above the main by this share it trips on the first cold night. Our judgment. */
const FAR_SHARE = 1.1;

export const mainCarries: Rule<Facts> = {
  id: 'main-carries',
  why: 'A main breaker under its load trips on the coldest night, and takes the heat with it.',
  check: (facts) => {
    const { mainAmps, states } = serviceLoad(facts);
    if (mainAmps === null) return [];
    const worst = states
      .filter(({ isPlanned, id }) => isPlanned || id === 'emergency')
      .reduce((most, each) => (each.amps > most.amps ? each : most));
    if (worst.amps <= mainAmps) return [];
    return [
      {
        severity: worst.amps > FAR_SHARE * mainAmps ? 'error' : 'warning',
        what: `${worst.label}: the service carries ${Math.round(worst.amps)} A; the main breaker is ${mainAmps} A (NEC 220.83(B)).`,
        fix: 'Hold a bank out while the compressor runs, a smaller kit, or a larger service by a licensed electrician. See Service.',
        page: 'strips',
        fact: 'service.mainAmps',
      },
    ];
  },
};
