import type { Facts } from '../job/document';

/** Where a test jumper gets its 24 V: after a safety switch in R, never around it. */
export const testHot = ({ system, boxes }: Facts): string => {
  const switches = [
    ...(system.floatSwitch === 'R' ? ['float switch'] : []),
    ...(boxes.humidifier === 'everything' ? ['wet switch'] : []),
  ];
  return switches.length === 0
    ? 'R'
    : `R from the thermostat’s side of the ${switches.join(' and the ')}, never around it,`;
};
