'use client';

import dynamic from 'next/dynamic';
import type { FactChange } from '@/core/job/document';
import type { Fitted } from '@/core/simulation/house/fit-house';
import type { MeasuredHouse } from '@/core/simulation/house/measured-house';
import { apartOnScale } from '@/core/units/degrees';
import { useDegrees } from '../../degrees/degrees';

const RoomChart = dynamic(() => import('./room-chart'), {
  ssr: false,
  loading: () => <p className="min-h-80 text-quiet">Drawing …</p>,
});

const rounded = (value: number, step: number) => (Math.round(value / step) * step).toLocaleString('en-US');

const plusMinus = ({ value, spread }: Fitted, step: number) =>
  `${rounded(value, step)} ± ${rounded(Math.max(step, spread), step)}`;

interface FittedRowProps {
  readonly label: string;
  readonly fitted: Fitted;
  /** Rounding of the fitted value. */
  readonly step: number;
  readonly onJob: string;
  /** What the button uses, such as “this heat loss”. */
  readonly uses: string;
  readonly onUse: () => void;
}

const FittedRow = ({ label, fitted, step, onJob, uses, onUse }: FittedRowProps) => (
  <tr className="border-t border-line">
    <th scope="row" className="py-1.5 text-left font-sans font-normal">
      {label}
    </th>
    <td>{plusMinus(fitted, step)}</td>
    <td>{onJob}</td>
    <td>
      <button
        type="button"
        className="plain-button px-3 font-sans"
        aria-label={`Use ${uses} on the Survey`}
        onClick={onUse}
      >
        Use this
      </button>
    </td>
  </tr>
);

interface FittedHouseProps {
  /** Name of the logger file. */
  readonly name: string;
  readonly house: MeasuredHouse;
  readonly onTake: (changes: readonly FactChange[], words: string) => void;
}

/** Loss and mass fitted to a logger file, beside the job's own. */
export const FittedHouse = ({ name, house, onTake }: FittedHouseProps) => {
  const { scale, unit } = useDegrees();
  return (
    <>
      <h3 className="mt-4 font-label text-lg font-semibold">{name}</h3>
      <table className="w-full text-sm">
        <thead>
          <tr className="text-left">
            <td />
            <th scope="col" className="eyebrow font-semibold">
              Measured
            </th>
            <th scope="col" className="eyebrow font-semibold">
              On this job
            </th>
            <td />
          </tr>
        </thead>
        <tbody className="font-mono">
          <FittedRow
            label="Heat loss at design, Btu/h"
            fitted={house.designBtuh}
            step={100}
            onJob={Math.round(house.jobDesignBtuh).toLocaleString('en-US')}
            uses="this heat loss"
            onUse={() =>
              onTake(
                [
                  { path: 'house.designBtuh', value: Math.round(house.designBtuh.value / 100) * 100 },
                  { path: 'load.from', value: 'heat-loss' },
                ],
                'Heat loss now used on the Survey',
              )
            }
          />
          <FittedRow
            label="Holds its heat for, h"
            fitted={house.timeConstantH}
            step={1}
            onJob={String(Math.round(house.jobTimeConstantH))}
            uses="these hours"
            onUse={() =>
              onTake(
                [{ path: 'house.timeConstantH', value: Math.round(house.timeConstantH.value) }],
                'Hours now used on the Survey',
              )
            }
          />
        </tbody>
      </table>
      <p className="mt-2 text-sm">
        Average fit error {apartOnScale(scale, house.residualF).toFixed(2)} {unit}. ± is one standard error of the fit
        only; it does not cover a wrong capacity on the Survey, and in damp weather frost shows up as heat loss. Dry
        cold weather gives the best result.
      </p>
      <div aria-hidden className="min-h-80">
        <RoomChart house={house} />
      </div>
    </>
  );
};
