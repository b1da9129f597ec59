import { roundTo } from '../../units/round';
import type { WiringRule } from './subject';

export const fuseCarries: WiringRule = {
  id: 'fuse-carries',
  why: 'A fuse near its limit blows on a cold night, not on the bench.',
  check: ({ facts, cold }) => {
    const amps = Math.max(
      ...[...cold.values()].map(({ solution, fuseOpenedAtAmps }) => fuseOpenedAtAmps ?? solution.sourceAmps),
    );
    const { fuseAmps } = facts.airHandler;
    if (amps <= fuseAmps) return [];
    return [
      {
        severity: 'error',
        what: `The control circuit draws ${roundTo(amps, 2)} A; the board fuse is ${fuseAmps} A.`,
        fix: 'Find what is drawing the current. Never install a larger fuse than the board label allows.',
        page: 'wiring',
        fact: 'airHandler.fuseAmps',
      },
    ];
  },
};
