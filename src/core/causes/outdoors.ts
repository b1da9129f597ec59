import { GOOD_COIL } from '../control/coil';
import { type CauseEntry, ofKind, together } from './entry';

const cause = ofKind('outdoors', { caution: 'capacitor', proves: ['heat', 'defrost', 'cool'] });

const refrigerant = { by: 'licensed', caution: 'refrigerant' } as const;

/** Causes in the outdoor unit. */
export const outdoors: CauseEntry = together(
  cause(
    'contactor-burnt',
    'Contactor pulls in but main contacts are burned open',
    2,
    'Ants, pitted contacts, chatter.',
    { ails: { contactor: 'burnt' } },
    {
      confirm: 'Supply verified dead: look at the contacts; push the contactor in and ohm across each pole.',
      fix: 'Replace the contactor; then check coil voltage under load.',
    },
  ),
  cause(
    'contactor-welded',
    'Contactor welded closed: compressor runs with no call',
    1,
    'Chatter and short cycles weld it.',
    { ails: { contactor: 'welded' } },
    {
      confirm: 'No call, but the unit runs.',
      fix: 'Pull the disconnect now. Replace the contactor and find what made it chatter.',
      stop: 'welded-contactor',
    },
  ),
  cause(
    'capacitor',
    'Compressor’s run capacitor weak or open',
    4,
    'The most common outdoor failure.',
    { ails: { compressor: 'no-capacitor' } },
    {
      confirm: 'Power off, discharged, leads off: compare µF with the rating printed on the capacitor.',
      fix: 'Discharge it first. Replace with the same µF and voltage rating.',
    },
  ),
  cause(
    'compressor',
    'Compressor winding or internal overload open',
    1.5,
    'An overheated overload resets within hours; an open winding never does.',
    { ails: { compressor: 'open' } },
    {
      confirm: 'Compressor cool, power off, leads off: ohm C–S–R and each terminal to ground.',
      fix: 'Find what overheated it first: capacitor, charge, fan. Compressor replacement: EPA-certified tech only.',
      by: 'licensed',
    },
  ),
  cause(
    'fan-capacitor',
    'Outdoor fan’s capacitor weak',
    2,
    'One side of a dual capacitor can fail by itself.',
    { ails: { outdoorFan: 'no-capacitor' } },
    {
      confirm: 'Power off, discharged: read µF on the fan side. A push by hand starts the fan.',
      fix: 'Discharge it first. Replace with the same µF and voltage rating.',
    },
  ),
  cause(
    'fan',
    'Outdoor fan motor dead',
    1.5,
    'Bearings, windings; ice in the blades.',
    { ails: { outdoorFan: 'dead' } },
    {
      confirm: 'Power off: spin it by hand; ohm the windings.',
      fix: 'Replace motor and capacitor together; blade free and set at the same height.',
    },
  ),
  cause(
    'valve-stuck',
    'Reversing valve stuck in heating, coil good',
    0.5,
    'Debris, or low pressure differential.',
    { ails: { valveStuck: 'heating' } },
    {
      confirm: 'Coil has 24 V on the call, but the valve does not shift.',
      fix: 'Tap the valve body lightly while it is calling to shift; if that fails, a licensed tech replaces it.',
      ...refrigerant,
    },
  ),
  cause(
    'valve-stuck-cooling',
    'Reversing valve stuck in cooling, coil good',
    0.5,
    'Debris, or low pressure differential.',
    { ails: { valveStuck: 'cooling' } },
    {
      confirm: 'Coil has 24 V on the call, but the valve does not shift.',
      fix: 'Tap the valve body lightly while it is calling to shift; if that fails, a licensed tech replaces it.',
      ...refrigerant,
    },
  ),
  cause(
    'charge',
    'Charge low',
    2.5,
    'Leaks at flares and service valves. Capacity drops and ice stays on after defrost.',
    { ails: { capacityShare: 0.6, isChargeLow: true, outdoorCoil: { ...GOOD_COIL, melts: 0.15, split: 1.3 } } },
    {
      confirm: 'Check rise and capacity first. Gauges: EPA-certified tech only.',
      fix: 'Find and repair the leak, then weigh in the charge.',
      ...refrigerant,
    },
  ),
  cause(
    'coil-dirty',
    'Outdoor coil dirty or covered, fan weak',
    2,
    'Leaves, lint, grass, snow drifted in.',
    { ails: { capacityShare: 0.8, outdoorCoil: { ...GOOD_COIL, air: 0.55, split: 1.6 } } },
    {
      confirm: 'Shine a light through the fins; feel the air at the top.',
      fix: 'Clean it from the inside out; keep two feet clear all around.',
    },
  ),
  cause(
    'board-dead',
    'Defrost board powered but never starts a defrost',
    1,
    'Relays and timers on the board fail.',
    { ails: { defrost: 'never', outdoorCoil: { ...GOOD_COIL, melts: 0 } } },
    {
      confirm: 'Defrost thermostat closed, test pins jumpered per the label, and no defrost.',
      fix: 'Replace the board with the same part; set the interval jumper as before.',
    },
  ),
  cause(
    'coil-switch-closed',
    'Defrost thermostat stuck closed, or board ends defrosts early',
    0.7,
    'The board defrosts a clear coil, or ends before it is clear.',
    { ails: { defrost: 'ends-early', outdoorCoil: { ...GOOD_COIL, melts: 0.1 } } },
    {
      confirm: 'Ohm the defrost thermostat with the coil warm: it should be open.',
      fix: 'Replace with the same defrost thermostat, clipped tight and insulated.',
    },
  ),
  cause(
    'coil-sensor',
    'Defrost thermostat or coil sensor off the coil, or open',
    2,
    'Clips rust, ice pulls it off.',
    { ails: { defrost: 'sensor-off', outdoorCoil: { ...GOOD_COIL, isFelt: false } } },
    { confirm: 'Look; compare ohms with its table.', fix: 'Clip it back in place with thermal paste and insulation.' },
  ),
  cause(
    'board-locked',
    'Outdoor board locked out on a fault',
    2,
    'After repeated pressure or temperature trips it locks out until reset.',
    { conditions: ['board-lockout'] },
    {
      confirm: 'Read its LED code; the label has the list.',
      fix: 'Read the code before you kill power. Find the cause, then reset once.',
    },
  ),
);
