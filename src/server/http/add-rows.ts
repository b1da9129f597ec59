import { randomUUID } from 'node:crypto';
import { signedReading } from '../../core/job/countersign';
import type { Reading } from '../../core/job/reading';
import type { JobHistory } from '../../core/job/stored-job';
import type { Visit } from '../../core/job/visit';
import { completeVisit } from '../../core/job/visit-schema';
import { addToJob, type Kept } from '../repositories/add-to-job';
import { audit } from '../repositories/audit';
import { nameOfJob } from '../repositories/jobs';
import { listPeople } from '../repositories/people';
import { type Asking, missing } from './respond';

/** What a device sends with its rows. */
interface FromDevice {
  readonly visits?: readonly Visit[] | undefined;
  readonly sentAt?: string | undefined;
}

/**
 * Adds readings or marks to a job; answers with the stored rows, each on its visit, and all visits.
 * @param complete makes a row from input; given a visit for one that names none, as from an older client, which is then
 *   placed by its time
 */
export const addRows = async <K extends Kept, Input extends { readonly id: string }>(
  { principal, scope }: Asking,
  jobId: string,
  kept: K,
  inputs: readonly Input[],
  complete: (input: Input, visit: string) => JobHistory[K][number],
  { visits = [], sentAt }: FromDevice,
): Promise<Response> => {
  const unknown = randomUUID();
  const { name, role } = principal;
  const names = new Set((await listPeople(scope)).map((person) => person.name));
  type Row = JobHistory[K][number];
  // The signed-in person entered it; only someone of the crew can have done it.
  const signed = (row: Row, known: ReadonlyMap<string, Row>): Row =>
    'item' in row
      ? signedReading(row, known.get(row.replaces ?? '') as Reading | undefined, {
          name,
          isApprentice: role === 'apprentice',
          names,
        })
      : { ...row, author: names.has(row.author) ? row.author : name, enteredBy: name };
  const landed = await addToJob(scope, jobId, kept, {
    rows: inputs.map((input) => complete(input, unknown)) as unknown as JobHistory[K],
    visits: visits.map((visit) => ({ ...completeVisit(visit), author: name })),
    sentAt: sentAt ?? null,
    signed,
  });
  if (landed && landed.afterHandover > 0)
    await audit(scope, name, `entered ${landed.afterHandover} after it was handed over`, await nameOfJob(scope, jobId));
  return landed
    ? Response.json({ saved: inputs.map(({ id }) => id), rows: landed.rows, visits: landed.visits }, { status: 201 })
    : missing();
};
