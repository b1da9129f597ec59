import { assumedFacts, type Facts } from '../job/document';
import { plan } from './plan';
import { refusals } from './refusals';

/** A kind of system, by its parts. */
export interface Family {
  readonly id: string;
  readonly facts: Facts;
}

type Change = (facts: Facts) => Facts;
type Option = readonly [id: string, change: Change];

const at =
  <G extends keyof Facts>(group: G, change: Partial<Facts[G]>): Change =>
  (facts) => ({ ...facts, [group]: { ...facts[group], ...change } });
const both =
  (...changes: readonly Change[]): Change =>
  (facts) =>
    changes.reduce((made, change) => change(made), facts);

const element = (bank: number, order: number) => ({ kW: 4.8, bank, onS: 20 + 25 * order, offS: 60 - 20 * order });
const kit = (...banks: number[]) =>
  at('heatKit', { elements: banks.map(element), breakersAmps: banks.length > 2 ? [60, 25] : [60] });
const furnace = (fuel: Facts['furnace']['fuel']) =>
  both(at('system', { backup: 'furnace' }), at('thermostat', { backupSetting: 'fossil' }), at('furnace', { fuel }));

const THERMOSTATS: readonly Option[] = [
  ['aux-e', at('thermostat', { heatTerminals: 'AUX+E' })],
  ['aux1-aux2-e', at('thermostat', { heatTerminals: 'AUX1+AUX2+E', compressorOutputs: 2 })],
  ['w2', at('thermostat', { heatTerminals: 'W2', assigned: 'unused', power: 'battery' })],
  ['w2-emergency', at('thermostat', { heatTerminals: 'W2', assigned: 'emergency', rTerminals: 'Rc+Rh' })],
  ['w2-second-aux', at('thermostat', { heatTerminals: 'W2', assigned: 'second-aux' })],
  [
    'w2-lamp',
    both(at('thermostat', { heatTerminals: 'W2', assigned: 'fault-lamp' }), at('outdoorUnit', { faultOutput: 'lamp' })),
  ],
  [
    'no-heat-terminal',
    both(at('thermostat', { heatTerminals: 'none', hasSensorTerminals: false }), at('heatKit', { elements: [] })),
  ],
];

const VALVES: readonly Option[] = [
  ['o', both(at('outdoorUnit', { reversingValve: 'O' }), at('thermostat', { valveSetting: 'O' }))],
  ['b', both(at('outdoorUnit', { reversingValve: 'B' }), at('thermostat', { valveSetting: 'B' }))],
  ['o-own', both(at('outdoorUnit', { reversingValve: 'O' }), at('thermostat', { valveTerminals: 'O+B' }))],
  ['b-own', both(at('outdoorUnit', { reversingValve: 'B' }), at('thermostat', { valveTerminals: 'O+B' }))],
];

const INDOORS: readonly Option[] = [
  ['w1', both(at('airHandler', { wInputs: 'W1' }), kit(1, 1))],
  ['w1-w2', both(at('airHandler', { wInputs: 'W1+W2' }), kit(1, 2))],
  ['w1-w2-w3', both(at('airHandler', { wInputs: 'W1+W2+W3' }), kit(1, 2, 3))],
  ['gas', furnace('natural-gas')],
  ['gas-two-stage', both(furnace('natural-gas'), at('airHandler', { wInputs: 'W1+W2' }))],
  ['propane', furnace('propane')],
  ['oil', furnace('fuel-oil')],
  ['oil-own-transformer', both(furnace('fuel-oil'), at('furnace', { burnerControl: 'own-transformer' }))],
  ['oil-two-wire', both(furnace('fuel-oil'), at('furnace', { burnerControl: 'two-wire' }))],
  ['packaged', both(at('system', { cabinet: 'packaged' }), at('airHandler', { wInputs: 'W1+W2' }), kit(1, 2))],
  [
    'packaged-gas',
    both(at('system', { cabinet: 'packaged' }), furnace('natural-gas'), at('airHandler', { wInputs: 'W1' })),
  ],
  [
    'packaged-propane-two-stage',
    both(at('system', { cabinet: 'packaged' }), furnace('propane'), at('airHandler', { wInputs: 'W1+W2' })),
  ],
];

const OUTDOORS: readonly Option[] = [
  ['single', at('outdoorUnit', { stages: 'single' })],
  ['two-stage', at('outdoorUnit', { stages: 'two' })],
  ['inverter', at('outdoorUnit', { stages: 'inverter' })],
];

