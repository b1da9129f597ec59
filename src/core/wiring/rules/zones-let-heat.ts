import { backupOf } from '../../job/backup';
import type { Found } from '../../job/finding';
import type { WiringRule } from './subject';

export const zonesLetHeat: WiringRule = {
  id: 'zones-let-heat',
  why: 'Every call goes through the zone board, even emergency heat: if the board blocks it, nothing else turns it on.',
  check: ({ facts }) => {
    if (!facts.boxes.zoneBoard) return [];
    const about = { page: 'wiring', at: 'zone-board.R' } as const;
    const holds: Found[] =
      backupOf(facts) === 'strips' && facts.zones.banksAlone === 'none'
        ? [
            {
              ...about,
              severity: 'warning',
              what: 'With one zone calling, the zone board locks out every bank: emergency heat gives nothing.',
              fix: 'Allow at least bank 1 with one zone calling, with enough airflow for it.',
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
        fix: 'Show the homeowner its light and its breaker, and leave the number to call: a dead zone board is work for a technician.',
        aspect: 'power',
      },
    ];
  },
};
