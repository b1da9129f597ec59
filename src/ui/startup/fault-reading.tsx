import { LocalizedDegrees } from '../degrees/degrees';

/** What an item reads under the simulation. */
export const FaultReading = ({ tried }: { tried: string | undefined }) =>
  tried === undefined ? null : (
    <p className="text-sm text-ember">
      With this fault:{' '}
      <span className="font-mono font-semibold">
        <LocalizedDegrees>{tried}</LocalizedDegrees>
      </span>
    </p>
  );
