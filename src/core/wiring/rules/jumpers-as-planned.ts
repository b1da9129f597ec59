import type { Found } from '../../job/finding';
import { refText } from '../harness';
import type { WiringRule } from './subject';

export const jumpersAsPlanned: WiringRule = {
  id: 'jumpers-as-planned',
  why: 'A jumper too few leaves a terminal without its call; one too many sends a call where it does not belong.',
  check: ({ harness, planned, joined }) => {
    const missing = planned.jumpers.filter(({ from, to }) => !joined.areJoined(refText(from), refText(to)));
    const extra = harness.jumpers.filter(({ id }) => !planned.jumpers.some((jumper) => jumper.id === id));
    return [
      ...missing.map(({ id, from, why }): Found => ({
        severity: 'error',
        what: `The ${id} is missing. ${why}`,
        mend: `Fit the ${id}.`,
        page: 'wiring',
        at: refText(from),
      })),
      ...extra.map(({ id, from }): Found => ({
        severity: 'warning',
        what: `The ${id} is not planned.`,
        mend: `Take the ${id} out, or say what it is for.`,
        page: 'wiring',
        at: refText(from),
      })),
    ];
  },
};
