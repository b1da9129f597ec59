import type { WiringRule } from './subject';

export const valveAgrees: WiringRule = {
  id: 'valve-agrees',
  why: 'Set the other way round, the system cools when heat is called, and the strips hide it.',
  check: ({ facts }) => {
    const { reversingValve } = facts.outdoorUnit;
    const { valveSetting, valveTerminals } = facts.thermostat;
    if (reversingValve === valveSetting || valveTerminals === 'O+B') return [];
    return [
      {
        severity: 'error',
        what: `The thermostat is set to ${valveSetting}, the outdoor unit is ${reversingValve}.`,
        mend: `Set the thermostat to ${reversingValve}, as the data plate says.`,
        page: 'survey',
        fact: 'thermostat.valveSetting',
        mendBy: [{ path: 'thermostat.valveSetting', value: reversingValve }],
      },
    ];
  },
};
