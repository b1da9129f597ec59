'use client';

import { useDegreeChoice } from './degrees';

/** The scale in use; a tap goes to the other. What is stored never changes. */
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
