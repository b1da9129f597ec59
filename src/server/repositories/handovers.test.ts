import { randomUUID } from 'node:crypto';
import { DEFAULT_MOMENT } from '../../core/control/moment';
import { PUT_BACK_ITEM, TONIGHT_ITEM } from '../../core/diagnosis/recorded-items';
import { documentOf, parseJobFileText, toJobFile } from '../../core/formats/job-file';
import { sampleFile } from '../../core/formats/sample-file';
import { handoverRecord } from '../../core/handover/record';
import { recordDifferences } from '../../core/handover/record-differences';
import { seenValue } from '../../core/job/reading';
import { SAMPLES } from '../../core/samples';
import { ACKNOWLEDGED_ITEM, TAGGED_ITEM } from '../../core/startup/shut-off';
import { closeDatabase } from '../database';
import { handOver, undoHandover } from './archive';
import { handoversOf } from './handovers';
import { importJob } from './import-job';
import { createJob, getJob } from './jobs';
import { saveJob } from './save-job';
import { addReadings, change, make, reading, TEST_CREW } from './test-jobs';

afterAll(closeDatabase);

describe('handing over', () => {
  test('keeps what was printed offline; if someone changed the job since, it asks', async () => {
    const job = await make();
    const { document, readings, settingMarks, visits } = job;
    const printed = handoverRecord(
      { facts: document.facts, confirmed: new Set(document.confirmed), readings, settingMarks, visit: visits[0] },
      { ...DEFAULT_MOMENT, outdoorF: 19, indoorF: 68 },
    );
    const handing = { author: 'E. V.', outdoorF: 19, indoorF: 68, printed };
    await saveJob(TEST_CREW, job.id, change('house.designBtuh', 51_000, 1));
    expect(await handOver(TEST_CREW, job.id, handing)).toBe('stale');
    await saveJob(TEST_CREW, job.id, change('house.designBtuh', document.facts.house.designBtuh, 2));
    // Calculated as before, but no longer an assumption: the record says so.
    expect(await handOver(TEST_CREW, job.id, handing)).toBe('stale');
    const now = (await getJob(TEST_CREW, job.id))!.document;
    const again = handoverRecord(
      { facts: now.facts, confirmed: new Set(now.confirmed), readings, settingMarks, visit: visits[0] },
      { ...DEFAULT_MOMENT, outdoorF: 19, indoorF: 68 },
    );
    expect(await handOver(TEST_CREW, job.id, { ...handing, printed: again })).toBe('done');
  });

  test('keeps the record as printed now; later changes affect today’s record only', async () => {
    const id = randomUUID();
    const { document, readings, settingMarks, visits } = (() => {
      const file = sampleFile(SAMPLES[1]!);
      return { document: documentOf(file), ...file };
    })();
    await createJob(TEST_CREW, id, document, { readings, settingMarks, visits }, null, 'tester');
    expect(await handOver(TEST_CREW, id, { author: 'E. V.', outdoorF: 19, indoorF: 68, revision: 2 })).toBe('stale');
    expect(await handOver(TEST_CREW, id, { author: 'E. V.', outdoorF: 19, indoorF: 68, revision: 1 })).toBe('done');
    const [kept, ...others] = await handoversOf(TEST_CREW, id);
    expect(others).toEqual([]);
    expect(kept).toMatchObject({ author: 'E. V.', record: { outdoorF: 19, name: document.facts.site.jobName } });
    expect((await getJob(TEST_CREW, id))!.visits[0]!.ended).toBe((await getJob(TEST_CREW, id))!.handedOverAt);
    // Already handed over: nothing is signed twice.
    expect(await handOver(TEST_CREW, id, { author: 'else' })).toBe('already');

    await saveJob(TEST_CREW, id, change('house.designBtuh', 51_000, 1));
    expect((await handoversOf(TEST_CREW, id))[0]).toEqual(kept);
    const job = (await getJob(TEST_CREW, id))!;
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

    expect(await undoHandover(TEST_CREW, id, 'E. V.')).toBe('done');
    const back = (await getJob(TEST_CREW, id))!;
    expect([back.handedOverAt, back.visits[0]!.ended, (await handoversOf(TEST_CREW, id)).length]).toEqual([
      null,
      null,
      1,
    ]);
  });

  test('waits until what was set for a night is put back', async () => {
    const job = await make();
    const visit = randomUUID();
    const at = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString();
    const set = { item: TONIGHT_ITEM, value: seenValue('emergency|outdoors:compressor'), note: 'System back to heat' };
    await addReadings(job.id, [reading({ ...set, visit, at: at(2) })]);
    expect(await handOver(TEST_CREW, job.id, { author: 'E. V.' })).toBe('makeshift');
    await addReadings(job.id, [reading({ item: PUT_BACK_ITEM, value: 'done', visit, at: at(1) })]);
    expect(await handOver(TEST_CREW, job.id, { author: 'E. V.' })).toBe('done');
  });

  test('is refused while work is stopped, unless shut off and tagged, acknowledged; a passing reading clears it', async () => {
    const visit = randomUUID();
    const at = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString();
    const volts = { item: 'heat/volts-outdoor-unit-Y', visit };
    const tagged = [
      reading({ item: TAGGED_ITEM, value: 'done', visit, at: at(4) }),
      reading({ item: ACKNOWLEDGED_ITEM, value: 'done', visit, at: at(3) }),
    ];
    const [shutOff, repaired] = [await make(), await make()];
    for (const { id } of [shutOff, repaired]) await addReadings(id, [reading({ ...volts, value: 52, at: at(5) })]);
    expect(await handOver(TEST_CREW, shutOff.id, { author: 'E. V.' })).toBe('stopped');
    await addReadings(shutOff.id, [tagged[0]!]);
    expect(await handOver(TEST_CREW, shutOff.id, { author: 'E. V.' })).toBe('stopped');
    await addReadings(shutOff.id, [tagged[1]!]);
    expect(await handOver(TEST_CREW, shutOff.id, { author: 'E. V.' })).toBe('done');
    expect((await handoversOf(TEST_CREW, shutOff.id))[0]!.record.shutOff).toMatch(/^Shut off and tagged/);
    await addReadings(repaired.id, [reading({ ...volts, value: 25, at: at(2) })]);
    expect(await handOver(TEST_CREW, repaired.id, { author: 'E. V.' })).toBe('done');
  });

  test('travels with the job file, and is read back as printed', async () => {
    const job = await make();
    await handOver(TEST_CREW, job.id, { author: 'E. V.' });
    const kept = await handoversOf(TEST_CREW, job.id);
    const stored = (await getJob(TEST_CREW, job.id))!;
    const text = JSON.stringify(toJobFile(randomUUID(), stored.document, stored, stored.handedOverAt, kept));
    const parsed = parseJobFileText(text);
    if (!parsed.ok) throw new Error(`${parsed.path}: ${parsed.error}`);
    const result = await importJob(TEST_CREW, { file: parsed.value, copyId: randomUUID(), by: 'Bo' });
    if (result.kind !== 'landed') throw new Error(result.kind);
    const [brought] = await handoversOf(TEST_CREW, result.id);
    expect(brought).toEqual({
      ...kept[0],
      imported: { at: expect.any(String), by: 'Bo', from: expect.stringMatching(/^Job file “job /) },
    });
    expect(await getJob(TEST_CREW, result.id)).toMatchObject({
      handedOverAt: stored.handedOverAt,
      imported: { by: 'Bo' },
    });
  });
});
