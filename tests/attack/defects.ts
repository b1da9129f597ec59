/** A change of one file: text, or a pattern, and what replaces it. */
export interface Change {
  readonly file: string;
  readonly from: string | RegExp | readonly string[];
  readonly to: string | readonly string[];
}

interface Defect extends Change {
  readonly defect: string;
  readonly kind?: string;
  readonly tries?: string;
  readonly also?: Change;
}

/**
 * Earlier defects to put back, one at a time, so that the attack proves that it finds them. `from` is text (or a
 * pattern) of `file` as it is now, `to` the defect; `kind` limits the attack to the kind of attempts that must find it.
 */
export const DEFECTS: readonly Defect[] = [
  {
    defect: 'a correction loses to a clock that was ahead',
    file: 'src/core/job/reading.ts',
    from: /new Set\(readings\.map\(\(\{ replaces \}\) => replaces\)\)/g,
    to: 'new Set<string | null>()',
  },
  {
    defect: 'a write from another site is accepted',
    file: 'src/server/http/allowed.ts',
    from: 'if (origin !== null) return hostOf(origin) !== host.toLowerCase();',
    to: '',
  },
  {
    defect: 'the server answers to a host name that is not its own',
    file: 'src/server/http/allowed.ts',
    from: "return isIP(bare) !== 0 || name === 'localhost'",
    to: "return isIP(bare) !== 0 || name.length > 0 || name === 'localhost'",
  },
  {
    defect: 'an HTML form can write',
    file: 'src/server/http/read-body.ts',
    from: 'if (!isJson(request)) return',
    to: 'if (!isJson(request) && maxBytes < 0) return',
  },
  {
    defect: 'a file that is sent twice is imported twice',
    file: 'src/server/repositories/import-job.ts',
    from: 'const earlier = await savedBefore(name);',
    to: 'const earlier = (await savedBefore(name)) && null;',
  },
  {
    defect: 'of two files with one id, one is dropped',
    kind: 'imported again',
    file: 'src/server/repositories/import-job.ts',
    from: [
      '(await insert(ids.copy, renamed(document, copyName(document.facts))))',
      "if (id === null) return { kind: 'taken' };",
    ],
    to: ['ids.copy === ids.own', 'if (id === null) return landedAs(ids.own);'],
  },
  {
    defect: 'a value that is not a condition throws',
    file: 'src/core/setup/profiles/schema.ts',
    from: "if (!isRecord(value)) return mixed().test('condition', 'must be a condition', () => false);",
    to: 'if (!isRecord(value)) return mixed();',
  },
  {
    defect: 'a YAML document that contains itself throws',
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
    defect: 'conditions are examined without a limit',
    file: 'src/core/setup/profiles/condition.ts',
    from: [
      'const found = known.get(key) ?? waysOf(entry.shownWhen, entry.scope);',
      'const MOST_WAYS = 200;',
      'const MOST_STEPS = 100_000;',
    ],
    to: ['const found = waysOf(entry.shownWhen, entry.scope);', 'const MOST_WAYS = 1e9;', 'const MOST_STEPS = 1e12;'],
  },
  {
    defect: 'text that the database refuses reaches it',
    file: 'src/core/border/text.ts',
    from: 'return HALF_LETTER.test(text) ?',
    to: 'return HALF_LETTER.test(text) && text.length < 0 ?',
  },
  {
    defect: 'a name is cut in the middle of a character',
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
    defect: 'impossible temperatures are accepted as weather',
    file: 'src/core/formats/weather/weather-read.ts',
    from: 'const HOUR_BOUNDS = { C: [-90, 60], F: [-130, 140] }',
    to: 'const HOUR_BOUNDS = { C: [-1e9, 1e9], F: [-1e9, 1e9] }',
  },
  {
    defect: 'an impossible date is accepted',
    file: 'src/core/job/time-schema.ts',
    from: '!value || isRealTime(value)',
    to: '!value || value.length > 0 || isRealTime(value)',
  },
  {
    defect: 'one person’s unsent entries are sent as the next person to sign in',
    kind: 'two people, one device',
    file: 'src/ui/offline/device-user.ts',
    from: 'if (before) claimDrafts(before.personId);\n  keepWho(crew);',
    to: 'if (before) return;\n  keepWho(crew);',
  },
  {
    defect: 'a device does not name the person and crew of what it sends',
    kind: 'two people, one device',
    file: 'src/ui/requests/api.ts',
    from: '...actingHeaders(by),',
    to: '',
  },
  {
    defect: 'the server accepts another person’s entries',
    kind: 'somebody else’s entries',
    file: 'src/server/http/respond.ts',
    from: 'if (isAnotherPersons(request, principal)) return',
    to: 'if (isAnotherPersons(request, principal) && request.url === "") return',
  },
  {
    defect: 'one server error discards unsent entries for good',
    kind: 'two people, one device',
    file: 'src/ui/requests/api.ts',
    from: '|| status >= 500',
    to: '|| [502, 503, 504].includes(status)',
  },
  {
    defect: 'signing out after the session ended clears nothing',
    kind: 'two people, one device',
    file: 'src/ui/offline/clear-device.ts',
    from: '  await endSession(everywhere);\n  const who',
    to: '  if (!(await endSession(everywhere))) return 0;\n  const who',
  },
  {
    defect: 'a file is imported onto a job that already has its id',
    kind: 'forged records',
    file: 'src/server/repositories/import-job.ts',
    from: ["if (id === null) return { kind: 'taken' };", 'addHandovers(id,'],
    to: ['const lands = id ?? ids.copy;', 'addHandovers(lands,'],
  },
  {
    defect: 'an imported record looks like one that was signed here',
    kind: 'forged records',
    file: 'src/server/repositories/handovers.ts',
    from: '...importedColumns(imported),',
    to: '...importedColumns(null),',
  },
  {
    defect: 'reading a crew file never ends',
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
    defect: 'anyone can claim a server that already has a crew',
    kind: 'first start',
    file: 'src/server/crew.ts',
    from: "'SELECT 1 AS one FROM crews WHERE handle IS NOT NULL LIMIT 1'",
    to: "'SELECT 1 AS one FROM crews WHERE handle IS NULL AND handle IS NOT NULL LIMIT 1'",
  },
  {
    defect: 'a dropped connection is logged as an error',
    kind: 'connections that break',
    file: 'src/server/http/passing.ts',
    from: '  isBroken(problem) ||',
    to: '',
  },
  {
    defect: 'each viewer computes each answer again',
    kind: 'many who look',
    file: 'src/server/repositories/recalculate-soon.ts',
    from: ['if (known) return known.done;', 'if (done) return done;'],
    to: ['', ''],
    also: {
      file: 'src/server/repositories/job-list.ts',
      from: 'return share(JSON.stringify([',
      to: 'return share(String(Math.random()) + JSON.stringify([',
    },
  },
  {
    defect: 'a CSV file may hold any number of quotes',
    kind: 'quotes without number',
    // Each takes seconds if nothing stops it.
    tries: '2',
    file: 'src/core/formats/csv-guard.ts',
    from: 'const MOST_QUOTES = 1_000_000;',
    to: 'const MOST_QUOTES = 1e12;',
  },
  {
    defect: 'a visit from a clock that was ahead stays the last visit',
    kind: 'clock ahead',
    file: 'src/core/job/in-time.ts',
    from: 'correctedMs(entered) <= receivedMs',
    to: 'correctedMs(entered) <= receivedMs || receivedMs > 0',
  },
  {
    defect: 'sign-in attempts are counted after the password is checked',
    kind: 'sign-in rush',
    file: 'src/server/repositories/sign-in-attempts.ts',
    from: 'if (row!.tries >= most) return null;',
    to: 'if (row!.tries >= most * 1e6) return null;',
  },
  {
    defect: 'a record that nobody was shown is signed',
    kind: 'signed unseen',
    file: 'src/core/handover/record-differences.ts',
    from: 'shown.outdoorF === signed.outdoorF &&',
    to: 'shown.outdoorF !== null || signed.outdoorF === null ||',
  },
  {
    defect: 'a mark can name who entered it',
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
    defect: 'the audit log is cut off',
    kind: 'list of what was done',
    file: 'src/server/repositories/audit.ts',
    from: 'yield rows.map(toAudited);',
    to: 'yield rows.map(toAudited);\n    if (after === "0") return;',
  },
  {
    defect: 'a word that every object has (constructor) is found in a table',
    kind: 'words of every object',
    file: 'src/core/border/own-value.ts',
    from: 'Object.hasOwn(table, word) ?',
    to: 'word in table ?',
  },
  {
    defect: 'a malformed cursor of the job list is a server error',
    kind: 'places on the list',
    file: 'src/server/repositories/job-list.ts',
    from: "isId(id) && (sort !== 'changed' || isTime(key))",
    to: '(sort as string) !== ""',
  },
  {
    defect: 'unknown keys are ignored',
    kind: 'what is not known',
    file: 'src/server/http/with-body.ts',
    from: 'schema instanceof ObjectSchema',
    to: 'schema === null',
  },
  {
    defect: 'a drawing holds characters that XML forbids',
    kind: 'letters of no XML',
    file: 'src/core/border/xml-text.ts',
    from: "text.replace(NO_XML, '')",
    to: 'text',
  },
];

/** The text with a defect put back; null if its place is gone. */
export const spoiled = (text: string, { from, to }: Change): string | null => {
  const [froms, tos] = [[from].flat(), [to].flat()] as [(string | RegExp)[], string[]];
  const isWhole = froms.every((each) => (typeof each === 'string' ? text.includes(each) : text.search(each) >= 0));
  return isWhole ? froms.reduce<string>((now, each, at) => now.replaceAll(each, () => tos[at]!), text) : null;
};
