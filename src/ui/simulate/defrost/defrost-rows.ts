import type { Facts } from '@/core/job/document';
import type { DayTrace } from '@/core/simulation/day/day';
import { SOURCE_COLOR } from '../../theme/source-colors';
import { type CurveRow, type StripRow, stripRows } from '../strip-rows';

const running = ({ compressorStage }: DayTrace): number[] => Array.from(compressorStage, (stage) => +(stage > 0));

const coil: CurveRow = {
  kind: 'curve',
  id: 'coil',
  label: 'Outdoor coil',
  heightPx: 84,
  unit: '°F',
  isTemperature: true,
  decimals: 0,
  leastSpan: 20,
  lines: [{ id: 'coil', colour: SOURCE_COLOR.defrost, values: ({ coilF }) => coilF }],
};

/** Rows of one defrost: board outputs, strips, and the coil, frost and register. */
export const defrostRows = (facts: Facts): readonly StripRow[] => {
  const rows = stripRows(facts);
  const of = (...ids: readonly string[]) => rows.filter(({ id }) => ids.includes(id));
  return [
    ...of('compressor'),
    {
      kind: 'lane',
      id: 'valve',
      label: 'Valve in cooling',
      colour: SOURCE_COLOR.defrost,
      levels: ({ inDefrost }) => inDefrost.map(Number),
      most: 1,
      says: ({ inDefrost }, tick) => (inDefrost[tick] ? 'cooling' : 'heating'),
    },
    {
      kind: 'lane',
      id: 'fan',
      label: 'Outdoor fan',
      colour: SOURCE_COLOR.blower,
      levels: (trace) => running(trace).map((is, tick) => (trace.inDefrost[tick] ? 0 : is)),
      most: 1,
      says: (trace, tick) => (trace.compressorStage[tick]! > 0 && !trace.inDefrost[tick] ? 'on' : 'off'),
    },
    ...of('strips', 'furnace'),
    coil,
    ...of('frost', 'supply', 'power'),
  ];
};
