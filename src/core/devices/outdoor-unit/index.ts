import type { Facts } from '../../job/document';
import { compressorMarks } from '../board/indoor-strip';
import { inrushOf } from '../board/inrush';
import { type Coil, type Contact, type Device, device, type Terminal } from '../device';
import { COMPRESSOR_COIL, OUTDOOR_POWER, SECOND_STAGE_COIL, VALVE_COIL } from '../ids';

/** Load of an inverter's run input, VA. Our judgment. */
const INVERTER_INPUT_VA = 1;
const NO_DEFROST = 'The board is not in defrost.';

/** What the board moves only while it has power. */
const BY_BOARD = { poweredBy: OUTDOOR_POWER } as const;

/** A board relay that takes a coil off its terminal in defrost and, if it must run, feeds it from R. */
const defrostRelay = (
  of: 'valve' | 'stage',
  terminal: string,
  inner: string,
  feedsInDefrost: boolean,
): readonly Contact[] => {
  const passes: Contact = {
    id: `defrost relay, ${of} line`,
    label: `Defrost relay, ${terminal} to ${inner}`,
    from: terminal,
    to: inner,
    movedBy: 'defrost',
    rests: 'closed',
    ...BY_BOARD,
    openWhy: `The board is in defrost and energizes ${inner} itself.`,
  };
  const feeds: Contact = {
    id: `defrost relay, ${of} feed`,
    label: `Defrost relay, R to ${inner}`,
    from: 'R',
    to: inner,
    movedBy: 'defrost',
    rests: 'open',
    ...BY_BOARD,
    openWhy: NO_DEFROST,
  };
  return feedsInDefrost ? [passes, feeds] : [passes];
};

/**
 * The board's heat output in defrost and, on some boards, on a fault; its target is a terminal or, in a packaged unit,
 * the bank itself.
 */
export const heatOutputs = ({ outdoorUnit }: Facts, to: string): readonly Contact[] => [
  {
    id: 'defrost relay, W output',
    label: 'Defrost relay, R to W-out',
    from: 'R',
    to,
    movedBy: 'defrost',
    rests: 'open',
    ...BY_BOARD,
    openWhy: NO_DEFROST,
  },
  ...(outdoorUnit.faultOutput === 'heat'
    ? [
        {
          id: 'fault relay, W output',
          label: 'Fault relay, R to W-out',
          from: 'R',
          to,
          movedBy: 'fault-heat',
          rests: 'open',
          ...BY_BOARD,
          openWhy: 'The board sees no fault.',
        } as const,
      ]
    : []),
];

/** Whether the board turns on the second stage in defrost. */
const forcesStage = ({ outdoorUnit }: Facts): boolean => outdoorUnit.stages === 'two' && outdoorUnit.defrostFullStage;

const compressorCoils = (facts: Facts): Coil[] => {
  const { stages, contactorVA, contactorInrushVA } = facts.outdoorUnit;
  const isInverter = stages === 'inverter';
  return [
    {
      id: COMPRESSOR_COIL,
      label: isInverter ? 'Inverter run input' : 'Contactor',
      from: 'run',
      to: 'C',
      ...(isInverter
        ? { va: INVERTER_INPUT_VA }
        : { va: contactorVA, inrushVA: inrushOf(contactorVA, contactorInrushVA) }),
      source: 'compressor',
      does: isInverter
        ? 'Starts compressor and fan; the inverter sets its own speed.'
        : 'Starts compressor and outdoor fan.',
    },
    ...(stages === 'two'
      ? [
          {
            id: SECOND_STAGE_COIL,
            label: 'Second stage',
            from: forcesStage(facts) ? 'second stage' : 'Y2',
            to: 'C',
            va: contactorVA,
            inrushVA: inrushOf(contactorVA, contactorInrushVA),
            source: 'compressor',
            does: 'Puts the compressor in full capacity.',
          } as const,
        ]
      : []),
  ];
};

