'use client';

import { INDOOR_BOUNDS_F } from '@/core/control/moment';
import { useDegrees } from '../degrees/degrees';
import { NumberBox } from '../fields/number-box';
import { useJob } from '../job/provider';

/** The moment's room temperature. */
export const RoomField = () => {
  const indoorF = useJob((job) => job.moment.indoorF);
  const setMoment = useJob((job) => job.setMoment);
  const { unit } = useDegrees();
  return (
    <span className="flex items-center gap-2 text-sm text-quiet max-lg:hidden">
      Room
      <span className="w-32">
        <NumberBox
          label={`Room, ${unit}`}
          hidesLabel
          value={indoorF}
          unit="°F"
          step={1}
          min={INDOOR_BOUNDS_F[0]}
          max={INDOOR_BOUNDS_F[1]}
          onCommit={(value) => typeof value === 'number' && setMoment({ indoorF: value })}
        />
      </span>
    </span>
  );
};
