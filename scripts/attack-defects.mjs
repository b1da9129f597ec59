import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { npmRun } from './lib/app.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { ROOT, STATE } from './lib/project.mjs';
import { giveUp, say } from './lib/say.mjs';

/**
 * Puts earlier defects back, one at a time, into a copy of the sources, and checks whether the attack finds each: `npm
 * run attack:defects -- COUNT SEED WORDS`, limited to defects with these words in their name. An attack that finds none
 * of them proves nothing.
 */
const DEFECTS = [
  {
    defect: 'a correction loses against a clock that was ahead',
    file: 'src/core/job/reading.ts',
    from: /new Set\(readings\.map\(\(\{ replaces \}\) => replaces\)\)/g,
    to: 'new Set<string | null>()',
  },
  {
    defect: 'a write from another site lands',
    file: 'src/server/http/allowed.ts',
    from: 'if (origin !== null) return hostOf(origin) !== host.toLowerCase();',
    to: '',
  },
  {
    defect: 'a name of somebody else is answered to',
    file: 'src/server/http/allowed.ts',
    from: "return isIP(bare) !== 0 || name === 'localhost'",
    to: "return isIP(bare) !== 0 || name.length > 0 || name === 'localhost'",
  },
  {
    defect: 'a form is taken for a write',
    file: 'src/server/http/read-body.ts',
    from: 'if (!isJson(request)) return',
    to: 'if (!isJson(request) && maxBytes < 0) return',
  },
  {
    defect: 'a file that is sent twice lands twice',
    file: 'src/server/repositories/import-job.ts',
    from: 'const earlier = await landed(name);',
    to: 'const earlier = (await landed(name)) && null;',
  },
  {
    defect: 'of files under one id one is dropped',
    kind: 'imported again',
    file: 'src/server/repositories/import-job.ts',
    from: [
      '(await insert(ids.copy, renamed(document, copyName(document.facts))))',
      "if (id === null) return { kind: 'taken' };",
    ],
    to: ['ids.copy === ids.own', 'if (id === null) return landedAs(ids.own);'],
  },
  {
    defect: 'a condition that is none throws',
    file: 'src/core/setup/profiles/schema.ts',
    from: "if (!isRecord(value)) return mixed().test('condition', 'must be a condition', () => false);",
    to: 'if (!isRecord(value)) return mixed();',
  },
  {
    defect: 'a document that holds itself throws',
    file: 'src/core/formats/profile-file.ts',
    from: 'return withShape(document.toJS({ maxAliasCount: 20 }));',
    to: 'return { ok: true, value: document.toJS({ maxAliasCount: -1 }) };',
    // What the reader lets through, the schema of conditions still refuses: both checks are removed.
    also: {
      file: 'src/core/setup/profiles/schema.ts',
      from: 'if (depth > DEEPEST_CONDITION) return',
      to: 'if (depth > 1e9) return',
    },
  },
  {
    defect: 'conditions are examined without memory',
    file: 'src/core/setup/profiles/condition.ts',
    from: [
      'const found = known.get(key) ?? waysOf(entry.shownWhen, entry.scope);',
      'const MOST_WAYS = 200;',
      'const MOST_STEPS = 100_000;',
    ],
    to: ['const found = waysOf(entry.shownWhen, entry.scope);', 'const MOST_WAYS = 1e9;', 'const MOST_STEPS = 1e12;'],
  },
  {
    defect: 'text that the database refuses comes to it',
    file: 'src/core/border/text.ts',
    from: 'return HALF_LETTER.test(text) ?',
    to: 'return HALF_LETTER.test(text) && text.length < 0 ?',
  },
  {
    defect: 'a name is cut in the middle of a letter',
    file: 'src/core/border/text.ts',
    from: 'let end = 0;',
    to: 'if (most > 0) return text.slice(0, most);\n  let end = 0;',
  },
  {
    defect: 'only the last save is remembered',
    file: 'src/server/repositories/saves.ts',
    from: 'const row = await models().SaveRow.findOne({ where: named(name) });\n  return row &&',
    to: "const { kind, subject, saveId } = named(name);\n  const row = await models().SaveRow.findOne({ where: { kind, subject }, order: [['savedAt', 'DESC']] });\n  return row && row.saveId === saveId &&",
  },
  {
    defect: 'weather that there never was counts',
    file: 'src/core/formats/weather/weather-read.ts',
    from: 'const HOUR_BOUNDS = { C: [-90, 60], F: [-130, 140] }',
    to: 'const HOUR_BOUNDS = { C: [-1e9, 1e9], F: [-1e9, 1e9] }',
  },
  {
    defect: 'a date that is none is taken',
    file: 'src/core/job/time-schema.ts',
    from: '!value || isRealTime(value)',
    to: '!value || value.length > 0 || isRealTime(value)',
  },
  {
    defect: 'what one person entered goes out as who signs in next',
    kind: 'two people, one device',
    file: 'src/ui/offline/device-user.ts',
    from: 'if (before) claimDrafts(before.personId);\n  keepWho(crew);',
    to: 'if (before) return;\n  keepWho(crew);',
  },
  {
    defect: 'a device does not say whose it is what it sends',
    kind: 'two people, one device',
    file: 'src/ui/requests/api.ts',
    from: '...actingHeaders(by),',
    to: '',
  },
  {
    defect: 'the server does what somebody else entered',
    kind: 'somebody else’s entries',
    file: 'src/server/http/respond.ts',
    from: 'if (isSomebodyElses(request, principal)) return',
    to: 'if (isSomebodyElses(request, principal) && request.url === "") return',
  },
  {
    defect: 'one fault of the server refuses what waits for good',
    kind: 'two people, one device',
    file: 'src/ui/requests/api.ts',
    from: '|| status >= 500',
    to: '|| [502, 503, 504].includes(status)',
  },
  {
    defect: 'signing out with a session that has ended clears nothing',
    kind: 'two people, one device',
    file: 'src/ui/offline/clear-device.ts',
    from: '  await endSession(everywhere);\n  const who',
    to: '  if (!(await endSession(everywhere))) return 0;\n  const who',
  },
  {
    defect: 'a file lands on a job that has its id',
    kind: 'forged records',
    file: 'src/server/repositories/import-job.ts',
    from: ["if (id === null) return { kind: 'taken' };", 'addHandovers(id,'],
    to: ['const lands = id ?? ids.copy;', 'addHandovers(lands,'],
  },
  {
    defect: 'an imported record passes for one that was signed here',
    kind: 'forged records',
    file: 'src/server/repositories/handovers.ts',
    from: '...importedColumns(imported),',
    to: '...importedColumns(null),',
  },
  {
    defect: 'a crew’s file is read for ever',
    kind: 'crew file by command',
    file: 'src/server/bring-crew-file.ts',
    from: [
      'async function* linesOf(path: string)',
      "  yield* createInterface({ input: createReadStream(path, 'utf8'), crlfDelay: Infinity });",
      'bringCrew(linesOf(file),',
    ],
    to: [
      'async function* unused(path: string)',
      '  yield path;',
      "bringCrew(createInterface({ input: createReadStream(file, 'utf8'), crlfDelay: Infinity }),",
    ],
  },
  {
    defect: 'anybody may begin on a server that has a crew',
    kind: 'first start',
    file: 'src/server/crew.ts',
    from: "'SELECT 1 AS one FROM crews WHERE handle IS NOT NULL LIMIT 1'",
    to: "'SELECT 1 AS one FROM crews WHERE handle IS NULL AND handle IS NOT NULL LIMIT 1'",
  },
  {
    defect: 'a connection that breaks is a fault',
    kind: 'connections that break',
    file: 'src/server/http/passing.ts',
    from: '  isBroken(problem) ||',
    to: '',
  },
  {
    defect: 'each viewer works out each answer',
    kind: 'many who look',
    file: 'src/server/repositories/summarise-soon.ts',
    from: ['if (known) return known.done;', 'if (done) return done;'],
    to: ['', ''],
    also: {
      file: 'src/server/repositories/job-list.ts',
      from: 'return share(JSON.stringify([',
      to: 'return share(String(Math.random()) + JSON.stringify([',
    },
  },
  {
    defect: 'quotes without number are looked through',
    kind: 'quotes without number',
    // Each takes seconds if nothing stops it.
    tries: '2',
    file: 'src/core/formats/csv-guard.ts',
    from: 'const MOST_QUOTES = 1_000_000;',
    to: 'const MOST_QUOTES = 1e12;',
  },
  {
    defect: 'a clock that was ahead begins a visit that stays the last',
    kind: 'clock ahead',
    file: 'src/core/job/in-time.ts',
    from: 'correctedMs(entered) <= receivedMs',
    to: 'correctedMs(entered) <= receivedMs || receivedMs > 0',
  },
  {
    defect: 'tries to sign in are counted after they are heard',
    kind: 'sign-in rush',
    file: 'src/server/repositories/sign-in-attempts.ts',
    from: 'if (row!.tries >= most) return null;',
    to: 'if (row!.tries >= most * 1e6) return null;',
  },
  {
    defect: 'what nobody was shown is signed',
    kind: 'signed unseen',
    file: 'src/core/handover/record-differences.ts',
    from: 'shown.outdoorF === signed.outdoorF &&',
    to: 'shown.outdoorF !== null || signed.outdoorF === null ||',
  },
  {
    defect: 'a mark says of itself who entered it',
    kind: 'who entered marks',
    file: 'src/server/http/add-rows.ts',
    from: ', enteredBy: name }',
    to: ' }',
  },
  {
    defect: 'a link leads to another site after signing in',
    kind: 'another site after signing in',
    file: 'src/core/access/wanted-page.ts',
    from: 'const url = new URL(wanted, origin);',
    to: 'if (/^\\/(?![/\\\\])/.test(wanted)) return wanted;\n    const url = new URL(wanted, origin);',
  },
  {
    defect: 'the list of what was done is cut',
    kind: 'list of what was done',
    file: 'src/server/repositories/audit.ts',
    from: 'yield rows.map(toAudited);',
    to: 'yield rows.map(toAudited);\n    if (after === "0") return;',
  },
  {
    defect: 'a word that every object has is looked up',
    kind: 'words of every object',
    file: 'src/core/border/own-value.ts',
    from: 'Object.hasOwn(table, word) ?',
    to: 'word in table ?',
  },
  {
    defect: 'a malformed place on the list is a fault',
    kind: 'places on the list',
    file: 'src/server/repositories/job-list.ts',
    from: "isId(id) && (sort !== 'changed' || isTime(key))",
    to: '(sort as string) !== ""',
  },
  {
    defect: 'what is not known is passed over',
    kind: 'what is not known',
    file: 'src/server/http/with-body.ts',
    from: 'schema instanceof ObjectSchema',
    to: 'schema === null',
  },
  {
    defect: 'a picture holds letters of no XML',
    kind: 'letters of no XML',
    file: 'src/core/border/xml-text.ts',
    from: "text.replace(NO_XML, '')",
    to: 'text',
  },
];
const [count = '2600', seed = '1', only = ''] = process.argv.slice(2);

