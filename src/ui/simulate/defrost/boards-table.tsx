import type { BoardMonth } from '@/core/simulation/day/board-months';
import { LocalizedDegrees } from '../../degrees/degrees';
import { Scroller } from '../../kit/scroller';

const HEADS = [
  'kWh',
  '$',
  'Defrosts',
  'Timed out',
  'Peak frost, lb',
  'Frost left, lb',
  'Defrost, min',
  'Cold air, min',
];

const figures = (month: BoardMonth): readonly string[] => [
  month.kWh.toFixed(0),
  month.dollars.toFixed(2),
  String(month.defrosts),
  String(month.cappedDefrosts),
  month.mostFrostLb.toFixed(1),
  month.leftFrostLb.toFixed(1),
  String(month.defrostMin),
  String(month.coldAirMin),
];

/** A month under each board, and with faults that leave frost. */
export const BoardsTable = ({ months }: { months: readonly BoardMonth[] }) => (
  <Scroller label="A month of defrosts">
    <table className="w-full min-w-[44rem] border-collapse text-sm">
      <thead>
        <tr className="align-bottom">
          <td />
          {HEADS.map((head) => (
            <th key={head} scope="col" className="px-2 py-1 text-right font-label text-base font-semibold">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {months.map((month) => (
          <tr key={month.id} className="border-t border-line align-top">
            <th scope="row" className="max-w-72 py-1.5 pr-2 text-left font-normal">
              <span className="font-medium">{month.label}</span>
              {month.isSnowballing && <span className="font-semibold text-fail"> ▲ ice builds up</span>}
              <span className="block text-xs text-quiet">
                <LocalizedDegrees>{month.about}</LocalizedDegrees>
              </span>
            </th>
            {figures(month).map((figure, at) => (
              <td key={HEADS[at]} className="px-2 py-1.5 text-right font-mono">
                {figure}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </Scroller>
);
