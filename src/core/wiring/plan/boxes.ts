import { indoorId } from '../../devices';
import type { DeviceId } from '../../devices/device';
import type { Facts } from '../../job/document';
import { type Draft, lead, terminal, together } from './draft';

/** A load that comes with the blower: across G and C of the cabinet. */
const withBlower = (facts: Facts, device: DeviceId, carries: string): Draft => ({
  adds: [device],
  runs: [
    lead(device, 'G', terminal(indoorId(facts), 'G'), 'green', carries),
    lead(device, 'C', terminal(indoorId(facts), 'C'), 'blue', 'common'),
  ],
});

/** What else hangs on the 24 V: loads on the blower’s call. What stands in R or Y is planned with them. */
export const planBoxes = (facts: Facts): Draft => {
  const { humidifier, ventilator, airCleaner } = facts.boxes;
  return together(
    humidifier === 'none' ? {} : withBlower(facts, 'humidifier', 'humidifier'),
    ventilator ? withBlower(facts, 'ventilator', 'ventilator') : {},
    airCleaner ? withBlower(facts, 'air-cleaner', 'air cleaner') : {},
  );
};
