import { assumedFacts, type FactPath } from '../job/document';
import type { Sample } from './sample';

const assumed = assumedFacts();

/** At the desk: the house is known, the equipment ordered, nobody has been there. */
export const planned: Sample = {
  id: 'juniper-flume',
  about: 'Planned at the desk: O valve, one bank, most of the yard still assumed.',
  fileId: '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001',
  facts: {
    ...assumed,
    site: {
      jobName: 'Okafor-Lind, Juniper Flume',
      customer: 'Vesna Okafor-Lind',
      street: '14 Juniper Flume Road',
      town: 'Sorrel Basin',
      phone: '555-0114',
      crew: 'Basin crew, 555-0100',
      elevationFt: 5900,
      notes: 'Replaces a resistance furnace. Attic hatch in the hall; ladder on site.',
    },
    house: { ...assumed.house, designOutdoorF: 4, designBtuh: 31_500, noLoadF: 61, heatSetpointF: 68 },
    outdoorUnit: {
      ...assumed.outdoorUnit,
      name: 'Larkspur 30, single stage',
      ratingPoints: [
        { outdoorF: 47, btuh: 28_800, kW: 2.35 },
        { outdoorF: 17, btuh: 17_400, kW: 2.1 },
      ],
    },
    airHandler: {
      ...assumed.airHandler,
      name: 'Larkspur cabinet 30',
      heatCfm: 1050,
      auxCfm: 1050,
      coolCfm: 1050,
      fanCfm: 750,
      blowerAmps: 2.4,
      allowedKitsKW: [4.8, 9.6, 14.4],
      maxSupplyF: 140,
    },
    heatKit: { ...assumed.heatKit, name: 'Two-element kit, 9.6 kW', plateKW: 9.6, conductorsAwg: [6], minCfm: 850 },
    thermostat: { ...assumed.thermostat, outdoorSensor: 'wired' },
    gates: { ...assumed.gates, compressorBelowF: 35, auxAboveF: 30 },
    cables: {
      ...assumed.cables,
      thermostatConductors: 10,
      outdoorConductors: 8,
      thermostatLengthFt: 45,
      outdoorLengthFt: 30,
    },
    prices: { ...assumed.prices, electricPerKWh: 0.14 },
  },
  confirmed: [
    'site.jobName',
    'site.customer',
    'site.street',
    'site.town',
    'site.phone',
    'site.crew',
    'site.elevationFt',
    'site.notes',
    'house.designOutdoorF',
    'house.designBtuh',
    'house.noLoadF',
    'outdoorUnit.name',
    'outdoorUnit.ratingPoints',
    'airHandler.name',
    'heatKit.name',
    'gates.compressorBelowF',
    'gates.auxAboveF',
    'thermostat.outdoorSensor',
    'prices.electricPerKWh',
  ] satisfies FactPath[],
  handedOverAt: null,
  visits: [],
  readings: [],
};