ensurePackages();
const copy = join(STATE, 'attack-defects');
rmSync(copy, { recursive: true, force: true });
mkdirSync(copy, { recursive: true });
for (const part of ['src', 'tests', 'scripts', 'package.json', 'jest.config.mjs', 'tsconfig.json'])
  cpSync(join(ROOT, part), join(copy, part), { recursive: true });
symlinkSync(join(ROOT, 'node_modules'), join(copy, 'node_modules'));
const postgres = await startPostgres('attack-postgres');
const env = { ...postgres.database('gate_cross_attack', true), LOG_LEVEL: 'silent' };
if (!npmRun('migrate', env) || !npmRun('seed', env)) giveUp('The database could not be made ready.');

/**
 * Whether the attack on the copy finds something, and its first finding.
 * @param kind kind of attempts that must find it; empty: all
 */
const attack = (kind = '', tries = '60') => {
  const { status, stdout } = spawnSync(
    process.execPath,
    ['node_modules/jest/bin/jest.js', '--selectProjects', 'server', '--testPathPatterns', 'tests/attack'],
    {
      cwd: copy,
      encoding: 'utf8',
      env: {
        ...process.env,
        ...env,
        ATTACK_COUNT: kind === '' ? count : tries,
        ATTACK_SEED: seed,
        ATTACK_KIND: kind,
        NODE_OPTIONS: '--no-warnings',
      },
    },
  );
  return { isFound: status !== 0, words: /seed \d+: .*$/m.exec(stdout)?.[0] ?? stdout.trim().split('\n').at(-1) };
};

