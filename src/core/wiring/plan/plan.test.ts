import { assumedFacts, type Facts } from '../../job/document';
import { type Harness, landedConductors, refText, sparesOf } from '../harness';
import { plan, thermostatCables } from '.';
import { bankGroups } from './bank-groups';

type Change = { readonly [G in keyof Facts]?: Partial<Facts[G]> };

const base = assumedFacts();
const roomy: Change = { cables: { thermostatConductors: 10, outdoorConductors: 10 } };
const made = (...changes: readonly Change[]): Facts =>
  [roomy, ...changes].reduce<Facts>(
    (facts, change) =>
      Object.fromEntries(
        Object.entries(facts).map(([group, values]) => [group, { ...values, ...change[group as keyof Facts] }]),
      ) as unknown as Facts,
    base,
  );
const element = (bank: number) => ({ kW: 4.8, bank, onS: 20, offS: 40 });
const twoBanks: Change = { airHandler: { wInputs: 'W1+W2' }, heatKit: { elements: [element(1), element(2)] } };
const threeBanks: Change = {
  airHandler: { wInputs: 'W1+W2+W3' },
  heatKit: { elements: [element(1), element(2), element(3)] },
};
const furnace: Change = { system: { backup: 'furnace' }, thermostat: { backupSetting: 'fossil' } };
const gating = (...rows: readonly (readonly [bank: number, closesBelowF: number])[]): Change => ({
  gates: { outdoorThermostats: rows.map(([bank, closesBelowF]) => ({ bank, closesBelowF })) },
});

/** Every wire of a harness as `from–to`, leads and jumpers among them. */
const wires = (harness: Harness): string[] =>
  [...landedConductors(harness), ...harness.jumpers].map(({ from, to }) => `${refText(from)}–${refText(to)}`);
const of = (...changes: readonly Change[]) => wires(plan(made(...changes)));

describe('power', () => {
  test('Rc and Rh are joined if one transformer feeds both; batteries need no common', () => {
    expect(of({ thermostat: { rTerminals: 'Rc+Rh' } })).toEqual(
      expect.arrayContaining(['thermostat.Rc–air-handler.R', 'thermostat.Rc–thermostat.Rh']),
    );
    expect(of({ thermostat: { power: 'battery' } })).not.toContain('thermostat.C–air-handler.C');
  });

  test('a float switch in R comes before the thermostat, the outdoor board keeps its own R', () => {
    const all = of({ system: { floatSwitch: 'R' } });
    expect(all).toEqual(
      expect.arrayContaining([
        'thermostat.R–float-switch.2',
        'float-switch.1–air-handler.R',
        'air-handler.R–outdoor-unit.R',
      ]),
    );
    expect(all).not.toContain('thermostat.R–air-handler.R');
  });
});

describe('compressor', () => {
  test('float switch and interlock are in series in Y', () => {
    expect(of(furnace, { system: { floatSwitch: 'Y' } })).toEqual(
      expect.arrayContaining([
        'thermostat.Y–furnace.Y',
        'float-switch.1–furnace.Y',
        'interlock.Y-in–float-switch.2',
        'interlock.Y-out–outdoor-unit.Y',
      ]),
    );
  });

  test.each([
    [
      'both with two stages: a conductor each',
      2,
      'two',
      ['thermostat.Y2–air-handler.Y2', 'air-handler.Y2–outdoor-unit.Y2'],
    ],
    ['two stages outdoors alone: joined there', 1, 'two', ['outdoor-unit.Y1–outdoor-unit.Y2']],
  ] as const)('%s', (_, compressorOutputs, stages, expected) => {
    expect(of({ thermostat: { compressorOutputs }, outdoorUnit: { stages } })).toEqual(
      expect.arrayContaining([...expected]),
    );
  });

  test('two outputs and one stage: the second stays open, and this is reported', () => {
    const { notes } = plan(made({ thermostat: { compressorOutputs: 2 } }));
    expect(notes).toContain('Thermostat Y2 stays open: the outdoor unit has one compressor input.');
  });

  test('with separate O and B, only the unit’s own is landed', () => {
    const all = of({ thermostat: { valveTerminals: 'O+B' }, outdoorUnit: { reversingValve: 'B' } });
    expect(all).toContain('thermostat.B–air-handler.B');
    expect(all.some((wire) => wire.includes('thermostat.O'))).toBe(false);
  });
});

