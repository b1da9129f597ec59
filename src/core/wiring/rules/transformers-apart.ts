import { nodeOf } from '../../devices/device';
import type { Found } from '../../job/finding';
import { parseRef, refWords } from '../harness';
import type { WiringRule } from './subject';

export const transformersApart: WiringRule = {
  id: 'transformers-apart',
  why: 'Two transformers tied together fight: you get 0 V, 48 V or smoke.',
  check: ({ harness, joined }) =>
    harness.devices.flatMap(({ id, transformers, terminals }) => {
      if (transformers.length < 2) return [];
      const own = terminals.map(({ mark }) => mark).filter((mark) => mark === 'T1' || mark === 'T2');
      return own.flatMap((mark): Found[] => {
        const strangers = joined
          .with(nodeOf(id, mark))
          .filter((node) => node !== nodeOf(id, mark) && !/^isolation-relay\.[12]$/.test(node));
        if (strangers.length === 0) return [];
        return [
          {
            severity: 'error',
            what: `${mark} of the burner control ties to ${strangers.map((node) => refWords(parseRef(node)!)).join(', ')}: its transformer is connected to the system transformer.`,
            fix: 'An isolation relay between the two: only its dry contact on T1 and T2.',
            page: 'wiring',
            at: nodeOf(id, mark),
          },
        ];
      });
    }),
};
