import type { Facts } from '../../job/document';
import { blowerRelay, dehumidifyInput } from '../board/blower';
import { indoorStrip } from '../board/indoor-strip';
import { boardSupply } from '../board/transformer';
import { type Device, device } from '../device';

/**
 * A 24 V transformer with a blower relay, added to a furnace without a board: thermostat and outdoor unit land on it.
 * The burner control stays on its own supply.
 */
export const fanCenter = (facts: Facts): Device => {
  const supply = boardSupply(facts);
  return device('fan-center', 'indoors', {
    terminals: indoorStrip(facts),
    coils: [blowerRelay(facts), ...dehumidifyInput(facts)],
    contacts: supply.contacts,
    transformers: supply.transformers,
  });
};
