import { choiceFact } from '../fact';

/** For facts that apply only with a furnace. */
export const WITH_FURNACE = { path: 'system.backup', is: ['furnace'] } as const;
/** For facts that apply only with electric backup. */
export const WITH_STRIPS = { path: 'system.backup', is: ['electric'] } as const;

export const system = {
  cabinet: choiceFact({
    label: 'System',
    place: 'desk',
    options: [
      { value: 'split', label: 'Split: indoor and outdoor unit' },
      { value: 'packaged', label: 'Packaged: one cabinet' },
    ],
    assumed: 'split',
  }),
  backup: choiceFact({
    label: 'Backup heat',
    place: 'desk',
    options: [
      { value: 'electric', label: 'Electric strips' },
      { value: 'furnace', label: 'Furnace (dual fuel)' },
    ],
    assumed: 'electric',
    why: 'Strips run with the compressor. A furnace under the coil runs instead of it.',
  }),
  control: choiceFact({
    label: 'Control boards set to',
    place: 'closet',
    options: [
      { value: '24-volt', label: '24 V control' },
      { value: 'communicating', label: 'Communicating' },
    ],
    assumed: '24-volt',
    why: 'A board set to one and wired for the other will not run and may be damaged. Some features work in only one mode.',
  }),
  floatSwitch: choiceFact({
    label: 'Float switch in the drain pan',
    place: 'closet',
    options: [
      { value: 'none', label: 'None' },
      { value: 'R', label: 'In R' },
      { value: 'Y', label: 'In Y' },
    ],
    assumed: 'none',
    why: 'In R a full pan stops everything, heat included; in Y it stops the compressor alone.',
  }),
};
