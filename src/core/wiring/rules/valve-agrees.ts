import type { WiringRule } from './subject';

export const valveAgrees: WiringRule = {
  id: 'valve-agrees',
  why: 'Set backward, the system cools on a heat call and the strips hide it.',
  check: ({ facts }) => {
    const { reversingValve } = facts.outdoorUnit;
    const { valveSetting, valveTerminals } = facts.thermostat;
    if (reversingValve === valveSetting || valveTerminals === 'O+B') return [];
    return [
      {
        severity: 'error',
        what: `The thermostat is set to ${valveSetting}, the outdoor unit is ${reversingValve}.`,
        fix: `Set the thermostat to ${reversingValve}, per the data plate.`,
        page: 'survey',
        fact: 'thermostat.valveSetting',
        fixBy: [{ path: 'thermostat.valveSetting', value: reversingValve }],
      },
    ];
  },
};
