import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { TEST_CREW } from '@/server/repositories/test-jobs';
import { findingsOf } from '../../core/check';
import { DEFAULT_MOMENT } from '../../core/control/moment';
import { documentOf, parseJobFileText } from '../../core/formats/job-file';
import { factValue, type JobDocument, sameValue } from '../../core/job/document';
import { jobModel } from '../../core/model/job-model';
import { observed } from '../../core/model/observation-key';
import { startupOf } from '../../core/startup/startup-of';
import { inCrew } from '../crew';
import { closeDatabase } from '../database';
import { models } from '../models';
import { createJob, getJob } from './jobs';
import { saveJob } from './save-job';

afterAll(closeDatabase);

/** A job file of a version before unified names and today's facts. */
const olderText = (name: string) => readFileSync(join(__dirname, 'older', `${name}.json`), 'utf8');

/** The same job twice: stored by that version, and imported from its file today. */
const bothWays = async (name: string) => {
  const text = olderText(name);
  const raw = JSON.parse(text);
  const parsed = parseJobFileText(text);
  if (!parsed.ok) throw new Error(parsed.error);
  const { readings, settingMarks, visits } = parsed.value;
  const history = { readings, settingMarks, visits };
  const stored: JobDocument = { fileVersion: raw.fileVersion, facts: raw.facts, confirmed: raw.confirmed };
  const jobs = [stored, documentOf(parsed.value)].map(async (document) => {
    const { job } = (await createJob(TEST_CREW, randomUUID(), document, history, null, 'tester'))!;
    return (await getJob(TEST_CREW, job.id))!;
  });
  return { raw, jobs: await Promise.all(jobs) };
};

describe('a job of an older version', () => {
  test('keeps every reading as it was recorded, and each counts for what it was a reading of', async () => {
    const { raw, jobs } = await bothWays('proved');
    for (const { document, readings } of jobs) {
      expect(readings).toHaveLength(raw.readings.length);
      expect(readings).toEqual(raw.readings.map((reading: object) => expect.objectContaining(reading)));
      const { facts } = document;
      const read = startupOf(jobModel(facts), readings, DEFAULT_MOMENT).flatMap(({ items }) =>
        items.flatMap(({ key, reading }) => (reading ? [key] : [])),
      );
      const replaced = new Set(readings.map(({ replaces }) => replaces));
      const counting = observed(facts, readings).filter(({ id }) => !replaced.has(id));
      // Static pressure was read with the fan only; it is judged at the highest airflow, and this reading is shown
      // there.
      expect(counting.map(({ item }) => item).filter((item) => !read.includes(item))).toEqual(['fan/static']);
      expect(findingsOf(jobModel(facts), readings)).toEqual(
        expect.not.arrayContaining([expect.objectContaining({ severity: 'error' })]),
      );
    }
  });

  test('keeps each waived finding whose old key named one thing; where it named several, they are open again', async () => {
    const { raw, jobs } = await bothWays('waived');
    for (const { document } of jobs) {
      expect(document.facts.wiring.waivers).toEqual(raw.facts.wiring.waivers);
      const findings = findingsOf(jobModel(document.facts));
      const waived = findings.filter((finding) => finding.waived).map(({ rule }) => rule);
      expect(waived.sort()).toEqual(['furnace-alone', 'no-defrost-heat-from-furnace']);
      const open = findings.filter((finding) => !finding.waived).map(({ rule }) => rule);
      expect(open.filter((rule) => rule === 'calls-do-as-planned')).not.toEqual([]);
      expect(open).toContain('named-mistake');
      // The changeover was two findings; now it is one, with both balance points as choices.
      expect(open).toContain('sources-alternate');
    }
  });
});

describe('rows that the database returns with keys in its own order', () => {
  const waiver = {
    what: 'No spare.',
    reason: 'New cable in spring.',
    finding: 'enough-conductors|cables.thermostatConductors',
    by: 'tester',
    at: '2026-01-05T12:00:00.000Z',
  };
  const save = (baseRevision: number, value: unknown) => ({
    saveId: randomUUID(),
    baseRevision,
    changes: [{ path: 'wiring.waivers' as const, value }],
    author: 'tester',
  });

  test('are the same value: no history of a change that did not happen, and nothing to resend', async () => {
    const { jobs } = await bothWays('proved');
    const { id } = jobs[0]!;
    await saveJob(TEST_CREW, id, save(1, [waiver]));
    const kept = (await getJob(TEST_CREW, id))!;
    const value = factValue(kept.document.facts, 'wiring.waivers') as readonly object[];
    expect(Object.keys(value[0]!)).not.toEqual(Object.keys(waiver));
    expect(sameValue(value, [waiver])).toBe(true);

    const again = await saveJob(TEST_CREW, id, save(kept.revision, [waiver]));
    expect(again).toMatchObject({ kind: 'saved' });
    expect(
      await inCrew(TEST_CREW, () => models().FactChangeRow.count({ where: { jobId: id, path: 'wiring.waivers' } })),
    ).toBe(1);
  });
});
