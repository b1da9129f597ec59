import { DEFAULT_MOMENT } from '../control/moment';
import { said } from '../job/test-readings';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { startupOf } from './startup-of';

const { facts } = SAMPLES[1]!;
const gradeOf = (idleV: number | null, loadedV: number) =>
  startupOf(
    jobModel(facts),
    [...(idleV === null ? [] : [said('supply-volts/outdoor', idleV)]), said('heat/volts-outdoor', loadedV)],
    DEFAULT_MOMENT,
  )
    .flatMap(({ items }) => items)
    .find(({ key }) => key === 'heat/volts-outdoor')!.verdict!.grade;

test.each([
  [240, 238, 'pass'],
  [240, 234, 'pass'],
  [240, 230, 'warn'],
  [245, 221, 'fail'],
  [240, 216, 'fail'],
  [null, 238, 'pass'],
  [null, 200, 'fail'],
] as const)('%p V at rest, %i V under load: %s', (idle, loaded, grade) => expect(gradeOf(idle, loaded)).toBe(grade));