const BOARDS: readonly Option[] = [
  ['w-out', at('outdoorUnit', { wTerminals: 'W-out' })],
  ['w-in-out', at('outdoorUnit', { wTerminals: 'W-in+W-out' })],
  ['fault-heat', at('outdoorUnit', { wTerminals: 'W-out', faultOutput: 'heat' })],
  ['no-w', at('outdoorUnit', { wTerminals: 'none', stripsInDefrost: false })],
];

const closing = (...rows: readonly (readonly [bank: number, closesBelowF: number])[]) =>
  at('gates', { outdoorThermostats: rows.map(([bank, closesBelowF]) => ({ bank, closesBelowF })) });

const ADDED: readonly Option[] = [
  ['one-thermostat', closing([0, 35])],
  ['one-thermostat-beside', both(closing([0, 35]), at('gates', { outdoorThermostatsAt: 'beside' }))],
  ['two-thermostats', closing([1, 35], [2, 20])],
  ['second-bank-gated', closing([2, 25])],
  ['three-thermostats', closing([1, 35], [2, 20], [3, 5])],
  ['sensor', at('thermostat', { outdoorSensor: 'wired' })],
  ['float-in-r', at('system', { floatSwitch: 'R' })],
  ['float-in-y', at('system', { floatSwitch: 'Y' })],
  ['load-control', at('boxes', { loadControl: 'Y' })],
  ['strip-interlock', at('boxes', { heldBank: 2 })],
  ['zone-board', at('boxes', { zoneBoard: true })],
  ['relay-pair', at('boxes', { relayPair: true })],
  ['humidifier', at('boxes', { humidifier: 'alone' })],
  [
    'boxes',
    at('boxes', {
      humidifier: 'everything',
      ventilator: true,
      airCleaner: true,
      loadControl: 'Y',
      dehumidify: 'cooling',
    }),
  ],
  ['interlock-relay', at('furnace', { interlock: 'relay' })],
  ['no-interlock', at('furnace', { interlock: 'none' })],
  ['cold-defrost', at('outdoorUnit', { stripsInDefrost: false })],
  ['furnace-in-defrost', at('furnace', { interlock: 'none', tempersDefrost: true })],
  ['full-stage-defrost', at('outdoorUnit', { stages: 'two', defrostFullStage: true })],
  ['no-blower-interlock', at('heatKit', { hasInterlock: false })],
];

/** Cables with enough conductors, a matching transformer, and a house that the heat pump carries alone. */
const roomy = both(
  at('cables', { thermostatConductors: 10, outdoorConductors: 10, thermostatLengthFt: 40, outdoorLengthFt: 30 }),
  at('house', { designBtuh: 12_000 }),
  at('airHandler', { transformerVA: 75, fuseAmps: 5, auxCfm: 1600, heatCfm: 1200 }),
);

/** Identity of a harness, independent of its facts. */
const signature = (facts: Facts): string => {
  const { devices, conductors, jumpers } = plan(facts);
  return JSON.stringify([
    devices.map(({ id, coils, contacts }) => [
      id,
      coils.map((coil) => [coil.id, coil.label, coil.va]),
      contacts.map((contact) => contact.id),
    ]),
    conductors,
    jumpers,
  ]);
};

const made = (options: readonly Option[]): Family => ({
  id: options.map(([id]) => id).join('+'),
  facts: options.reduce((facts, [, change]) => change(facts), roomy(assumedFacts())),
});

const cross = (...lists: readonly (readonly Option[])[]): Option[][] =>
  lists.reduce<Option[][]>(
    (combinations, list) => combinations.flatMap((combination) => list.map((option) => [...combination, option])),
    [[]],
  );

/**
 * Every distinct system that the planner can wire: all sensible combinations of thermostats, indoor units, outdoor
 * units and boards, alternating valves; and each added part with every thermostat and indoor unit.
 */
export const families = (): Family[] => {
  const plain = cross(INDOORS, THERMOSTATS, OUTDOORS, BOARDS);
  const added = cross(INDOORS, THERMOSTATS, [OUTDOORS[0]!], BOARDS.slice(0, 2), ADDED);
  const seen = new Set<string>();
  return [...plain, ...added]
    .map((options, at) => made([...options, VALVES[at % VALVES.length]!]))
    .filter(({ facts }) => {
      if (refusals(facts).length > 0) return false;
      const key = signature(facts);
      if (seen.has(key)) return false;
      seen.add(key);
      return true;
    });
};

/** The family of an id, by its options; undefined if one is unknown. */
export const familyById = (id: string): Family | undefined => {
  const all = new Map(
    [...INDOORS, ...THERMOSTATS, ...OUTDOORS, ...BOARDS, ...ADDED, ...VALVES].map((option) => [option[0], option]),
  );
  const options = id.split('+').map((name) => all.get(name));
  return options.every((option) => option !== undefined) ? made(options) : undefined;
};
