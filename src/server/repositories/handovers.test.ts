import { randomUUID } from 'node:crypto';
import { DEFAULT_MOMENT } from '../../core/control/moment';
import { TONIGHT_ITEM, UNDONE_ITEM } from '../../core/diagnosis/kept';
import { documentOf, parseJobFileText, toJobFile } from '../../core/formats/job-file';
import { sampleFile } from '../../core/formats/sample-file';
import { handoverRecord } from '../../core/handover/record';
import { recordDifferences } from '../../core/handover/record-differences';
import { seenValue } from '../../core/job/reading';
import { SAMPLES } from '../../core/samples';
import { closeDatabase } from '../database';
import { handoversOf } from './handovers';
import { importJob } from './import-job';
import { createJob, getJob, saveJob } from './jobs';
import { handOver, takeBack } from './shelf';
import { addReadings, change, make, reading } from './test-jobs';

afterAll(closeDatabase);

describe('handing over', () => {
  test('keeps the record as it is printed now; what changes later changes today’s record alone', async () => {
    const id = randomUUID();
    const { document, readings, settingMarks, visits } = (() => {
      const file = sampleFile(SAMPLES[1]!);
      return { document: documentOf(file), ...file };
    })();
    await createJob(id, document, { readings, settingMarks, visits }, null, 'tester');
    expect(await handOver(id, { author: 'E. V.', outdoorF: 19, indoorF: 68, revision: 2 })).toBe('stale');
    expect(await handOver(id, { author: 'E. V.', outdoorF: 19, indoorF: 68, revision: 1 })).toBe('done');
    const [kept, ...others] = await handoversOf(id);
    expect(others).toEqual([]);
    expect(kept).toMatchObject({ author: 'E. V.', record: { outdoorF: 19, name: document.facts.site.jobName } });
    expect((await getJob(id))!.visits[0]!.ended).toBe((await getJob(id))!.handedOverAt);
    // Handed over already: nothing is signed twice.
    expect(await handOver(id, { author: 'else' })).toBe('done');

    await saveJob(id, change('house.designBtuh', 51_000, 1));
    expect((await handoversOf(id))[0]).toEqual(kept);
    const job = (await getJob(id))!;
    const today = handoverRecord(
      {
        facts: job.document.facts,
        confirmed: new Set(job.document.confirmed),
        readings: job.readings,
        settingMarks: job.settingMarks,
        visit: job.visits[0],
      },
      { ...DEFAULT_MOMENT, outdoorF: 19, indoorF: 68 },
    );
    const changes = recordDifferences(kept!.record, today);
    expect(changes).toContainEqual({
      where: 'House: Heat loss at design',
      then: expect.any(String),
      now: '51,000 Btu/h',
    });

    expect(await takeBack(id, 'E. V.')).toBe(true);
    const back = (await getJob(id))!;
    expect([back.handedOverAt, back.visits[0]!.ended, (await handoversOf(id)).length]).toEqual([null, null, 1]);
  });

  test('waits until what was set for a night is put back', async () => {
    const job = await make();
    const visit = randomUUID();
    const at = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString();
    const set = { item: TONIGHT_ITEM, value: seenValue('emergency|outdoors:compressor'), note: 'System back to heat' };
    await addReadings(job.id, [reading({ ...set, visit, at: at(2) })]);
    expect(await handOver(job.id, { author: 'E. V.' })).toBe('makeshift');
    await addReadings(job.id, [reading({ item: UNDONE_ITEM, value: 'done', visit, at: at(1) })]);
    expect(await handOver(job.id, { author: 'E. V.' })).toBe('done');
  });

  test('travels with the job file, and is read as it was printed', async () => {
    const job = await make();
    await handOver(job.id, { author: 'E. V.' });
    const kept = await handoversOf(job.id);
    const stored = (await getJob(job.id))!;
    const text = JSON.stringify(toJobFile(randomUUID(), stored.document, stored, stored.handedOverAt, kept));
    const parsed = parseJobFileText(text);
    if (!parsed.ok) throw new Error(`${parsed.path}: ${parsed.error}`);
    const landed = (await importJob({ file: parsed.value, copyId: randomUUID() }))!;
    expect(await handoversOf(landed.job.id)).toEqual(kept);
  });
});
