import { callsSecondStage, hasStages, lowFireBtuh } from '../../devices/furnace/stages';
import { backupOf } from '../../job/backup';
import type { WiringRule } from './subject';

const thousand = (btuh: number) => Math.round(btuh / 1000);

export const furnaceStagesCalled: WiringRule = {
  id: 'furnace-stages-called',
  why: 'A furnace that never gets second stage makes two-thirds of its rating on the coldest night.',
  check: ({ facts }) => {
    if (backupOf(facts) !== 'fossil' || !hasStages(facts) || callsSecondStage(facts)) return [];
    const { staging, outputBtuh } = facts.furnace;
    return [
      staging === 'timer'
        ? {
            severity: 'advice',
            what: 'No wire calls the furnace’s second stage: its own timer brings it on some minutes into a call.',
            fix: 'Make sure the board switch is set that way. A thermostat with two heat outputs calls it sooner.',
            page: 'wiring',
            fact: 'furnace.staging',
          }
        : {
            severity: 'warning',
            what: `Nothing calls the furnace’s second stage: it stays at ${thousand(lowFireBtuh(facts))} of ${thousand(outputBtuh)} kBtu/h.`,
            fix: 'Set its board to stage by time, or fit a thermostat with two heat outputs and a conductor for W2.',
            page: 'wiring',
            fact: 'furnace.staging',
            fixBy: [{ path: 'furnace.staging', value: 'timer' }],
          },
    ];
  },
};