describe('strips', () => {
  test('one output and several inputs: jumpers; two outputs: a conductor each', () => {
    expect(of(threeBanks)).toEqual(
      expect.arrayContaining([
        'air-handler.W1–air-handler.W2',
        'air-handler.W2–air-handler.W3',
        'thermostat.AUX–thermostat.E',
      ]),
    );
    const two = of(threeBanks, { thermostat: { heatTerminals: 'AUX1+AUX2+E' } });
    expect(two).toEqual(
      expect.arrayContaining([
        'thermostat.AUX1–air-handler.W1',
        'thermostat.AUX2–air-handler.W2',
        'air-handler.W2–air-handler.W3',
      ]),
    );
    expect(two).not.toContain('air-handler.W1–air-handler.W2');
  });

  test('one thermostat for all: AUX through it, E around it, no jumper between them', () => {
    const all = of(twoBanks, gating([0, 35]));
    expect(all).toEqual(
      expect.arrayContaining([
        'thermostat.AUX–air-handler.AUX',
        'air-handler.AUX–outdoor-thermostats.1 in',
        'air-handler.W1–outdoor-thermostats.1 out',
        'thermostat.E–air-handler.W1',
        'air-handler.W1–air-handler.W2',
      ]),
    );
    expect(all).not.toContain('thermostat.AUX–thermostat.E');
  });

  test('separate thermostats: emergency heat over a relay that feeds each, and no jumper between the inputs', () => {
    const all = of(twoBanks, gating([1, 35], [2, 20]));
    expect(all).toEqual(
      expect.arrayContaining([
        'thermostat.E–emergency-relay.E',
        'emergency-relay.W1–air-handler.W1',
        'emergency-relay.W2–air-handler.W2',
      ]),
    );
    expect(all).not.toContain('air-handler.W1–air-handler.W2');
    expect(all).toContain('outdoor-thermostats.1 in–outdoor-thermostats.2 in');
  });

  test('thermostats at the unit have their own cable, with a spare', () => {
    const harness = plan(
      made(gating([0, 35]), { gates: { ...gating([0, 35]).gates, outdoorThermostatsAt: 'beside' } }),
    );
    expect(thermostatCables(harness).map(({ id }) => id)).toContain('switch-cable');
    expect(sparesOf(harness, 'switch-cable')).toHaveLength(1);
  });

  test('through a board with W-in: the call out and back, emergency heat straight home', () => {
    const all = of({ outdoorUnit: { wTerminals: 'W-in+W-out' } });
    expect(all).toEqual(
      expect.arrayContaining([
        'air-handler.AUX–outdoor-unit.W-in',
        'air-handler.W1–outdoor-unit.W-out',
        'thermostat.E–air-handler.W1',
      ]),
    );
    expect(of({ outdoorUnit: { wTerminals: 'W-in+W-out', stripsInDefrost: false } })).toContain(
      'thermostat.AUX–air-handler.W1',
    );
  });

  test('a thermostat’s W2 never lands on the heat input of the same name just by its name', () => {
    const all = of(twoBanks, gating([0, 35]), { thermostat: { heatTerminals: 'W2', assigned: 'emergency' } });
    expect(all).toContain('thermostat.W2–air-handler.AUX');
    expect(all).not.toContain('thermostat.W2–air-handler.W2');
  });

  test('groups: by output and by the thermostat in between', () => {
    expect(bankGroups(made(threeBanks, gating([0, 40], [3, 10])))).toEqual([
      { output: 'AUX', outdoorThermostat: 1, isHeld: false, banks: [1, 2] },
      { output: 'AUX', outdoorThermostat: 2, isHeld: false, banks: [3] },
    ]);
    expect(bankGroups(made({ heatKit: { elements: [] } }))).toEqual([]);
  });
});

describe('furnaces', () => {
  test('gas: the pressure-switch circuit is factory wiring, and no jumper; propane: through the low-gas switch', () => {
    expect(of(furnace)).not.toContain('furnace.PS1–furnace.PS2');
    const propane = of(furnace, { furnace: { fuel: 'propane' } });
    expect(propane).toEqual(expect.arrayContaining(['low-gas-switch.1–furnace.PS1', 'low-gas-switch.2–furnace.PS2']));
    expect(propane).not.toContain('furnace.PS1–furnace.PS2');
  });

  test('a burner control with its own transformer is closed by a dry contact only', () => {
    const all = of(furnace, { furnace: { fuel: 'fuel-oil', burnerControl: 'own-transformer' } });
    expect(all.filter((wire) => /furnace\.T[12]/.test(wire))).toEqual([
      'isolation-relay.1–furnace.T1',
      'isolation-relay.2–furnace.T2',
    ]);
    expect(all).toContain('interlock.W–isolation-relay.W');
  });

  test('W-out is left open with a reason, and two stages take two outputs or their own timer', () => {
    const harness = plan(made(furnace, { airHandler: { wInputs: 'W1+W2' } }));
    expect(wires(harness).some((wire) => wire.includes('W-out'))).toBe(false);
    expect(harness.notes.join(' ')).toMatch(/W-out stays open.*|stages itself by time/);
    expect(
      of(furnace, {
        airHandler: { wInputs: 'W1+W2' },
        thermostat: { heatTerminals: 'AUX1+AUX2+E', backupSetting: 'fossil' },
      }),
    ).toContain('thermostat.AUX2–furnace.W2');
  });
});

describe('one cabinet, sensor and lamp', () => {
  test('a packaged unit has one cable, and its own wiring between the boards', () => {
    const harness = plan(made(twoBanks, { system: { cabinet: 'packaged' }, outdoorUnit: { wTerminals: 'W-out' } }));
    expect(thermostatCables(harness).map(({ id }) => id)).toEqual(['thermostat-cable']);
    expect(harness.devices.map(({ id }) => id)).toEqual(['thermostat', 'packaged-unit']);
  });

  test('a wired sensor runs home through splices on two conductors of each cable', () => {
    const harness = plan(made({ thermostat: { outdoorSensor: 'wired' } }));
    expect(wires(harness)).toEqual(
      expect.arrayContaining(['thermostat.S1–air-handler.S1', 'air-handler.S2–outdoor-sensor.S2']),
    );
    expect(
      harness.devices
        .find(({ id }) => id === 'air-handler')!
        .terminals.filter(({ isSplice }) => isSplice)
        .map(({ mark }) => mark),
    ).toEqual(['S1', 'S2']);
  });

  test('a lamp needs both ends; with one, it stays open and is reported', () => {
    const lamp: Change = { outdoorUnit: { faultOutput: 'lamp' } };
    const wall: Change = { thermostat: { heatTerminals: 'W2', assigned: 'fault-lamp' } };
    expect(of(lamp, wall)).toEqual(
      expect.arrayContaining(['thermostat.X–air-handler.L', 'air-handler.L–outdoor-unit.L']),
    );
    expect(plan(made(lamp)).notes.join(' ')).toMatch(/Outdoor L stays open/);
    expect(plan(made(wall)).notes.join(' ')).toMatch(/Thermostat X stays open/);
  });
});
