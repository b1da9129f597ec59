import { indoorId, outdoorId } from '../../devices';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { callsNothing } from './calls-nothing';
import { type CauseEntry, ofKind, together } from './entry';

const cause = ofKind('supply', {
  caution: 'every-supply',
  proves: ['supply-volts', 'control-volts', 'heat'],
});

const isSplit = (facts: Facts) => indoorId(facts) !== outdoorId(facts);
const hasOwnIndoorSupply = (facts: Facts) =>
  isSplit(facts) && (!facts.heatKit.blowerOnFirstCircuit || kitRows(facts).length === 0);

/** Flat batteries: a blank display that calls nothing. */
const batteries: CauseEntry = (facts, harness) =>
  cause(
    'batteries',
    'Thermostat batteries flat',
    8,
    'The commonest blank display on a thermostat that runs on batteries.',
    { ...callsNothing(harness), ails: { isBatteryFlat: true } },
    {
      confirm: 'Two fresh batteries: the display comes back.',
      mend: 'Replace both batteries; check the settings after it.',
      caution: null,
      proves: [],
    },
    ({ thermostat }) => thermostat.power === 'battery',
  )(facts, harness);

/** What can be wrong with what feeds the system: line and control supply. */
export const supply: CauseEntry = together(
  cause(
    'disconnect',
    'Outdoor disconnect pulled, or its breaker off or tripped',
    3,
    'Pulled for mowing, painting, or by the last who was here.',
    { ails: { outdoorLine: 'dead', seenOff: 'outdoors' } },
    {
      confirm: 'Look at breaker and disconnect.',
      mend: 'Put it on; where it had tripped, windings and lugs first, dead.',
    },
    isSplit,
  ),
  cause(
    'line-dead',
    'Outdoor supply dead with breaker and disconnect on: a leg, a fuse, a lug',
    1,
    'Fuses in the disconnect, burnt lugs.',
    { ails: { outdoorLine: 'dead' } },
    {
      confirm: 'Leg to leg at the contactor’s line side. Qualified people, rated meter.',
      mend: 'Supply off, proven dead: fuse, lug or breaker.',
    },
    isSplit,
  ),
  cause(
    'line-low',
    'Line volts low under load',
    1,
    'A long feeder, a loose neutral, a weak service.',
    { ails: { outdoorLine: 'low' } },
    { confirm: 'Line volts while it runs, and at rest.', mend: 'An electrician, or the utility.' },
  ),
  cause(
    'guard',
    'Line-voltage guard holding the compressor out',
    1,
    'It waits minutes after each dip, and for good below its limit.',
    { ails: { outdoorLine: 'held' } },
    { confirm: 'Its lamp; line volts at rest and under load.', mend: 'Cure the volts; its limits as the maker says.' },
  ),
  cause(
    'indoor-supply',
    'Indoor unit’s own supply off: breaker, switch or door switch',
    2.5,
    'A light switch by the furnace, a door not shut.',
    { ails: { controlShare: 0, seenOff: 'indoors', blower: 'dead' } },
    {
      confirm: 'Look at breaker, switch and door.',
      mend: 'Put it on; where it had tripped, find why.',
      proves: ['supply-volts', 'control-volts', 'fan'],
    },
    hasOwnIndoorSupply,
  ),
  batteries,
  cause(
    'transformer-dead',
    'Control transformer dead',
    1.5,
    'A short without a fuse before it burns it.',
    { ails: { controlShare: 0 } },
    {
      confirm: 'Line volts on its primary, none on its secondary.',
      mend: 'Same VA or more; a fuse in its secondary; find the short first.',
      proves: ['control-volts', 'fan', 'heat'],
    },
  ),
  cause(
    'transformer-weak',
    'Control transformer weak, or on the wrong tap',
    1,
    'A 240 V tap on 208 V; turns burnt.',
    { ails: { controlShare: 0.7 } },
    {
      confirm: 'Secondary volts with everything pulled in.',
      mend: 'The tap for the line volts read; else a new one.',
      proves: ['control-volts', 'fan', 'heat'],
    },
  ),
);