/**
 * Coils and contacts of the outdoor board, without its heat outputs.
 * @param run point that the compressor call comes from: its terminal, or behind an interlock in the cabinet
 */
export const outdoorBoard = (
  facts: Facts,
  run: string = compressorMarks(facts)[0]!,
): { readonly coils: readonly Coil[]; readonly contacts: readonly Contact[] } => {
  const { reversingValve: valve, reversingValveVA, reversingValveInrushVA, boardVA } = facts.outdoorUnit;
  return {
    coils: [
      {
        id: OUTDOOR_POWER,
        label: 'Defrost board',
        from: 'R',
        to: 'C',
        va: boardVA,
        source: 'control',
        does: 'Runs the defrost logic: without it no defrost, no heat output.',
      },
      ...compressorCoils(facts),
      {
        id: VALVE_COIL,
        label: 'Reversing valve',
        from: 'valve',
        to: 'C',
        va: reversingValveVA,
        inrushVA: inrushOf(reversingValveVA, reversingValveInrushVA),
        source: 'compressor',
        does: valve === 'O' ? 'Shifts the system to cooling.' : 'Shifts the system to heating.',
      },
    ],
    contacts: [
      {
        id: 'unit safeties',
        label: 'Pressure switches and board lockout',
        from: run,
        to: 'run',
        movedBy: 'board-lockout',
        rests: 'closed',
        ...BY_BOARD,
        safety: 'refrigerant-pressure',
        openWhy: 'The outdoor board has locked the compressor out on a fault.',
      },
      ...defrostRelay('valve', valve, 'valve', valve === 'O'),
      ...(forcesStage(facts) ? defrostRelay('stage', 'Y2', 'second stage', true) : []),
    ],
  };
};

/** Signals on the outdoor board's compressor and valve terminals. */
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
      carries: valve === 'O' ? 'reversing valve, energized in cooling' : 'reversing valve, energized in heating',
    },
  ];
};

/** A fault lamp output. */
const lampContact: Contact = {
  id: 'fault relay, L',
  label: 'Fault relay, R to L',
  from: 'R',
  to: 'L',
  movedBy: 'board-lockout',
  rests: 'open',
  ...BY_BOARD,
  openWhy: 'The board sees no fault.',
};

/** A board that passes the auxiliary call through does so only with power. */
const passesW: Contact = {
  id: 'defrost relay, W line',
  label: 'Defrost relay, W-in to W-out',
  from: 'W-in',
  to: 'W-out',
  movedBy: 'defrost',
  rests: 'closed',
  ...BY_BOARD,
  unpowered: 'open',
  openWhy: 'The board is in defrost and feeds W-out itself.',
};

/** An outdoor unit: single stage, two stage or inverter, with its heat and fault outputs. */
export const outdoorUnit = (facts: Facts): Device => {
  const { wTerminals, faultOutput, name } = facts.outdoorUnit;
  const board = outdoorBoard(facts);
  const passes = wTerminals === 'W-in+W-out';
  const putsOut = faultOutput === 'heat' ? 'output: heat in defrost and on a fault' : 'output: heat in defrost';
  return device('outdoor-unit', 'outdoors', {
    plateName: name,
    terminals: [
      ...outdoorMarks(facts),
      ...(passes ? [{ mark: 'W-in', carries: 'auxiliary call, passed through' }] : []),
      ...(wTerminals === 'none' ? [] : [{ mark: 'W-out', carries: putsOut }]),
      ...(faultOutput === 'lamp' ? [{ mark: 'L', carries: 'output: fault light (L)' }] : []),
    ],
    coils: board.coils,
    contacts: [
      ...board.contacts,
      ...(wTerminals === 'none' ? [] : heatOutputs(facts, 'W-out')),
      ...(passes ? [passesW] : []),
      ...(faultOutput === 'lamp' ? [lampContact] : []),
    ],
  });
};
