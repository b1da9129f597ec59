/** Message if nothing safe gives heat. */
export const NO_SAFE_HEAT = [
  'Nothing safe gives heat with this tonight.',
  'Portable electric heaters only on circuits that carry them, watched, three feet from anything that burns. Never an oven, a grill or a generator indoors.',
  'Let faucets drip and open the cabinets at the pipes; drain the pipes if the house will fall below 45 °F.',
  'If anyone is elderly, ill or very young: find another place for the night.',
] as const;
