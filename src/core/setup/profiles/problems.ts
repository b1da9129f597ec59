import { settingById } from '../settings';
import { settingFromText, settingProblem, settingToText } from '../value';
import { tests, waysFinder } from './condition';
import { type ControllerProfile, entryKey, optionsOf, type ProfileEntry } from './profile';

/** A problem in a profile: where, what, and what to do. */
export interface ProfileProblem {
  readonly severity: 'error' | 'warning';
  /** Index of the entry; null: the whole profile. */
  readonly entry: number | null;
  readonly what: string;
  readonly fix: string;
}

const repeated = (values: readonly string[]): string[] => [
  ...new Set(values.filter((value, at) => values.indexOf(value) !== at)),
];

type Report = (severity: ProfileProblem['severity'], what: string, fix: string) => void;

const checkMeans = (entry: ProfileEntry, report: Report) => {
  for (const { code, means } of optionsOf(entry))
    for (const [id, value] of Object.entries(means ?? {})) {
      const setting = settingById(id);
      if (!setting)
        report('error', `Option ${code} names a setting that does not exist: ${id}.`, 'Choose one from the catalog.');
      else if (settingFromText(setting, settingToText(value)) === undefined)
        report(
          'error',
          `Option ${code}: ${setting.label} has no value “${value}”.`,
          settingProblem(setting, value) ?? 'Choose one of its allowed values.',
        );
    }
};

const checkForm = (profile: ControllerProfile, entry: ProfileEntry, report: Report) => {
  const { form } = entry;
  const codes = optionsOf(entry).map(({ code }) => code);
  if (codes.some((code) => code.trim() === ''))
    report('error', 'An option has no code.', 'Enter what the controller shows for it.');
  for (const code of repeated(codes.filter((each) => each.trim() !== '')))
    report('error', `Two options have the code ${code}.`, 'Each code means one value: check the manual.');
  if (form.kind !== 'number' && codes.length === 0)
    report('error', 'It has no options.', 'Enter each value it can take.');
  if (entry.factory !== undefined && form.kind !== 'number' && !codes.includes(entry.factory))
    report('error', `Its factory value ${entry.factory} is not one of its options.`, `One of ${codes.join(', ')}.`);
  switch (form.kind) {
    case 'menu':
      return;
    case 'number':
      if (!settingById(form.setting))
        report(
          'error',
          `It names a setting that does not exist: ${form.setting || 'none'}.`,
          'Choose one from the catalog.',
        );
      else if (settingById(form.setting)!.kind !== 'number')
        report('error', 'The setting is a choice, not a number.', 'List its options instead.');
      if (form.min > form.max) report('error', `It goes from ${form.min} to ${form.max}.`, 'Put the minimum first.');
      return;
    case 'switches': {
      const bank = profile.banks.find(({ id }) => id === form.bank);
      if (!bank) return report('error', `There is no switch bank ${form.bank}.`, 'Add the bank first.');
      if (form.positions.length === 0)
        report('error', 'No switch is named.', 'Enter the numbers of its switches, in the order of the pattern.');
      if (form.positions.some((position) => position < 1 || position > bank.switches))
        report('error', `Bank ${form.bank} has switches 1 to ${bank.switches}.`, 'Correct the positions.');
      for (const code of codes.filter((each) => !/^[01]+$/.test(each) || each.length !== form.positions.length))
        report(
          'error',
          `The pattern ${code} does not fit ${form.positions.length} switches.`,
          'One 0 or 1 for each switch, in their order.',
        );
      return;
    }
    case 'jumper': {
      const block = profile.jumpers.find(({ id }) => id === form.block);
      if (!block) return report('error', `There is no jumper block ${form.block}.`, 'Add the block first.');
      for (const code of codes.filter((each) => !block.pins.includes(each)))
        report('error', `Block ${form.block} has no pin ${code}.`, `Its pins: ${block.pins.join(', ')}.`);
    }
  }
};

const rings = (profile: ControllerProfile): Set<string> => {
  const asks = new Map(
    profile.entries.map((entry) => [
      entryKey(entry.scope, entry.code),
      entry.shownWhen ? tests(entry.shownWhen, entry.scope).map(({ key }) => key) : [],
    ]),
  );
  const reaches = (from: string, goal: string, seen: Set<string>): boolean =>
    (asks.get(from) ?? []).some((next) => next === goal || (!seen.has(next) && reaches(next, goal, seen.add(next))));
  return new Set([...asks.keys()].filter((key) => reaches(key, key, new Set())));
};

