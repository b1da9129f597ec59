import type { Facts } from '../../job/document';
import { compressorMarks } from '../board/indoor-strip';
import { type Coil, COMPRESSOR_COIL, type Contact, type Device, device, type Terminal, VALVE_COIL } from '../device';

/** An inverter's run input is electronics, VA. */
const INVERTER_INPUT_VA = 1;
const NO_DEFROST = 'The board is not in defrost.';

/** The defrost relay's contacts: during defrost the valve stands as in cooling, whatever the thermostat sends. */
const valveContacts = (valve: 'O' | 'B'): Contact[] => {
  const passes: Contact = {
    id: 'defrost relay, valve line',
    label: `Defrost relay, ${valve} to valve`,
    from: valve,
    to: 'valve',
    movedBy: 'defrost',
    rests: 'closed',
    openWhy: 'The board is in defrost and holds the valve itself.',
  };
  const feeds: Contact = {
    id: 'defrost relay, valve feed',
    label: 'Defrost relay, R to valve',
    from: 'R',
    to: 'valve',
    movedBy: 'defrost',
    rests: 'open',
    openWhy: NO_DEFROST,
  };
  return valve === 'O' ? [passes, feeds] : [passes];
};

/**
 * Where the board puts out heat in defrost and, on some, on a fault; the target is a terminal or, in one cabinet, the
 * bank itself.
 */
export const heatOutputs = ({ outdoorUnit }: Facts, to: string): Contact[] => [
  {
    id: 'defrost relay, W output',
    label: 'Defrost relay, R to W-out',
    from: 'R',
    to,
    movedBy: 'defrost',
    rests: 'open',
    openWhy: NO_DEFROST,
  },
  ...(outdoorUnit.faultOutput === 'heat'
    ? [
        {
          id: 'fault relay, W output',
          label: 'Fault relay, R to W-out',
          from: 'R',
          to,
          movedBy: 'board-lockout',
          rests: 'open',
          openWhy: 'The board sees no fault.',
        } as const,
      ]
    : []),
];

const compressorCoils = ({ outdoorUnit }: Facts): Coil[] => [
  {
    id: COMPRESSOR_COIL,
    label: outdoorUnit.stages === 'inverter' ? 'Inverter run input' : 'Contactor',
    from: 'run',
    to: 'C',
    va: outdoorUnit.stages === 'inverter' ? INVERTER_INPUT_VA : outdoorUnit.contactorVA,
    source: 'compressor',
    does:
      outdoorUnit.stages === 'inverter'
        ? 'Starts compressor and fan; the inverter finds its own speed.'
        : 'Starts compressor and outdoor fan.',
  },
  ...(outdoorUnit.stages === 'two'
    ? [
        {
          id: 'second stage',
          label: 'Second stage',
          from: 'Y2',
          to: 'C',
          va: outdoorUnit.contactorVA,
          source: 'compressor',
          does: 'Loads the compressor fully.',
        } as const,
      ]
    : []),
];

/** Coils and contacts of the outdoor board, less its heat outputs. */
export const outdoorBoard = (
  facts: Facts,
): { readonly coils: readonly Coil[]; readonly contacts: readonly Contact[] } => {
  const { outdoorUnit } = facts;
  const valve = outdoorUnit.reversingValve;
  return {
    coils: [
      {
        id: 'defrost board',
        label: 'Defrost board',
        from: 'R',
        to: 'C',
        va: outdoorUnit.boardVA,
        source: 'control',
        does: 'Runs the defrost logic.',
      },
      ...compressorCoils(facts),
      {
        id: VALVE_COIL,
        label: 'Reversing valve',
        from: 'valve',
        to: 'C',
        va: outdoorUnit.reversingValveVA,
        source: 'compressor',
        does: valve === 'O' ? 'Turns the circuit to cooling.' : 'Turns the circuit to heating.',
      },
    ],
    contacts: [
      {
        id: 'unit safeties',
        label: 'Pressure switches and board lockout',
        from: compressorMarks(facts)[0]!,
        to: 'run',
        movedBy: 'board-lockout',
        rests: 'closed',
        openWhy: 'The outdoor board has locked the compressor out on a fault.',
      },
      ...valveContacts(valve),
    ],
  };
};

/** What the outdoor board's compressor and valve terminals carry. */
export const outdoorMarks = (facts: Facts): Terminal[] => {
  const valve = facts.outdoorUnit.reversingValve;
  const [first, second] = compressorMarks(facts);
  return [
    { mark: 'R', carries: 'hot side, for the board' },
    { mark: 'C', carries: 'common side' },
    { mark: first!, carries: second ? 'compressor, first stage' : 'compressor' },
    ...(second ? [{ mark: second, carries: 'compressor, second stage' }] : []),
    {
      mark: valve,
      carries: valve === 'O' ? 'reversing valve, energised in cooling' : 'reversing valve, energised in heating',
    },
  ];
};

/** A lamp output for faults. */
const lampContact: Contact = {
  id: 'fault relay, L',
  label: 'Fault relay, R to L',
  from: 'R',
  to: 'L',
  movedBy: 'board-lockout',
  rests: 'open',
  openWhy: 'The board sees no fault.',
};

/** An outdoor unit: single stage, two stages or an inverter, with what its board has for heat and faults. */
export const outdoorUnit = (facts: Facts): Device => {
  const { wTerminals, faultOutput, name } = facts.outdoorUnit;
  const board = outdoorBoard(facts);
  return device('outdoor-unit', 'outdoors', {
    plateName: name,
    terminals: [
      ...outdoorMarks(facts),
      ...(wTerminals === 'W-in+W-out' ? [{ mark: 'W-in', carries: 'auxiliary call, passed through' }] : []),
      ...(wTerminals === 'none'
        ? []
        : [
            {
              mark: 'W-out',
              carries:
                faultOutput === 'heat' ? 'output: strips in defrost and on a fault' : 'output: strips in defrost',
            },
          ]),
      ...(faultOutput === 'lamp' ? [{ mark: 'L', carries: 'output: fault lamp' }] : []),
    ],
    coils: board.coils,
    contacts: [
      ...board.contacts,
      ...(wTerminals === 'none' ? [] : heatOutputs(facts, 'W-out')),
      ...(wTerminals === 'W-in+W-out'
        ? [
            {
              id: 'defrost relay, W line',
              label: 'Defrost relay, W-in to W-out',
              from: 'W-in',
              to: 'W-out',
              movedBy: 'defrost',
              rests: 'closed',
              openWhy: 'The board is in defrost and feeds W-out itself.',
            } as const,
          ]
        : []),
      ...(faultOutput === 'lamp' ? [lampContact] : []),
    ],
  });
};
