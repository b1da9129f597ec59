import { SOUND_COIL } from '../../control/coil';
import { type CauseEntry, ofKind, together } from './entry';

const cause = ofKind('outdoors', { caution: 'capacitor', proves: ['heat', 'defrost', 'cool'] });

const refrigerant = { by: 'licensed', caution: 'refrigerant' } as const;

/** What can be wrong with the unit outdoors. */
export const outdoors: CauseEntry = together(
  cause(
    'contactor-burnt',
    'Contactor’s main contacts burnt: in, and nothing passes',
    2,
    'Ants, pits, chatter.',
    { ails: { contactor: 'burnt' } },
    {
      confirm: 'Supply proven dead: look at the faces; press it in and read ohms through.',
      mend: 'New contactor; then its coil volts under load.',
    },
  ),
  cause(
    'contactor-welded',
    'Contactor welded in: the compressor runs without a call',
    1,
    'Chatter and short cycles weld it.',
    { ails: { contactor: 'welded' } },
    {
      confirm: 'Nothing called, and the unit runs.',
      mend: 'Disconnect off at once. New contactor, and what made it chatter.',
      stop: 'welded-contactor',
    },
  ),
  cause(
    'capacitor',
    'Compressor’s run capacitor weak or open',
    4,
    'The commonest failed part outdoors.',
    { ails: { compressor: 'no-capacitor' } },
    { confirm: 'Power off, discharged, leads off: µF against its print.', mend: 'Same µF and volts; discharge first.' },
  ),
  cause(
    'compressor',
    'Compressor’s winding or its inner overload open',
    1.5,
    'A hot overload closes again within hours; a winding does not.',
    { ails: { compressor: 'open' } },
    {
      confirm: 'Cool, power off, leads off: ohms between its three terminals, and to the case.',
      mend: 'Cause of the heat first: capacitor, charge, fan. Compressor by licensed people.',
      by: 'licensed',
    },
  ),
  cause(
    'fan-capacitor',
    'Outdoor fan’s capacitor weak',
    2,
    'Half of a dual capacitor fails alone.',
    { ails: { outdoorFan: 'no-capacitor' } },
    {
      confirm: 'Power off, discharged: µF of the fan side. A push starts it.',
      mend: 'Same µF and volts; discharge first.',
    },
  ),
  cause(
    'fan',
    'Outdoor fan motor dead',
    1.5,
    'Bearings, windings; ice in the blades.',
    { ails: { outdoorFan: 'dead' } },
    {
      confirm: 'Power off: it turns by hand, ohms of its windings.',
      mend: 'Motor and capacitor together; blade free and at its height.',
    },
  ),
  cause(
    'valve-stuck',
    'Reversing valve stuck in heating, though its coil is right',
    0.5,
    'Debris, low pressure difference.',
    { ails: { valveStuck: 'heating' } },
    {
      confirm: 'Coil has its volts in the call, and the unit does not turn about.',
      mend: 'A tap while it turns; then licensed people.',
      ...refrigerant,
    },
  ),
  cause(
    'valve-stuck-cooling',
    'Reversing valve stuck in cooling, though its coil is right',
    0.5,
    'Debris, low pressure difference.',
    { ails: { valveStuck: 'cooling' } },
    {
      confirm: 'Coil has its volts in the call, and the unit does not turn about.',
      mend: 'A tap while it turns; then licensed people.',
      ...refrigerant,
    },
  ),
  cause(
    'charge',
    'Charge low',
    2.5,
    'Leaks at flares and service valves; capacity falls, ice stays after a defrost.',
    { ails: { capacityShare: 0.6, isChargeLow: true, outdoorCoil: { ...SOUND_COIL, melts: 0.15, split: 1.3 } } },
    {
      confirm: 'Rise and capacity first; gauges by licensed people only.',
      mend: 'Find the leak, then charge by weight.',
      ...refrigerant,
    },
  ),
  cause(
    'coil-dirty',
    'Outdoor coil dirty or covered, fan weak',
    2,
    'Leaves, lint, grass, snow drifted in.',
    { ails: { capacityShare: 0.8, outdoorCoil: { ...SOUND_COIL, air: 0.55, split: 1.6 } } },
    { confirm: 'Light through the fins; air at the top.', mend: 'Clean it from inside out; clear two feet round it.' },
  ),
  cause(
    'board-dead',
    'Defrost board has its volts and never starts a defrost',
    1,
    'Relays and timers on the board fail.',
    { ails: { defrost: 'never', outdoorCoil: { ...SOUND_COIL, melts: 0 } } },
    {
      confirm: 'Coil switch closed, test pins joined as the label says, and nothing happens.',
      mend: 'Board for its like; interval jumper as before.',
    },
  ),
  cause(
    'coil-switch-closed',
    'Coil switch stuck closed, or the board cuts defrosts short',
    0.7,
    'The board defrosts a clear coil, or ends before it is clear.',
    { ails: { defrost: 'ends-early', outdoorCoil: { ...SOUND_COIL, melts: 0.1 } } },
    {
      confirm: 'Ohms of the switch with a warm coil: it should be open.',
      mend: 'Switch for its like, tight and insulated.',
    },
  ),
  cause(
    'coil-sensor',
    'Coil switch or thermistor fallen off the coil, or open',
    2,
    'Clips rust, ice pulls it off.',
    { ails: { defrost: 'sensor-off', outdoorCoil: { ...SOUND_COIL, isFelt: false } } },
    { confirm: 'Look; ohms against its table.', mend: 'Clip it where it was, with paste and insulation.' },
  ),
  cause(
    'board-locked',
    'Outdoor board locked out on a fault',
    2,
    'After trips of pressure or temperature it waits for a reset.',
    { conditions: ['board-lockout'] },
    {
      confirm: 'Its lamp’s code on the label.',
      mend: 'Read the code before the power goes off; find why, then reset once.',
    },
  ),
);
