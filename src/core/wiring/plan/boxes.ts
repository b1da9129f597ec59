import { indoorId } from '../../devices';
import { DEHUMIDIFY_MARK, hasDehumidistat } from '../../devices/board/blower';
import type { DeviceId } from '../../devices/device';
import type { Facts } from '../../job/document';
import { type Draft, lead, terminal, together } from './draft';

/** A load that runs with the blower: across G and C of the cabinet. */
const withBlower = (facts: Facts, device: DeviceId, carries: string): Draft => ({
  adds: [device],
  runs: [
    lead(device, 'G', terminal(indoorId(facts), 'G'), 'green', carries),
    lead(device, 'C', terminal(indoorId(facts), 'C'), 'blue', 'common'),
  ],
});

/** A dehumidistat between R and the board’s humid-air input. */
const planDehumidistat = (facts: Facts): Draft => {
  if (!hasDehumidistat(facts)) return {};
  const indoors = indoorId(facts);
  return {
    adds: ['dehumidistat'],
    runs: [
      lead('dehumidistat', '1', terminal(indoors, 'R'), 'red', 'hot'),
      lead('dehumidistat', '2', terminal(indoors, DEHUMIDIFY_MARK), 'yellow', 'full air in cooling'),
    ],
    notes: [`Remove the board’s R–${DEHUMIDIFY_MARK} jumper. With it in, the dehumidistat does nothing.`],
  };
};

/** Other devices on the 24 V: loads on the blower call. Devices in R or Y are planned with those. */
export const planBoxes = (facts: Facts): Draft => {
  const { humidifier, ventilator, airCleaner } = facts.boxes;
  return together(
    humidifier === 'none' ? {} : withBlower(facts, 'humidifier', 'humidifier'),
    ventilator ? withBlower(facts, 'ventilator', 'ventilator') : {},
    airCleaner ? withBlower(facts, 'air-cleaner', 'air cleaner') : {},
    planDehumidistat(facts),
  );
};
