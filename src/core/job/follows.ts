/** An assumption that follows another fact until it is confirmed. */
interface Follow {
  readonly when: string;
  readonly is: string;
  readonly then: Readonly<Record<string, unknown>>;
}

/**
 * Assumptions that follow fuel or backup: price, AFUE and the thermostat's backup setting. Prices and AFUE are our
 * judgment of what is usual, not anyone's bill.
 */
export const FOLLOWS: readonly Follow[] = [
  { when: 'furnace.fuel', is: 'natural-gas', then: { 'prices.fuelPerUnit': 2.4, 'furnace.efficiency': 0.9 } },
  { when: 'furnace.fuel', is: 'propane', then: { 'prices.fuelPerUnit': 2.9, 'furnace.efficiency': 0.9 } },
  { when: 'furnace.fuel', is: 'fuel-oil', then: { 'prices.fuelPerUnit': 4.1, 'furnace.efficiency': 0.84 } },
  { when: 'system.backup', is: 'furnace', then: { 'thermostat.backupSetting': 'fossil' } },
  { when: 'system.backup', is: 'electric', then: { 'thermostat.backupSetting': 'electric' } },
];
