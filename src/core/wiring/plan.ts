import { devicesOf } from '../devices';
import { heatInputs } from '../devices/air-handler';
import type { DeviceId } from '../devices/device';
import type { Facts } from '../job/document';
import type { WireGauge } from '../units/constants';
import { type Cable, type CableId, type Colour, COLOURS, type Conductor, type Harness, type Jumper, type TerminalRef } from './harness';

/** What one conductor is for, before a cable's colours are dealt out. */
interface Run {
  readonly from: string;
  readonly to: string;
  readonly colour: Colour;
  readonly carries: string;
}

const terminal = (device: DeviceId, mark: string): TerminalRef => ({ device, mark });

/** Gives each run its usual colour where the cable has it, else the next one free; none where the cable is used up. */
const dealColours = (runs: readonly Run[], conductors: number): (Colour | null)[] => {
  const free = new Set<Colour>(COLOURS.slice(0, conductors));
  const dealt: (Colour | null)[] = runs.map(({ colour }) => (free.delete(colour) ? colour : null));
  return dealt.map((colour) => {
    if (colour !== null) return colour;
    const [next = null] = free;
    if (next !== null) free.delete(next);
    return next;
  });
};

const landed = (cable: Cable, runs: readonly Run[]): { conductors: Conductor[]; spares: Colour[] } => {
  const colours = dealColours(runs, cable.conductors);
  return {
    conductors: runs.map((run, index) => ({
      id: `${cable.id} ${run.from}`,
      cable: cable.id,
      colour: colours[index]!,
      from: terminal(cable.from, run.from),
      to: terminal(cable.to, run.to),
      carries: run.carries,
    })),
    spares: COLOURS.slice(0, cable.conductors).filter((colour) => !colours.includes(colour)),
  };
};

const cable = (id: CableId, label: string, from: DeviceId, to: DeviceId, gauge: WireGauge, lengthFt: number, conductors: number): Cable => ({
  id,
  label,
  from,
  to,
  gauge,
  lengthFt,
  conductors,
});

/**
 * Plans the wiring of a single-stage heat pump with air handler and electric heat from the facts.
 * A cable with too few conductors is planned all the same; what it lacks has no colour, and a rule says so.
 */
export const plan = (facts: Facts): Harness => {
  const { thermostat, outdoorUnit, heatKit, cables } = facts;
  const wall = cable(
    'thermostat-cable',
    'Thermostat cable',
    'thermostat',
    'air-handler',
    cables.thermostatGauge,
    cables.thermostatLengthFt,
    cables.thermostatConductors,
  );
  const yard = cable('outdoor-cable', 'Outdoor cable', 'air-handler', 'outdoor-unit', cables.outdoorGauge, cables.outdoorLengthFt, cables.outdoorConductors);
  const valve = outdoorUnit.reversingValve;
  const hasKit = heatKit.elements.length > 0;
  const inputs = heatInputs(facts);

  const fromWall = landed(wall, [
    { from: 'R', to: 'R', colour: 'red', carries: 'hot' },
    ...(thermostat.power === 'C' ? [{ from: 'C', to: 'C', colour: 'blue', carries: 'common' } as const] : []),
    { from: 'Y', to: 'Y', colour: 'yellow', carries: 'compressor' },
    { from: thermostat.valveSetting, to: valve, colour: 'orange', carries: 'reversing valve' },
    { from: 'G', to: 'G', colour: 'green', carries: 'blower' },
    ...(hasKit ? [{ from: 'AUX', to: 'W1', colour: 'white', carries: 'auxiliary and emergency heat' } as const] : []),
  ]);
  const toYard = landed(yard, [
    { from: 'R', to: 'R', colour: 'red', carries: 'hot' },
    { from: 'C', to: 'C', colour: 'blue', carries: 'common' },
    { from: 'Y', to: 'Y', colour: 'yellow', carries: 'compressor' },
    { from: valve, to: valve, colour: 'orange', carries: 'reversing valve' },
    ...(hasKit && outdoorUnit.stripsInDefrost ? [{ from: 'W1', to: 'W', colour: 'white', carries: 'strips during defrost' } as const] : []),
  ]);
  const jumpers: Jumper[] = hasKit
    ? [
        {
          id: 'jumper AUX–E',
          from: terminal('thermostat', 'AUX'),
          to: terminal('thermostat', 'E'),
          why: 'One electric source serves auxiliary and emergency heat.',
        },
        ...inputs.slice(1).map((mark, at) => ({
          id: `jumper ${inputs[at]!}–${mark}`,
          from: terminal('air-handler', inputs[at]!),
          to: terminal('air-handler', mark),
          why: 'The thermostat has one auxiliary output, and the kit needs every input for all of its heat.',
        })),
      ]
    : [];
  return {
    devices: devicesOf(facts),
    cables: [wall, yard],
    conductors: [...fromWall.conductors, ...toYard.conductors],
    jumpers,
    spares: [...fromWall.spares.map((colour) => ({ cable: wall.id, colour })), ...toYard.spares.map((colour) => ({ cable: yard.id, colour }))],
  };
};
