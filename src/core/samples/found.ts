import { assumedFacts, type FactPath } from '../job/document';
import type { WireRow } from '../job/facts/wiring';
import type { Sample } from './sample';

const assumed = assumedFacts();

const wire = (cable: string, colour: string, from: string, to: string): WireRow => ({ cable, colour, from, to });

/** As-found wiring: someone landed W-out, and took the interlock's wire off W1. */
const IN_THE_WALL: readonly WireRow[] = [
  wire('thermostat-cable', 'red', 'thermostat.R', 'furnace.R'),
  wire('thermostat-cable', 'blue', 'thermostat.C', 'furnace.C'),
  wire('thermostat-cable', 'yellow', 'thermostat.Y', 'furnace.Y'),
  wire('thermostat-cable', 'orange', 'thermostat.O/B', 'furnace.O'),
  wire('thermostat-cable', 'green', 'thermostat.G', 'furnace.G'),
  wire('thermostat-cable', 'white', 'thermostat.AUX', 'furnace.W1'),
  wire('thermostat-cable', 'brown', '', ''),
  wire('thermostat-cable', 'black', '', ''),
  wire('outdoor-cable', 'red', 'furnace.R', 'outdoor-unit.R'),
  wire('outdoor-cable', 'blue', 'furnace.C', 'outdoor-unit.C'),
  wire('outdoor-cable', 'yellow', 'interlock.Y-out', 'outdoor-unit.Y'),
  wire('outdoor-cable', 'white', 'furnace.O', 'outdoor-unit.O'),
  wire('outdoor-cable', 'green', 'furnace.W1', 'outdoor-unit.W-out'),
  wire('outdoor-cable', 'brown', '', ''),
  wire('leads-interlock', 'yellow', 'interlock.Y-in', 'furnace.Y'),
  wire('leads-interlock', 'white', 'interlock.W', ''),
  wire('leads-interlock', 'blue', 'interlock.C', 'furnace.C'),
  wire('leads-low-gas-switch', 'black', 'low-gas-switch.1', 'furnace.PS1'),
  wire('leads-low-gas-switch', 'brown', 'low-gas-switch.2', 'furnace.PS2'),
  wire('jumper', '', 'thermostat.AUX', 'thermostat.E'),
];

/** Dual fuel, call-back: the compressor stops in every defrost, and the wiring was never recorded. */
export const found: Sample = {
  id: 'tamarack-spur',
  about: 'Call-back: dual fuel on propane; as-found wiring does not match the plan.',
  fileId: '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1004',
  facts: {
    ...assumed,
    site: {
      jobName: 'Halloran-Ibe, Tamarack Spur',
      customer: 'Dunja Halloran-Ibe',
      street: '31 Tamarack Spur',
      town: 'Sorrel Basin',
      phone: '555-0147',
      crew: 'Basin crew, 555-0100',
      elevationFt: 5980,
      notes: 'Compressor stops in mid-defrost. Furnace in the crawlspace; bring the low ladder.',
    },
    house: { ...assumed.house, designOutdoorF: 4, designBtuh: 38_000, noLoadF: 62, heatSetpointF: 68 },
    system: { ...assumed.system, backup: 'furnace' },
    outdoorUnit: {
      ...assumed.outdoorUnit,
      name: 'Sandpiper 36',
      ratingPoints: [
        { outdoorF: 47, btuh: 34_200, kW: 2.8 },
        { outdoorF: 17, btuh: 20_800, kW: 2.5 },
      ],
    },
    airHandler: { ...assumed.airHandler, name: 'Sandpiper furnace 60', heatCfm: 1200, auxCfm: 1150, coolCfm: 1200 },
    furnace: { ...assumed.furnace, fuel: 'propane', outputBtuh: 52_000, efficiency: 0.92 },
    thermostat: {
      ...assumed.thermostat,
      name: 'Kitchen thermostat',
      outdoorSensor: 'wireless',
      backupSetting: 'fossil',
    },
    gates: { ...assumed.gates, compressorBelowF: 20, auxAboveF: 45 },
    cables: { ...assumed.cables, thermostatLengthFt: 45, outdoorLengthFt: 30 },
    prices: { ...assumed.prices, electricPerKWh: 0.14, fuelPerUnit: 2.6 },
    wiring: { asFound: IN_THE_WALL, waivers: [] },
  },
  confirmed: [
    'site.jobName',
    'site.customer',
    'site.street',
    'site.town',
    'site.elevationFt',
    'house.designOutdoorF',
    'house.designBtuh',
    'system.backup',
    'outdoorUnit.name',
    'outdoorUnit.ratingPoints',
    'airHandler.name',
    'furnace.fuel',
    'furnace.outputBtuh',
    'thermostat.backupSetting',
    'gates.compressorBelowF',
    'gates.auxAboveF',
    'wiring.asFound',
  ] satisfies FactPath[],
  handedOverAt: null,
  visits: [],
  readings: [],
};
