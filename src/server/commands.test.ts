import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { scopeOf } from './crew';
import { closeDatabase, ownerDatabase } from './database';
import { deleteCrew, sweepCrews } from './delete-crew';
import { makeCrew } from './make-crew';
import { crewFile } from './repositories/crew-file';
import { crewByHandle, nameCrew } from './repositories/crews';
import { invitedBy } from './repositories/invitations';
import { addPerson } from './repositories/people';

afterAll(closeDatabase);

/** A command as typed, with a time limit. */
const run = (script: string, ...words: string[]) =>
  new Promise<{ status: number | null; said: string }>((resolve) => {
    const command = spawn(process.execPath, ['--import', 'tsx', `src/server/${script}.ts`, ...words], {
      env: { ...process.env, NODE_OPTIONS: '', NODE_ENV: 'production', LOG_LEVEL: 'silent' },
      timeout: 60_000,
    });
    let said = '';
    for (const stream of [command.stdout, command.stderr]) stream.on('data', (part: Buffer) => (said += String(part)));
    command.on('close', (status) => resolve({ status, said }));
  });

const crewIds = async (): Promise<string[]> => {
  const owner = ownerDatabase();
  return owner.transaction(async (transaction) => {
    await owner.query('ALTER TABLE crews NO FORCE ROW LEVEL SECURITY', { transaction });
    const [rows] = await owner.query('SELECT id FROM crews ORDER BY id', { transaction });
    await owner.query('ALTER TABLE crews FORCE ROW LEVEL SECURITY', { transaction });
    return (rows as { id: string }[]).map(({ id }) => id);
  });
};

describe('importing a crew file from the command line', () => {
  const folder = mkdtempSync(join(tmpdir(), 'gate-cross-'));
  afterAll(() => rmSync(folder, { recursive: true }));
  const fileOf = async (): Promise<string[]> => {
    const scope = await makeCrew();
    await nameCrew(scope, 'Far Away', `far-${randomUUID().slice(0, 8)}`);
    await addPerson(scope, { name: 'Lea Lead', role: 'lead' });
    const lines: string[] = [];
    for await (const line of crewFile(scope)) lines.push(line);
    await deleteCrew(scope.crewId);
    return lines;
  };
  const written = (name: string, text: string): string => {
    const path = join(folder, name);
    writeFileSync(path, text);
    return path;
  };

  test('ends, and prints the links of its leads', async () => {
    const name = `Near ${randomUUID().slice(0, 8)}`;
    const path = written('whole.jsonl', (await fileOf()).join(''));
    const { status, said } = await run('bring-crew-file', path, name);
    expect([status, said]).toEqual([0, expect.stringMatching(/^Imported: 2 lines[\s\S]*lea-lead@near-.*\/join\//)]);
    const token = /\/join\/(\S+)/.exec(said)![1]!;
    expect(await invitedBy(token)).toMatchObject({ name: 'Lea Lead', crewName: 'Far Away' });
    const crew = (await crewByHandle(name.toLowerCase().replace(' ', '-')))!;
    expect(crew.deleteAfter).toBeNull();
    await deleteCrew(crew.id);
  }, 90_000);

  test('reports a truncated, missing or wrong file, and leaves nothing', async () => {
    const lines = await fileOf();
    const before = await crewIds();
    const cut = lines.join('').slice(0, -20);
    for (const [path, says] of [
      [written('cut.jsonl', cut), /Line 3|cut off/],
      [written('short.jsonl', lines.slice(0, 2).join('')), /cut off/],
      [written('other.jsonl', '{}\n'), /Line 1/],
      [join(folder, 'nowhere.jsonl'), /ENOENT|no such file/],
    ] as const) {
      const { status, said } = await run('bring-crew-file', path, `None ${randomUUID().slice(0, 8)}`);
      expect([status, said]).toEqual([1, expect.stringMatching(says)]);
    }
    expect(await crewIds()).toEqual(before);
  }, 120_000);

  test('killed halfway, leaves a crew without a name, which is swept away', async () => {
    const { crewId } = await makeCrew();
    const owner = ownerDatabase();
    await owner.transaction(async (transaction) => {
      await owner.query(`SELECT set_config('app.crew', '${crewId}', true)`, { transaction });
      await owner.query(`UPDATE crews SET delete_after = delete_after - interval '25 hours' WHERE id = '${crewId}'`, {
        transaction,
      });
    });
    await sweepCrews();
    expect(await crewIds()).not.toContain(crewId);
  });
});

test('a sole lead who lost the password gets a link from the command line; an unknown name gets none', async () => {
  const scope = await makeCrew();
  const handle = `sole-${randomUUID().slice(0, 8)}`;
  await nameCrew(scope, 'Sole', handle);
  const lead = await addPerson(scope, { name: 'Lea Lead', role: 'lead' });
  const made = await run('new-link', `lea-lead@${handle}`);
  expect(made.status).toBe(0);
  expect(await invitedBy(/\/join\/(\S+)/.exec(made.said)![1]!)).toMatchObject({
    personId: lead.id,
    scope: scopeOf(scope),
  });
  for (const nobody of [`nobody@${handle}`, 'lea-lead@no-such-crew', '', 'x'])
    expect(await run('new-link', nobody)).toEqual({ status: 1, said: expect.stringMatching(/crew:link/) });
  await deleteCrew(scope.crewId);
}, 120_000);
