import type { Facts } from './document';

/** Whether anything else uses the system’s 24 V. */
export const hasBoxes = ({ boxes }: Facts): boolean =>
  boxes.loadControl !== 'none' ||
  boxes.humidifier !== 'none' ||
  boxes.ventilator ||
  boxes.airCleaner ||
  boxes.zoneBoard ||
  boxes.dehumidify !== 'none' ||
  boxes.heldBank !== null ||
  boxes.relayPair ||
  boxes.yBringsBlower;
