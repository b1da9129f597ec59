import { backupOutputs } from '../../control/outputs';
import type { Signal } from '../../control/signal';
import type { Facts } from '../../job/document';
import { type Coil, type Contact, type Device, device, type Terminal } from '../device';
import { THERMOSTAT_POWER } from '../ids';

/** A lamp or its input, VA. Our judgment. */
const LAMP_VA = 1;

/** The thermostat's hot terminals: one for compressor and fan, one for heat. */
export const hotMarks = ({ thermostat }: Facts): { readonly cooling: string; readonly heating: string } =>
  thermostat.rTerminals === 'R' ? { cooling: 'R', heating: 'R' } : { cooling: 'Rc', heating: 'Rh' };

/** The thermostat's compressor outputs, first stage first. */
export const compressorOutputs = ({ thermostat }: Facts): readonly string[] =>
  thermostat.compressorOutputs === 2 ? ['Y1', 'Y2'] : ['Y'];

/** The thermostat's terminal for the reversing valve. */
export const valveOutput = ({ thermostat, outdoorUnit }: Facts): string =>
  thermostat.valveTerminals === 'O/B' ? 'O/B' : outdoorUnit.reversingValve;

interface Output {
  readonly mark: string;
  readonly signal: Signal;
  readonly carries: string;
  readonly isHeat?: boolean;
}

const VALVE_CARRIES = {
  O: 'reversing valve, energized in cooling',
  B: 'reversing valve, energized in heating',
} as const;

const valveOutputs = ({ thermostat }: Facts): Output[] =>
  thermostat.valveTerminals === 'O/B'
    ? [{ mark: 'O/B', signal: thermostat.valveSetting, carries: `${VALVE_CARRIES[thermostat.valveSetting]}, as set` }]
    : (['O', 'B'] as const).map((mark) => ({ mark, signal: mark, carries: VALVE_CARRIES[mark] }));

const heatOutputs = (facts: Facts): Output[] => {
  const { aux, secondAux, emergency } = backupOutputs(facts);
  return [
    ...(aux
      ? [
          {
            mark: aux,
            signal: 'AUX',
            carries: emergency ? 'auxiliary heat call' : 'auxiliary and emergency heat call',
            isHeat: true,
          } as const,
        ]
      : []),
    ...(secondAux
      ? [{ mark: secondAux, signal: 'AUX2', carries: 'second auxiliary heat call', isHeat: true } as const]
      : []),
    ...(emergency ? [{ mark: emergency, signal: 'E', carries: 'emergency heat call', isHeat: true } as const] : []),
  ];
};

const outputs = (facts: Facts): Output[] => {
  const [first, second] = compressorOutputs(facts);
  return [
    { mark: first!, signal: 'Y', carries: second ? 'compressor, first stage' : 'compressor' },
    ...(second ? [{ mark: second, signal: 'Y2', carries: 'compressor, second stage' } as const] : []),
    ...valveOutputs(facts),
    { mark: 'G', signal: 'G', carries: 'blower' },
    ...heatOutputs(facts),
  ];
};

/** A heat-pump thermostat with its terminals and settings. */
export const thermostat = (facts: Facts): Device => {
  const { power, thermostatVA, name, heatTerminals, assigned, hasSensorTerminals } = facts.thermostat;
  const hot = hotMarks(facts);
  const all = outputs(facts);
  const { faultLamp } = backupOutputs(facts);
  const isFree = heatTerminals === 'W2' && assigned === 'unused';
  const terminals: Terminal[] = [
    ...[...new Set([hot.cooling, hot.heating])].map((mark) => ({ mark, carries: 'hot side of the transformer' })),
    { mark: 'C', carries: 'common side' },
    ...all.map(({ mark, carries }) => ({ mark, carries })),
    ...(faultLamp ? [{ mark: faultLamp, carries: 'fault lamp' }] : []),
    ...(isFree ? [{ mark: 'X', carries: 'configurable terminal, not used' }] : []),
    ...(hasSensorTerminals ? ['S1', 'S2'].map((mark) => ({ mark, carries: 'outdoor sensor, never 24 V' })) : []),
  ];
  const coils: Coil[] = [
    ...(power === 'C'
      ? [
          {
            id: THERMOSTAT_POWER,
            label: 'Thermostat',
            from: hot.cooling,
            to: 'C',
            va: thermostatVA,
            source: 'control',
            does: 'Powers the thermostat: without it the display is blank and nothing is called.',
          } as const,
        ]
      : []),
    ...(faultLamp
      ? [
          {
            id: 'fault lamp',
            label: 'Fault lamp',
            from: faultLamp,
            to: 'C',
            va: LAMP_VA,
            source: 'control',
            does: 'Shows that the outdoor board has locked out.',
          } as const,
        ]
      : []),
  ];
  return device('thermostat', 'wall', {
    plateName: name,
    terminals,
    coils,
    contacts: all.map(({ mark, signal, isHeat }): Contact => ({
      id: `thermostat R–${mark}`,
      label: `Thermostat contact ${mark}`,
      from: isHeat ? hot.heating : hot.cooling,
      to: mark,
      movedBy: signal,
      rests: 'open',
      ...(power === 'C' ? { poweredBy: THERMOSTAT_POWER } : {}),
      openWhy: `The thermostat does not close ${mark} in this call.`,
    })),
  });
};
