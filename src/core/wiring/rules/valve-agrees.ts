import type { WiringRule } from './subject';

export const valveAgrees: WiringRule = {
  id: 'valve-agrees',
  why: 'Set the other way round, the system cools when heat is called, and the strips hide it.',
  check: ({ facts }) => {
    const { reversingValve } = facts.outdoorUnit;
    const { valveSetting } = facts.thermostat;
    if (reversingValve === valveSetting) return [];
    return [
      {
        severity: 'error',
        what: `The thermostat is set to ${valveSetting}, the outdoor unit is ${reversingValve}.`,
        mend: `Set the thermostat to ${reversingValve}, as the data plate says.`,
        page: 'sheet',
        fact: 'thermostat.valveSetting',
      },
    ];
  },
};
