import { indoorId, outdoorId } from '../devices';
import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import { callsNothing } from './calls-nothing';
import { type CauseEntry, ofKind, together } from './entry';

const cause = ofKind('supply', {
  caution: 'every-supply',
  proves: ['supply-volts', 'control-volts', 'heat'],
});

const isSplit = (facts: Facts) => indoorId(facts) !== outdoorId(facts);
const hasOwnIndoorSupply = (facts: Facts) =>
  isSplit(facts) && (!facts.heatKit.blowerOnFirstCircuit || kitRows(facts).length === 0);

/** Dead batteries: a blank display that calls nothing. */
const batteries: CauseEntry = (facts, harness) =>
  cause(
    'batteries',
    'Thermostat batteries flat',
    8,
    'The commonest blank display on a thermostat that runs on batteries.',
    { ...callsNothing(harness), ails: { isBatteryFlat: true } },
    {
      confirm: 'Two fresh batteries: the display comes back.',
      fix: 'Replace both batteries; check the settings after it.',
      caution: null,
      proves: [],
    },
    ({ thermostat }) => thermostat.power === 'battery',
  )(facts, harness);

/** Causes in the line and control supply. */
export const supply: CauseEntry = together(
  cause(
    'disconnect',
    'Outdoor disconnect pulled, or its breaker off or tripped',
    3,
    'Pulled for mowing or painting, or by whoever was here last.',
    { ails: { outdoorLine: 'dead', seenOff: 'outdoors' } },
    {
      confirm: 'Look at breaker and disconnect.',
      fix: 'Turn it back on. If it had tripped, first check windings and lugs with the power verified dead.',
    },
    isSplit,
  ),
  cause(
    'line-dead',
    'No power at the outdoor unit with breaker and disconnect on: lost leg, fuse or lug',
    1,
    'Blown fuse in the disconnect, burned lug.',
    { ails: { outdoorLine: 'dead' } },
    {
      confirm: 'Leg to leg at the contactor’s line side. Qualified people, rated meter.',
      fix: 'Supply off and verified dead: replace the fuse, lug or breaker.',
    },
    isSplit,
  ),
  cause(
    'line-low',
    'Low line voltage under load',
    1,
    'A long feeder, a loose neutral or an undersized service.',
    { ails: { outdoorLine: 'low' } },
    { confirm: 'Line voltage running and not running.', fix: 'Call an electrician or the utility.' },
  ),
  cause(
    'guard',
    'Line-voltage monitor holding off the compressor',
    1,
    'It delays for minutes after each dip, and stays off as long as voltage is below its setting.',
    { ails: { outdoorLine: 'held' } },
    {
      confirm: 'Check its light; line voltage unloaded and under load.',
      fix: 'Fix the voltage problem; set its limits to the manufacturer’s figures.',
    },
  ),
  cause(
    'indoor-supply',
    'Indoor unit power off: breaker, service switch or door switch',
    2.5,
    'The service switch by the furnace, or a door not fully closed.',
    { ails: { controlShare: 0, seenOff: 'indoors', blower: 'dead' } },
    {
      confirm: 'Look at breaker, switch and door.',
      fix: 'Turn it back on. If it had tripped, find out why.',
      proves: ['supply-volts', 'control-volts', 'fan'],
    },
    hasOwnIndoorSupply,
  ),
  batteries,
  cause(
    'transformer-dead',
    'Control transformer dead',
    1.5,
    'An unfused short burns it out.',
    { ails: { controlShare: 0 } },
    {
      confirm: 'Line voltage on the primary, no 24 V on the secondary.',
      fix: 'Find the short first. Replace with the same VA or more, and fuse the secondary.',
      proves: ['control-volts', 'fan', 'heat'],
    },
  ),
  cause(
    'transformer-weak',
    'Control transformer weak, or on the wrong tap',
    1,
    '240 V tap used on 208 V, or shorted turns.',
    { ails: { controlShare: 0.7 } },
    {
      confirm: 'Secondary voltage with everything energized.',
      fix: 'Move to the tap that matches the line voltage; if it is still low, replace it.',
      proves: ['control-volts', 'fan', 'heat'],
    },
  ),
);
