import { nodeOf } from '../../devices/device';
import type { Found } from '../../job/finding';
import type { WiringRule } from './subject';

export const hotAndCommonApart: WiringRule = {
  id: 'hot-and-common-apart',
  why: 'R tied to C is a dead short: the fuse blows or the transformer burns out.',
  check: ({ harness, joined }) => {
    const powered = harness.devices.filter(({ transformers }) => transformers.length > 0);
    return powered.flatMap(({ id }): Found[] => {
      const common = nodeOf(id, 'C');
      const hot = joined.with(nodeOf(id, 'R'));
      if (!hot.includes(common)) return [];
      return [
        {
          severity: 'error',
          what: 'R and C are bridged.',
          fix: 'Power off. Remove the wire or jumper that joins them.',
          page: 'wiring',
          at: hot.find((node) => node.endsWith('.C')) ?? common,
        },
      ];
    });
  },
};