/** Results for a profile's conditions as a whole. */
interface Followed {
  readonly inRing: ReadonlySet<string>;
  readonly waysTo: ReturnType<typeof waysFinder>;
}

const checkCondition = (
  profile: ControllerProfile,
  entry: ProfileEntry,
  at: number,
  { inRing, waysTo }: Followed,
  report: Report,
) => {
  if (!entry.shownWhen) return;
  const order = profile.entries.map((each) => entryKey(each.scope, each.code));
  for (const { key, is } of tests(entry.shownWhen, entry.scope)) {
    const other = profile.entries[order.indexOf(key)];
    const code = key.slice(key.indexOf('/') + 1);
    if (!other) {
      report(
        'error',
        `It is shown when ${code} has a value, and there is no entry ${code}.`,
        'Correct the code, or add that entry.',
      );
      continue;
    }
    const unknown =
      other.form.kind === 'number'
        ? []
        : is.filter((value) => !optionsOf(other).some((option) => option.code === value));
    for (const value of unknown)
      report('error', `It is shown when ${code} is ${value}, and ${code} has no such option.`, 'Correct the option.');
    if (order.indexOf(key) > at && !inRing.has(order[at]!))
      report(
        'error',
        `It is shown by ${code}, which comes later: the card would hide it.`,
        'Put the entries in the order in which the controller shows them.',
      );
  }
  if (inRing.has(order[at]!))
    report('error', 'Its condition is circular: it depends on itself.', 'Remove one of the conditions in the loop.');
  else if (waysTo(entry).length === 0)
    report(
      'error',
      'It can never be shown: its conditions contradict each other.',
      'Look at the manual’s conditions again.',
    );
};

const sharedSwitches = (profile: ControllerProfile): ProfileProblem[] => {
  const taken = new Map<string, string>();
  return profile.entries.flatMap((entry, at): ProfileProblem[] => {
    if (entry.form.kind !== 'switches') return [];
    const { bank, positions } = entry.form;
    return positions.flatMap((position): ProfileProblem[] => {
      const other = taken.get(`${bank}-${position}`);
      taken.set(`${bank}-${position}`, entry.code);
      return other === undefined || other === entry.code
        ? []
        : [
            {
              severity: 'error',
              entry: at,
              what: `Switch ${position} of ${bank} belongs to ${other} already.`,
              fix: 'One switch sets one thing: combine the two entries.',
            },
          ];
    });
  });
};

/** All problems of a profile: duplicate codes, impossible conditions, patterns that do not fit, unknown settings. */
export const profileProblems = (profile: ControllerProfile): ProfileProblem[] => {
  const found: ProfileProblem[] = [];
  const whole = (severity: ProfileProblem['severity'], what: string, fix: string) =>
    found.push({ severity, entry: null, what, fix });
  if (profile.name.trim() === '') whole('error', 'It has no name.', 'Use the name on its label.');
  if (profile.scopes.length === 0) whole('error', 'It has no scope.', 'One at least, such as “this unit”.');
  for (const id of repeated(profile.scopes.map((scope) => scope.id)))
    whole('error', `Two scopes are called ${id}.`, 'Give each an id of its own.');
  for (const { id, label } of profile.scopes)
    if (id.trim() === '' || label.trim() === '')
      whole('error', 'A scope has no name.', 'Give it a short name and a full name.');
  if (profile.entries.length === 0)
    whole('error', 'It has no entries.', 'Enter them in the order in which the controller shows them.');
  const inRing = rings(profile);
  const followed = { inRing, waysTo: waysFinder(profile, inRing) };
  const seen = new Set<string>();
  profile.entries.forEach((entry, at) => {
    const report: Report = (severity, what, fix) => found.push({ severity, entry: at, what, fix });
    const key = entryKey(entry.scope, entry.code);
    if (entry.code.trim() === '')
      report('error', 'It has no code.', 'Enter what the controller shows: a number, a question, a switch.');
    else if (seen.has(key))
      report('error', `Two entries have the code ${entry.code}.`, 'Each code means one entry in a scope.');
    seen.add(key);
    if (!profile.scopes.some(({ id }) => id === entry.scope))
      report('error', `There is no scope ${entry.scope || 'named'}.`, 'Choose one of the scopes above.');
    checkForm(profile, entry, report);
    checkMeans(entry, report);
    checkCondition(profile, entry, at, followed, report);
  });
  return [...found, ...sharedSwitches(profile)];
};
