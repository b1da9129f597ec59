'use client';

import { OUTDOOR_BOUNDS_F } from '@/core/control/moment';
import { percentAlong, type SpanF } from '@/core/units/span';
import { useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { sliderKeyF } from './slider-key';
import type { useScaleDrag } from './use-scale-drag';

/** Position of the needle on a scale: it moves by itself, before everything that follows it. */
const useNeedle = (spanF: SpanF): { readonly outdoorF: number; readonly left: string } => {
  const outdoorF = useJob((job) => job.moment.outdoorF);
  return { outdoorF, left: `${percentAlong(spanF, outdoorF)}%` };
};

/** Only the needle’s line, over a drawing on the ruler’s scale. */
export const NeedleLine = ({ spanF }: { spanF: SpanF }) => (
  <span
    className="pointer-events-none absolute inset-y-0 w-0.5 -translate-x-1/2 bg-ink"
    style={{ left: useNeedle(spanF).left }}
  />
);

/** The needle on the folded ruler. */
export const SlimNeedle = ({ spanF }: { spanF: SpanF }) => (
  <span className="absolute inset-y-0 w-[3px] -translate-x-1/2 bg-ink" style={{ left: useNeedle(spanF).left }}>
    <span className="absolute -top-0.5 left-1/2 size-2.5 -translate-x-1/2 rotate-45 border border-paper bg-ink" />
  </span>
);

/** The needle on the ruler: draggable, movable by keys, with its figure on top. */
export const Needle = ({
  spanF,
  place,
  drag,
}: {
  spanF: SpanF;
  place: string | undefined;
  drag: ReturnType<typeof useScaleDrag>;
}) => {
  const { outdoorF, left } = useNeedle(spanF);
  const setMoment = useJob((job) => job.setMoment);
  const degrees = useDegrees();
  return (
    <>
      <button
        type="button"
        role="slider"
        aria-label={`Outdoor temperature${place ? ` ${place}` : ''}, ${degrees.unit}`}
        aria-valuemin={OUTDOOR_BOUNDS_F[0]}
        aria-valuemax={OUTDOOR_BOUNDS_F[1]}
        aria-valuenow={outdoorF}
        aria-valuetext={degrees.text(outdoorF)}
        className="absolute inset-y-0 w-11 -translate-x-1/2 cursor-ew-resize touch-none"
        style={{ left, clipPath: 'inset(0 0 calc(100% - 2.6rem) 0)' }}
        onKeyDown={(event) => {
          const toF = sliderKeyF(degrees.scale, event.key, outdoorF, OUTDOOR_BOUNDS_F);
          if (toF === null) return;
          event.preventDefault();
          setMoment({ outdoorF: toF });
        }}
        {...drag}
      />
      <span className="pointer-events-none absolute inset-y-0 w-0.5 -translate-x-1/2 bg-ink" style={{ left }}>
        <span className="absolute top-0 left-1/2 -translate-x-1/2 rounded-sm bg-ink px-1.5 py-0.5 font-mono text-sm font-semibold whitespace-nowrap text-paper">
          {degrees.figure(outdoorF)}°
        </span>
      </span>
    </>
  );
};