/** The text with a defect put back; null if its place is gone. */
const spoiled = (text, { from, to }) => {
  const [froms, tos] = [[from].flat(), [to].flat()];
  const isWhole = froms.every((each) => (typeof each === 'string' ? text.includes(each) : text.search(each) >= 0));
  return isWhole ? froms.reduce((now, each, at) => now.replaceAll(each, () => tos[at]), text) : null;
};

const sound = attack();
if (sound.isFound) giveUp(`The attack finds something without any defect put back: ${sound.words}`);
let missed = 0;
for (const each of DEFECTS.filter(({ defect }) => defect.includes(only))) {
  const changes = [each, ...(each.also ? [each.also] : [])].map((change) => {
    const file = join(copy, change.file);
    const text = readFileSync(file, 'utf8');
    return { file, text, worse: spoiled(text, change) };
  });
  if (changes.some(({ worse }) => worse === null)) {
    missed++;
    say(`NO PLACE for it any more: ${each.defect}`);
    continue;
  }
  for (const { file, worse } of changes) writeFileSync(file, worse);
  const { isFound, words } = attack(each.kind, each.tries);
  for (const { file, text } of changes) writeFileSync(file, text);
  if (!isFound) missed++;
  say(`${isFound ? 'found' : 'MISSED'}: ${each.defect}${isFound ? ` (${words.slice(0, 100)})` : ''}`);
}
postgres.stop();
rmSync(copy, { recursive: true, force: true });
say(missed === 0 ? 'The attack finds every one of them.' : `The attack misses ${missed}.`);
process.exitCode = missed === 0 ? 0 : 1;
