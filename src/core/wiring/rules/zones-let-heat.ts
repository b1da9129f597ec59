import { backupOf } from '../../job/backup';
import type { Found } from '../../job/finding';
import type { WiringRule } from './subject';

export const zonesLetHeat: WiringRule = {
  id: 'zones-let-heat',
  why: 'Every call goes through the zone board, emergency heat too: what it holds back, nothing else brings.',
  check: ({ facts }) => {
    if (!facts.boxes.zoneBoard) return [];
    const about = { page: 'wiring', at: 'zone-board.R' } as const;
    const holds: Found[] =
      backupOf(facts) === 'strips' && facts.zones.banksAlone === 'none'
        ? [
            {
              ...about,
              severity: 'warning',
              what: 'While one zone calls alone, the zone board holds every bank: emergency heat brings nothing then.',
              mend: 'Let at least the first bank heat one zone, with air enough for it.',
              fact: 'zones.banksAlone',
              aspect: 'held',
            },
          ]
        : [];
    return [
      ...holds,
      {
        ...about,
        severity: 'advice',
        what: 'A zone board without power leaves the house without any heat, emergency heat too.',
        mend: 'Show the homeowner its lamp and its breaker, and leave the number to call: a dead zone board is a technician’s work.',
        aspect: 'power',
      },
    ];
  },
};
