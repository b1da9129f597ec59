import { array, boolean, object, string } from 'yup';
import { type Balance, balance } from '../../balance/balance';
import { type Parsed, parseWith } from '../../border/parse';
import { bounded, positive } from '../../border/schema';
import { FUEL_BTU_PER_UNIT, type FuelKind } from '../../units/constants';

const outdoorF = () => bounded(-100, 150, '°F');

const schema = object({
  load: object({
    designOutdoorF: outdoorF().required('must be given, °F'),
    designBtuh: positive(1e7, 'Btu/h').required('must be given, Btu/h'),
    noLoadF: outdoorF()
      .required('must be given, °F')
      .test(
        'above-design',
        'must lie above the design temperature',
        (value, { parent }) => !(value <= parent.designOutdoorF),
      ),
  }).required('must be given'),
  heatPump: object({
    points: array(
      object({
        outdoorF: outdoorF().required('must be given, °F'),
        btuh: positive(1e7, 'Btu/h').required('must be given, Btu/h'),
        kW: positive(1000, 'kW').required('must be given, kW'),
      }),
    )
      .min(2, 'must have at least two rating points')
      .max(50)
      .required('must be a list of rating points')
      .test(
        'distinct',
        'two rating points share one outdoor temperature',
        (points) => new Set(points?.map((point) => point?.outdoorF)).size === points?.length,
      ),
    frost: boolean().typeError('must be true or false').required('must be true or false'),
    minOutdoorF: outdoorF().nullable(),
  }).required('must be given'),
  banksKW: array(positive(100, 'kW').required('must be given, kW'))
    .max(12)
    .required('must be a list of kW; empty without strips'),
  gates: object({
    compressorBelowF: outdoorF().nullable(),
    auxAboveF: outdoorF().nullable(),
    banksCloseBelowF: array(outdoorF().nullable().defined('must be °F or null')),
  }).default(undefined),
  electricPerKWh: positive(100).when('fuel', {
    is: (fuel: unknown) => fuel !== undefined,
    then: (price) => price.required('must be given where there is fuel'),
  }),
  fuel: object({
    kind: string()
      .oneOf(Object.keys(FUEL_BTU_PER_UNIT) as FuelKind[], 'must be natural-gas, propane or fuel-oil')
      .required('must be natural-gas, propane or fuel-oil'),
    pricePerUnit: positive(1000).required('must be given'),
    efficiency: positive(1.2).required('must be given'),
    outputBtuh: positive(1e7, 'Btu/h').required('must be given, Btu/h'),
  }).default(undefined),
});

/** The answer of a balance case, under the names used in case files. */
export interface BalanceAnswer extends Omit<Balance, 'gapsF'> {
  readonly holesF: Balance['gapsF'];
}

/** Calculates the `input` of a balance case. */
export const calcBalance = (input: unknown): Parsed<BalanceAnswer> => {
  const parsed = parseWith(schema, input);
  if (!parsed.ok) return parsed;
  const { gates, heatPump, ...rest } = parsed.value;
  const { banksCloseBelowF, ...lockouts } = gates ?? {};
  const { gapsF, ...answer } = balance({
    ...rest,
    heatPump: { ...heatPump, minOutdoorF: heatPump.minOutdoorF ?? null },
    lockouts: { ...lockouts, ...(banksCloseBelowF ? { banksCloseBelowF } : {}) },
  });
  return { ok: true, value: { ...answer, holesF: gapsF } };
};
