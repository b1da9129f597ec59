import { COMPRESSOR_COIL, OUTDOOR_POWER, THERMOSTAT_POWER, VALVE_COIL } from '../devices/ids';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { capital } from '../units/capital';
import { faultsOf, type NamedFault } from '../wiring/fault';
import type { Harness } from '../wiring/harness';
import type { Cause } from './cause';

/** Texts and weight of a kind of wiring fault. */
type Said = Pick<Cause, 'weight' | 'because' | 'confirm' | 'fix'>;

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
          confirm: 'Find it and tug it.',
          fix: 'Put the jumper in and tighten both screws.',
        };
      if (fault.edge.includes('/'))
        return {
          weight: 3,
          because: 'Wires break at the screw, under a staple, or where a string trimmer or mouse got them.',
          confirm:
            'Power off: twist the wire to another one at one end and ohm the pair at the other end. OL means broken.',
          fix: 'Strip and re-land it, or move the call to a spare and write down which.',
        };
      return {
        weight: COIL_WEIGHTS[fault.edge] ?? 0.5,
        because: 'Coils burn open from age, heat and long spells of low voltage.',
        confirm: 'Power off, one lead lifted: ohm the coil. OL means open.',
        fix: 'Replace the part with the coil.',
      };
    case 'loose':
      return {
        weight: 2,
        because: 'Screws loosen; damp copper corrodes under the screw.',
        confirm: 'Tug it. During the call, measure across the connection: it should read 0 V.',
        fix: 'Cut back to bright copper, re-land and tighten.',
      };
    case 'touching':
      return {
        weight: 0.7,
        because: 'Stripped too far back, stapled through or chewed. Less common than a break.',
        confirm:
          'Power off, both wires lifted at both ends: ohm between them. Any reading other than OL means they touch.',
        fix: 'Separate them or pull new cable; then replace the fuse.',
      };
    case 'stuck':
      return fault.closed
        ? {
            weight: 0.3,
            because: 'Contacts rarely weld at 24 V.',
            confirm: 'No call, but voltage on its load side.',
            fix: 'Replace the relay, or the board it is on.',
          }
        : {
            weight: CONTACT_WEIGHTS[fault.contact] ?? 0.5,
            because:
              CONTACT_WEIGHTS[fault.contact] === undefined
                ? 'Contacts that fail to close are less common than wires that never reach them.'
                : 'An open safety is one of the most common finds.',
            confirm: 'During the call: 24 V on one side, none on the other.',
            fix: 'If it is a safety, find what opened it. Otherwise replace it. Never jumper it out.',
          };
    case 'swapped':
      return {
        weight: 1,
        because: 'Neighboring wires get swapped when someone lands a terminal strip by color from memory.',
        confirm: 'Trace both wires by color at both ends.',
        fix: 'Swap them.',
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

/** Repair of a safety switch's lead: in series, per the switch kit's instructions. */
const SAFETY_LEAD: Pick<Cause, 'confirm' | 'fix'> = {
  confirm: 'Power off, verified dead: ohm each wire end to end.',
  fix: 'Replace the wire and land it in series again, per the switch kit’s instructions. Never join its two ends.',
};

const isRefrigerantSafety = ({ fault }: NamedFault) => fault.kind === 'stuck' && fault.contact === 'unit safeties';

/** Protections. One that no longer opens shows in no reading; startup checks it. */
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

/** Faults of the 24 V wires, coils and contacts as found that a reading can show. */
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
