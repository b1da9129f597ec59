import type { BoardProgram } from '../control/in-time/board-program';
import type { Facts } from '../job/document';

/** What boards have in common, and each kind's usual figures. Our judgement where the Sheet has no fact. */
const FRAME = { capMin: 10, onCallLoss: 'resumes', pauseMaxMin: null } as const;

/** The defrost board of a job. */
export const jobBoard = ({ outdoorUnit }: Facts): BoardProgram =>
  outdoorUnit.defrostControl === 'demand'
    ? {
        ...FRAME,
        kind: 'demand',
        cleanSplitF: null,
        marginF: 6,
        leastMin: 34,
        coldF: 35,
        endsF: 60,
        forceAfterMin: 360,
        settleMin: 10,
      }
    : {
        ...FRAME,
        kind: 'time-temperature',
        intervalMin: outdoorUnit.defrostIntervalMin,
        earlyShare: 1,
        counts: 'run',
        whenDue: 'wait',
        closesF: 30,
        opensF: 60,
      };
