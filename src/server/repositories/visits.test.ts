import { randomUUID } from 'node:crypto';
import { type Reading, type TakenReading, takenReading } from '../../core/job/reading';
import { closeDatabase } from '../database';
import { addToJob } from './add-to-job';
import { getJob } from './jobs';
import { saveJob } from './save-job';
import { addReadings, change, make, reading, TEST_CREW } from './test-jobs';
import { putVisit } from './visits';

afterAll(closeDatabase);

describe('readings', () => {
  test('keep their value, word or number, and can be sent twice without harm', async () => {
    const job = await make();
    const [number, open, done] = [
      reading(),
      reading({ item: 'element-ohms/ohms-1', value: 'OL' }),
      reading({ item: 'make-safe/lugs', value: 'done', instrument: '' }),
    ];
    await addReadings(job.id, [number, open]);
    await addReadings(job.id, [open, done]);
    const stored = (await getJob(TEST_CREW, job.id))!.readings;
    expect(stored).toHaveLength(3);
    expect(stored).toEqual(expect.arrayContaining([number, open, done]));
  });

  test('corrected, stay in place', async () => {
    const job = await make();
    const first = reading({ value: 91 });
    await addReadings(job.id, [first]);
    await addReadings(job.id, [reading({ value: 19, replaces: first.id, at: '2026-01-05T12:01:00.000Z' })]);
    expect((await getJob(TEST_CREW, job.id))!.readings.map(({ value, replaces }) => [value, replaces])).toEqual([
      [91, null],
      [19, first.id],
    ]);
  });

  test('do not touch the document’s revision', async () => {
    const job = await make();
    await addReadings(job.id, [reading()]);
    expect(await saveJob(TEST_CREW, job.id, change('house.noLoadF', 59, 1))).toMatchObject({ kind: 'saved' });
  });

  test('for a missing job are refused', async () => expect(await addReadings(randomUUID(), [reading()])).toBe(false));
});

describe('visits and clocks', () => {
  const sentFrom = (device: string, sequence: number) => ({ device, sequence, clockOffsetMs: null });
  const add = (jobId: string, sentAt: string | null, ...rows: Reading[]) =>
    addToJob(TEST_CREW, jobId, 'readings', { rows, visits: [], sentAt, signed: (row) => row });

  test('a reading keeps everything known about it, and how far its device’s clock was off', async () => {
    const job = await make();
    const device = randomUUID();
    const full = takenReading({
      ...(reading() as TakenReading),
      item: 'heat/volts-air-handler-Y-low',
      meterOhms: 3000,
      enteredBy: 'helper',
      note: 'with the door off',
      origin: sentFrom(device, 2 ** 40),
    });
    const sentAt = new Date(Date.now() + 86_400_000).toISOString();
    const landed = await add(job.id, sentAt, full);
    const [stored] = (await getJob(TEST_CREW, job.id))!.readings;
    expect(landed!.rows).toEqual([stored]);
    const { clockOffsetMs } = stored!.origin!;
    expect(stored).toEqual({ ...full, origin: { device, sequence: 2 ** 40, clockOffsetMs } });
    expect(Math.abs(clockOffsetMs! + 86_400_000)).toBeLessThan(60_000);
    // Sent again with another clock, it is the stored reading.
    expect((await add(job.id, new Date().toISOString(), full))!.rows).toEqual([stored]);
  });

  test('a withdrawal and a reading that was not taken keep their reason', async () => {
    const job = await make();
    const first = reading();
    const untaken = (status: 'withdrawn' | 'not-measured', replaces: string | null): Reading => {
      const { value: _value, ...bare } = reading({ replaces }) as TakenReading;
      return { ...bare, status, value: null, why: 'no ladder' };
    };
    const [gone, left] = [untaken('withdrawn', first.id), untaken('not-measured', null)];
    await addReadings(job.id, [first, gone, left]);
    expect((await getJob(TEST_CREW, job.id))!.readings).toEqual(expect.arrayContaining([first, gone, left]));
  });

  test('two devices that begin a visit on one morning share it; a week later is another', async () => {
    const job = await make();
    const [one, other, later] = ['10:00', '11:00', ''].map((time, at) =>
      reading({ visit: randomUUID(), at: at === 2 ? '2026-01-12T10:00:00.000Z' : `2026-01-05T${time}:00.000Z` }),
    ) as [Reading, Reading, Reading];
    await Promise.all([addReadings(job.id, [one]), addReadings(job.id, [other])]);
    await addReadings(job.id, [later]);
    const { visits, readings } = (await getJob(TEST_CREW, job.id))!;
    expect(visits.map(({ reason, began }) => [reason, began])).toEqual([
      ['new', expect.stringMatching(/^2026-01-05/)],
      ['call-back', later.at],
    ]);
    expect(readings.map(({ visit }) => visit)).toEqual([visits[0]!.id, visits[0]!.id, visits[1]!.id]);
  });

  test('a visit that someone begins exists before anything is read, and ends', async () => {
    const job = await make();
    const visit = {
      id: randomUUID(),
      reason: 'season',
      began: '2026-01-05T10:00:00.000Z',
      ended: null,
      author: 'E. V.',
    } as const;
    expect(await putVisit(TEST_CREW, job.id, visit)).toEqual([visit]);
    const over = { ...visit, reason: 'call-back', ended: '2026-01-05T12:00:00.000Z' } as const;
    expect(await putVisit(TEST_CREW, job.id, over)).toEqual([over]);
    expect(await putVisit(TEST_CREW, randomUUID(), visit)).toBeNull();
  });
});
