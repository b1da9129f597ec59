import { indoorId, makeDevice, outdoorId } from '../../devices';
import { type Device, DEVICE_LABELS, type DeviceId } from '../../devices/device';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { Cable, Harness } from '../harness';
import { planBoxes } from './boxes';
import { conductorsOf, isLeads } from './colors';
import { planCompressor } from './compressor';
import { type Run, together } from './draft';
import { planExtras } from './extras';
import { planFurnace } from './furnace-heat';
import { asTracedPalette } from './kept-colors';
import { planPower } from './power';
import { planStrips } from './strips';
import { planAddAWireKit } from './thermostat-call';
import { withZoneBoard } from './zone-board';

/** Lead length of an added device, ft. */
const LEAD_FT = 3;

/** Devices in drawing order, from thermostat to outdoor unit. */
const ORDER: readonly DeviceId[] = [
  'thermostat',
  'relay-pair-wall',
  'float-switch',
  'wet-switch',
  'load-control',
  'air-handler',
  'fan-center',
  'furnace',
  'interlock',
  'isolation-relay',
  'low-gas-switch',
  'emergency-relay',
  'strip-interlock',
  'relay-pair-board',
  'zone-board',
  'dehumidistat',
  'humidifier',
  'ventilator',
  'air-cleaner',
  'packaged-unit',
  'outdoor-unit',
  'outdoor-thermostats',
  'outdoor-sensor',
];

const cablesOf = (facts: Facts, runs: readonly Run[]): Cable[] => {
  const { cables } = facts;
  const indoors = indoorId(facts);
  const outdoors = outdoorId(facts);
  const used = [...new Set(runs.map(({ cable }) => cable))];
  return used.map((id): Cable => {
    const count = runs.filter(({ cable }) => cable === id).length;
    switch (id) {
      case 'thermostat-cable':
        return {
          id,
          label: 'Thermostat cable',
          from: 'thermostat',
          to: facts.boxes.zoneBoard ? 'zone-board' : indoors,
          gauge: cables.thermostatGauge,
          lengthFt: cables.thermostatLengthFt,
          conductors: cables.thermostatConductors,
        };
      case 'outdoor-cable':
        return {
          id,
          label: 'Outdoor cable',
          from: indoors,
          to: outdoors,
          gauge: cables.outdoorGauge,
          lengthFt: cables.outdoorLengthFt,
          conductors: cables.outdoorConductors,
        };
      case 'switch-cable':
        return {
          id,
          label: 'Cable to the outdoor thermostats',
          from: indoors,
          to: 'outdoor-thermostats',
          gauge: cables.outdoorGauge,
          lengthFt: cables.outdoorLengthFt,
          conductors: count + 1,
        };
      default: {
        const device = id.slice('leads-'.length) as DeviceId;
        const isOwnPair = cables.sensorRun === 'own' && (device === 'thermostat' || device === 'outdoor-sensor');
        const runFt = device === 'thermostat' ? cables.thermostatLengthFt : cables.outdoorLengthFt;
        return {
          id,
          label: isOwnPair ? 'Sensor’s own pair' : `${DEVICE_LABELS[device]} leads`,
          from: device,
          to: indoors,
          gauge: 18,
          lengthFt: isOwnPair ? runFt : LEAD_FT,
          conductors: count,
        };
      }
    }
  });
};

/** A cabinet with a splice for every conductor that passes through without a terminal. */
const withSplices = (device: Device, runs: readonly Run[]): Device => {
  const marks = new Set(device.terminals.map(({ mark }) => mark));
  const ends = runs.flatMap(({ from, to, carries }) => [
    { ...from, carries },
    { ...to, carries },
  ]);
  const missing = ends.filter((end) => end.device === device.id && !marks.has(end.mark));
  const splices = [
    ...new Map(
      missing.map(({ mark, carries }) => [mark, { mark, carries: `splice: ${carries}`, isSplice: true }]),
    ).values(),
  ];
  return splices.length === 0 ? device : { ...device, terminals: [...device.terminals, ...splices] };
};

/**
 * Plans the wiring of a job from its facts, function by function; only rules are stored. A cable with too few
 * conductors is planned all the same; the missing ones have no color, and a rule says so. Senseless combinations are
 * rejected by `refusals`, and planned here as far as possible.
 */
export const plan = (facts: Facts): Harness => {
  const draft = withZoneBoard(
    facts,
    together(
      planPower(facts),
      planCompressor(facts),
      backupOf(facts) === 'fossil' ? planFurnace(facts) : planStrips(facts),
      planExtras(facts),
      planBoxes(facts),
      planAddAWireKit(facts),
    ),
  );
  const wanted = new Set<DeviceId>(['thermostat', indoorId(facts), outdoorId(facts), ...draft.adds]);
  const cables = cablesOf(facts, draft.runs);
  return {
    devices: ORDER.filter((id) => wanted.has(id)).map((id) => withSplices(makeDevice(id, facts), draft.runs)),
    cables,
    conductors: cables.flatMap((cable) =>
      conductorsOf(
        cable,
        draft.runs.filter((run) => run.cable === cable.id),
        cable.id === 'thermostat-cable' ? asTracedPalette(facts) : undefined,
      ),
    ),
    jumpers: draft.jumpers,
    notes: draft.notes,
  };
};

/** Cables in walls, without the leads of added devices. */
export const thermostatCables = (harness: Harness): readonly Cable[] => harness.cables.filter(({ id }) => !isLeads(id));
