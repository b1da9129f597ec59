import { backupOutputs } from '../../control/outputs';
import { heatInputs } from '../../devices/air-handler';
import { hasOwnTransformer } from '../../devices/furnace';
import type { Facts } from '../../job/document';
import { type Draft, jumper, lead, run, terminal, together } from './draft';

/** Whether a low-gas-pressure switch belongs into the furnace. */
const hasLowGasSwitch = ({ furnace }: Facts): boolean => furnace.fuel === 'propane' && furnace.lowGasSwitch;

const call = (facts: Facts): Draft => {
  const { aux, secondAux, emergency } = backupOutputs(facts);
  const [, second] = heatInputs(facts);
  if (!aux) return {};
  const isIsolated = hasOwnTransformer(facts);
  return {
    runs: [
      run(
        'thermostat-cable',
        terminal('thermostat', aux),
        isIsolated ? terminal('isolation-relay', 'W') : terminal('furnace', 'W1'),
        'white',
        'furnace',
      ),
      ...(secondAux && second && !isIsolated
        ? [
            run(
              'thermostat-cable',
              terminal('thermostat', secondAux),
              terminal('furnace', second),
              'brown',
              'furnace, second stage',
            ),
          ]
        : []),
    ],
    jumpers: emergency
      ? [jumper('thermostat', aux, emergency, 'One furnace serves auxiliary and emergency heat.')]
      : [],
    notes: [
      ...(second && !secondAux && !isIsolated
        ? [`Furnace ${second} stays open: the furnace stages itself by time.`]
        : []),
      ...(secondAux && (!second || isIsolated)
        ? [`Thermostat ${secondAux} stays open: the furnace has one heat input.`]
        : []),
    ],
  };
};

const isolation = (facts: Facts): Draft =>
  hasOwnTransformer(facts)
    ? {
        adds: ['isolation-relay'],
        runs: [
          lead('isolation-relay', 'C', terminal('furnace', 'C'), 'blue', 'common'),
          lead('isolation-relay', '1', terminal('furnace', 'T1'), 'black', 'burner control’s own circuit'),
          lead('isolation-relay', '2', terminal('furnace', 'T2'), 'white', 'burner control’s own circuit'),
        ],
      }
    : {};

const gasSafety = (facts: Facts): Draft => {
  if (facts.furnace.fuel === 'fuel-oil') return {};
  if (!hasLowGasSwitch(facts))
    return {
      jumpers: [
        jumper('furnace', 'PS1', 'PS2', 'The maker’s own lead: the pressure-switch circuit is closed as it came.'),
      ],
    };
  return {
    adds: ['low-gas-switch'],
    runs: [
      lead('low-gas-switch', '1', terminal('furnace', 'PS1'), 'black', 'pressure-switch circuit'),
      lead('low-gas-switch', '2', terminal('furnace', 'PS2'), 'brown', 'pressure-switch circuit'),
    ],
  };
};

const interlock = (facts: Facts): Draft =>
  facts.furnace.interlock === 'none'
    ? {}
    : {
        adds: ['interlock'],
        runs: [
          lead(
            'interlock',
            'W',
            hasOwnTransformer(facts) ? terminal('isolation-relay', 'W') : terminal('furnace', 'W1'),
            'white',
            'furnace call',
          ),
          lead('interlock', 'C', terminal('furnace', 'C'), 'blue', 'common'),
        ],
      };

const openOnPurpose = ({ outdoorUnit }: Facts): Draft =>
  outdoorUnit.wTerminals === 'none'
    ? {}
    : {
        notes: [
          `Outdoor ${outdoorUnit.wTerminals === 'W-out' ? 'W-out stays' : 'W-in and W-out stay'} open: in defrost a furnace call would stop the compressor, or run beside it.`,
        ],
      };

/** A furnace as the backup. */
export const planFurnace = (facts: Facts): Draft =>
  together(call(facts), isolation(facts), gasSafety(facts), interlock(facts), openOnPurpose(facts));
