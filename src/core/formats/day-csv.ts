import Papa from 'papaparse';
import { clock24At, dayAt } from '../simulation/clock';
import type { DayRun } from '../simulation/day/day';
import { roundTo } from '../units/round';
import { FORMULA_CELL } from './csv-cell';

/** A run as CSV, one line per tick. */
export const dayCsv = ({ trace, stepMin }: DayRun): string =>
  Papa.unparse(
    {
      fields: [
        'day',
        'time',
        'minute',
        'room °F',
        'setpoint °F',
        'outdoor °F',
        'supply °F',
        'coil °F',
        'frost lb',
        'compressor',
        'banks on',
        'furnace',
        'defrost',
        'signals',
        'kW',
        'fuel Btu/h',
        'heat Btu/h',
      ],
      data: Array.from(trace.roomF, (roomF, tick) => [
        dayAt(tick * stepMin),
        clock24At(tick * stepMin),
        roundTo(tick * stepMin, 3),
        roundTo(roomF, 2),
        roundTo(trace.setpointF[tick]!, 2),
        roundTo(trace.outdoorF[tick]!, 2),
        roundTo(trace.supplyF[tick]!, 1),
        roundTo(trace.coilF[tick]!, 1),
        roundTo(trace.frostLb[tick]!, 3),
        roundTo(trace.compressorStage[tick]!, 3),
        trace.banksOn[tick],
        trace.furnaceStage[tick],
        trace.inDefrost[tick] ? 1 : 0,
        trace.signals[tick],
        roundTo(trace.kW[tick]!, 3),
        Math.round(trace.fuelBtuh[tick]!),
        Math.round(trace.heatBtuh[tick]!),
      ]),
    },
    { newline: '\r\n', escapeFormulae: FORMULA_CELL },
  );
