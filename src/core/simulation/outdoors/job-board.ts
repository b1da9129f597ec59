import type { BoardProgram } from '../../control/in-time/board-program';
import type { Facts } from '../../job/document';

/** Typical values of a demand board, °F and min. Our judgment: manufacturers do not publish them. */
const DEMAND = { marginF: 6, leastMin: 34, coldF: 35, forceAfterMin: 360, settleMin: 10 } as const;

/** A job's defrost board. Each option is a fact on the Survey. */
export const jobBoard = ({ outdoorUnit }: Facts): BoardProgram => {
  const frame = {
    capMin: outdoorUnit.defrostCapMin,
    onCallLoss: outdoorUnit.defrostOnCallLoss,
    pauseMaxMin: null,
  };
  return outdoorUnit.defrostControl === 'demand'
    ? { ...frame, ...DEMAND, kind: 'demand', cleanSplitF: null, endsF: outdoorUnit.defrostOpensF }
    : {
        ...frame,
        kind: 'time-temperature',
        intervalMin: outdoorUnit.defrostIntervalMin,
        earlyShare: 1,
        counts: outdoorUnit.defrostCounts,
        whenDue: outdoorUnit.defrostWhenDue,
        closesF: outdoorUnit.defrostClosesF,
        opensF: outdoorUnit.defrostOpensF,
      };
};
