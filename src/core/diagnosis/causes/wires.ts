import { COMPRESSOR_COIL, OUTDOOR_POWER, THERMOSTAT_POWER, VALVE_COIL } from '../../devices/ids';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { capital } from '../../units/capital';
import { faultsOf, type NamedFault } from '../../wiring/fault';
import type { Harness } from '../../wiring/harness';
import type { Cause } from '../cause';

/** What is said of a kind of wire fault. */
type Said = Pick<Cause, 'weight' | 'because' | 'confirm' | 'mend'>;

const COIL_WEIGHTS: Readonly<Record<string, number>> = {
  [COMPRESSOR_COIL]: 1,
  [VALVE_COIL]: 1,
  [OUTDOOR_POWER]: 1,
  [THERMOSTAT_POWER]: 1,
};

const CONTACT_WEIGHTS: Readonly<Record<string, number>> = {
  'board fuse': 3,
  'unit safeties': 2,
  'float switch': 3,
  'furnace limits': 1.5,
  'low-gas switch': 1,
  'load-control relay': 1.5,
  'wet switch': 1,
};

const saidOf = ({ fault }: NamedFault): Said => {
  switch (fault.kind) {
    case 'open':
      if (fault.edge.startsWith('jumper/'))
        return {
          weight: 2,
          because: 'Jumpers are left out when a thermostat or a board is changed.',
          confirm: 'Look for it, and tug it.',
          mend: 'Put the jumper in and tighten both screws.',
        };
      if (fault.edge.includes('/'))
        return {
          weight: 3,
          because: 'Conductors break at the screw, under a staple, where a trimmer or a mouse met them.',
          confirm: 'Power off: join the two ends at one strip, and read ohms at the other. OL is broken.',
          mend: 'Strip and land it anew, or put the call on a spare and note which.',
        };
      return {
        weight: COIL_WEIGHTS[fault.edge] ?? 0.5,
        because: 'Coils burn open with age, heat and long low volts.',
        confirm: 'Power off, one lead lifted: ohms of the coil. OL is open.',
        mend: 'Change the part that the coil is in.',
      };
    case 'loose':
      return {
        weight: 2,
        because: 'Screws loosen; damp copper under a screw turns green.',
        confirm: 'Tug it; in the call, volts across the screw that should read none.',
        mend: 'Cut back to bright copper, land it anew and tighten.',
      };
    case 'touching':
      return {
        weight: 0.7,
        because: 'Stripped too long, stapled through, chewed; less often than a break.',
        confirm: 'Power off, both lifted at both ends: ohms between the two. A figure is a touch.',
        mend: 'Free them, or pull new cable; then the fuse.',
      };
    case 'stuck':
      return fault.closed
        ? {
            weight: 0.3,
            because: 'Contacts weld rarely at 24 V.',
            confirm: 'With nothing called, volts on its far side.',
            mend: 'Change the relay, or the board it is on.',
          }
        : {
            weight: CONTACT_WEIGHTS[fault.contact] ?? 0.5,
            because:
              CONTACT_WEIGHTS[fault.contact] === undefined
                ? 'Contacts that do not close are met less often than wires that do not reach them.'
                : 'A protection that has opened is among the first things met.',
            confirm: 'In the call: volts on one side of it and none on the other.',
            mend: 'Find what opened it, if it is a protection; else change it. Never bridge it.',
          };
    case 'swapped':
      return {
        weight: 1,
        because: 'Neighbours are exchanged where a strip was landed by color from memory.',
        confirm: 'Follow both conductors by color at both ends.',
        mend: 'Exchange the two.',
      };
  }
};

const stepsToProve = (facts: Facts): readonly string[] => [
  'control-volts',
  'fan',
  'heat',
  ...(backupOf(facts) === 'fossil' ? ['furnace'] : ['heat-aux', 'emergency']),
  'defrost',
  'cool',
];

/** Leads of a switch in a furnace's safety circuit. */
const isFuelSafetyLead = ({ fault }: NamedFault): boolean => {
  const wires =
    fault.kind === 'touching' || fault.kind === 'swapped'
      ? fault.wires
      : fault.kind === 'open'
        ? [fault.edge]
        : fault.kind === 'loose'
          ? [fault.wire]
          : [];
  return wires.some((wire) => wire.startsWith('leads-low-gas-switch/'));
};

const isFuelSafety = (named: NamedFault) =>
  isFuelSafetyLead(named) ||
  (named.fault.kind === 'stuck' &&
    (named.fault.contact === 'furnace limits' || named.fault.contact === 'low-gas switch'));

/** A lead of a safety switch is repaired in series, by its own kit's instructions. */
const SAFETY_LEAD: Pick<Cause, 'confirm' | 'mend'> = {
  confirm: 'Power off, verified dead: ohms of each lead from end to end.',
  mend: 'Replace the lead and land it in series again, by the switch kit’s own instructions. Never join its two leads.',
};

const isRefrigerantSafety = ({ fault }: NamedFault) => fault.kind === 'stuck' && fault.contact === 'unit safeties';

/** Protections: one that no longer opens shows in no reading. It is looked at when the startup proves it. */
const PROTECTIONS: ReadonlySet<string> = new Set([
  'board fuse',
  'unit safeties',
  'furnace limits',
  'low-gas switch',
  'float switch',
  'supply-air limit',
  'load-control relay',
  'wet switch',
  'humidifier wet switch',
]);

const isSeen = ({ fault }: NamedFault) => !(fault.kind === 'stuck' && fault.closed && PROTECTIONS.has(fault.contact));

/** Everything that can be wrong with the 24 V wires, coils and contacts that are in the wall, as far as it shows. */
export const wireCauses = (facts: Facts, harness: Harness): Cause[] =>
  faultsOf(harness)
    .filter(isSeen)
    .map((named) => ({
      id: named.code,
      words: capital(named.words),
      kind: 'wires',
      ...saidOf(named),
      ...(isFuelSafetyLead(named) ? SAFETY_LEAD : {}),
      effect: { faults: [named.code] },
      by: isFuelSafety(named) || isRefrigerantSafety(named) ? 'licensed' : 'technician',
      caution: isFuelSafety(named) ? 'fuel' : isRefrigerantSafety(named) ? 'refrigerant' : 'moving-blades',
      proves: stepsToProve(facts),
    }));
