import { type Action, ACTIONS, may } from './may';
import { type Role, ROLES } from './role';

/** Every action, and whether each role may do it, in the order of the roles. */
const TABLE: Readonly<Record<Action, string>> = {
  see: 'yes yes yes yes',
  read: 'yes yes yes no',
  practice: 'yes yes yes yes',
  teach: 'yes no no no',
  countersign: 'yes yes no no',
  change: 'yes yes no no',
  move: 'yes yes no no',
  share: 'yes yes no no',
  keep: 'yes yes no no',
  people: 'yes no no no',
  note: 'yes no no no',
  settle: 'yes no no no',
  close: 'yes no no no',
  audit: 'yes no no no',
};
const roles = Object.keys(ROLES) as Role[];

test.each(ACTIONS)('permissions: %s', (action) => {
  expect(roles.map((role) => (may({ role }, action) ? 'yes' : 'no')).join(' ')).toBe(TABLE[action]);
});

test('a lower role never may what a higher role may not', () => {
  for (const action of ACTIONS) expect(TABLE[action]).not.toMatch(/no.*yes/);
});
