import { backupOutputs } from '../../control/outputs';
import { burnerId, indoorId, outdoorId } from '../../devices';
import { furnaceInputs, hasLowGasSwitch, hasNoBoard, hasOwnTransformer } from '../../devices/furnace';
import type { Facts } from '../../job/document';
import type { TerminalRef } from '../harness';
import { type Draft, jumper, lead, run, terminal, together } from './draft';

/** A terminal of the furnace's board, of its packaged cabinet, or of its added fan center. */
const atFurnace = (facts: Facts, mark: string): TerminalRef => terminal(indoorId(facts), mark);

/** Where the furnace is called: its first input, or a relay in front of a burner with its own transformer. */
const calledAt = (facts: Facts): TerminalRef =>
  hasOwnTransformer(facts) ? terminal('isolation-relay', 'W') : atFurnace(facts, furnaceInputs(facts)[0]!);

const second = (facts: Facts): Draft => {
  const { secondAux } = backupOutputs(facts);
  const [, input] = furnaceInputs(facts);
  const isIsolated = hasOwnTransformer(facts);
  if (secondAux && input && !isIsolated)
    return {
      runs: [
        run(
          'thermostat-cable',
          terminal('thermostat', secondAux),
          atFurnace(facts, input),
          'brown',
          'furnace, second stage',
        ),
      ],
    };
  if (secondAux) return { notes: [`Thermostat ${secondAux} stays open: the furnace has one heat input.`] };
  if (!input || isIsolated) return {};
  return {
    notes: [
      facts.furnace.staging === 'timer'
        ? `Furnace ${input} stays open: the furnace stages itself by time.`
        : `Furnace ${input} stays open: nothing calls its second stage.`,
    ],
  };
};

const call = (facts: Facts): Draft => {
  const { aux, emergency } = backupOutputs(facts);
  if (!aux) return {};
  return together(
    {
      runs: [run('thermostat-cable', terminal('thermostat', aux), calledAt(facts), 'white', 'furnace')],
      jumpers: emergency
        ? [jumper('thermostat', aux, emergency, 'One furnace serves auxiliary and emergency heat.')]
        : [],
    },
    second(facts),
  );
};

const isolation = (facts: Facts): Draft =>
  hasOwnTransformer(facts)
    ? {
        adds: [...(hasNoBoard(facts) ? (['furnace'] as const) : []), 'isolation-relay'],
        runs: [
          lead('isolation-relay', 'C', atFurnace(facts, 'C'), 'blue', 'common'),
          lead('isolation-relay', '1', terminal(burnerId(facts), 'T1'), 'black', 'burner control’s own circuit'),
          lead('isolation-relay', '2', terminal(burnerId(facts), 'T2'), 'white', 'burner control’s own circuit'),
        ],
        notes: hasNoBoard(facts)
          ? ['The furnace has two wires and no board: a fan center is added, a 24 V transformer with a blower relay.']
          : [],
      }
    : {};

/** A listed low-gas switch in series with the pressure switch. Factory wiring is not planned. */
const lowGas = (facts: Facts): Draft => {
  if (!hasLowGasSwitch(facts)) return {};
  return {
    adds: ['low-gas-switch'],
    runs: [
      lead('low-gas-switch', '1', atFurnace(facts, 'PS1'), 'black', 'pressure-switch circuit'),
      lead('low-gas-switch', '2', atFurnace(facts, 'PS2'), 'brown', 'pressure-switch circuit'),
    ],
  };
};

const interlock = (facts: Facts): Draft => {
  if (facts.furnace.interlock === 'none') return {};
  if (facts.system.cabinet === 'packaged')
    return { notes: ['The packaged unit interlocks compressor and burner internally: add nothing in Y.'] };
  return {
    adds: ['interlock'],
    runs: [
      lead('interlock', 'W', calledAt(facts), 'white', 'furnace call'),
      lead('interlock', 'C', atFurnace(facts, 'C'), 'blue', 'common'),
    ],
  };
};

/** Heat in defrost: only if chosen, and if nothing interlocks the two. */
const defrost = (facts: Facts): Draft => {
  const { outdoorUnit, furnace } = facts;
  if (outdoorUnit.wTerminals === 'none' || indoorId(facts) === outdoorId(facts)) return {};
  if (furnace.interlock === 'none' && furnace.tempersDefrost)
    return {
      runs: [run('outdoor-cable', calledAt(facts), terminal('outdoor-unit', 'W-out'), 'white', 'furnace in defrost')],
    };
  return {
    notes: [
      `Outdoor ${outdoorUnit.wTerminals === 'W-out' ? 'W-out stays' : 'W-in and W-out stay'} open: with an interlock a furnace call in defrost would stop the compressor. Some manufacturers temper defrost with the furnace: the unit’s own manual decides.`,
    ],
  };
};

/** A furnace as the backup: under the coil, or in a packaged unit. */
export const planFurnace = (facts: Facts): Draft =>
  together(call(facts), isolation(facts), lowGas(facts), interlock(facts), defrost(facts));
