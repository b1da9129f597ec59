import type { Found } from '../../job/finding';
import { type Jumper, jumperWords, refText } from '../harness';
import { bridgedSpans } from '../safety-spans';
import type { WiringRule } from './subject';

export const jumpersAsPlanned: WiringRule = {
  id: 'jumpers-as-planned',
  why: 'A missing jumper leaves a terminal without its call; an extra one sends a call where it does not belong.',
  check: ({ harness, planned, joined }) => {
    const bridged = bridgedSpans(harness, joined);
    const isBridge = ({ from }: Jumper) => bridged.some(({ ends: [end] }) => joined.areJoined(end, refText(from)));
    const missing = planned.jumpers.filter(({ from, to }) => !joined.areJoined(refText(from), refText(to)));
    const extra = harness.jumpers.filter(({ id }) => !planned.jumpers.some((jumper) => jumper.id === id));
    return [
      ...missing.map((jumper): Found => ({
        severity: 'error',
        what: `The ${jumperWords(jumper)} is missing. ${jumper.why}`,
        fix: `Fit the ${jumperWords(jumper)}.`,
        page: 'wiring',
        at: refText(jumper.from),
        aspect: `missing ${jumper.id}`,
      })),
      ...extra.map((jumper): Found => ({
        severity: 'warning',
        what: `The ${jumperWords(jumper)} is not planned.`,
        fix: isBridge(jumper)
          ? `Remove the ${jumperWords(jumper)}: it bypasses a safety.`
          : `Remove the ${jumperWords(jumper)}, or record what it is for.`,
        page: 'wiring',
        at: refText(jumper.from),
        aspect: `added ${jumper.id}`,
      })),
    ];
  },
};
