'use client';

import { useDegreeChoice } from './degrees';

/** The present scale; a tap switches. Stored values never change. */
export const DegreesButton = () => {
  const { scale, choose } = useDegreeChoice();
  const other = scale === 'F' ? 'C' : 'F';
  return (
    <button
      type="button"
      className="bare-button font-mono text-base"
      onClick={() => choose(other)}
      aria-label={`Temperature scale: °${scale}. Change to °${other}`}
      title={`Change to °${other}`}
    >
      °{scale}
    </button>
  );
};
