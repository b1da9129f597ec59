'use client';

import { useJob } from '../job/provider';

/** Bounds of the room's temperature, °F. */
const ROOM_F = [40, 95] as const;

/** The moment's room temperature. */
export const RoomField = () => {
  const indoorF = useJob((job) => job.moment.indoorF);
  const setMoment = useJob((job) => job.setMoment);
  return (
    <label className="flex items-center gap-2 text-sm text-quiet max-lg:hidden">
      Room
      <input
        type="number"
        value={indoorF}
        min={ROOM_F[0]}
        max={ROOM_F[1]}
        onChange={(event) =>
          event.target.value !== '' &&
          setMoment({ indoorF: Math.min(ROOM_F[1], Math.max(ROOM_F[0], Math.round(Number(event.target.value)))) })
        }
        className="field-box w-18 font-mono"
      />
      °F
    </label>
  );
};
