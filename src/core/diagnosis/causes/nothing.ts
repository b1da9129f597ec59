import { entry } from './entry';

/** The cause that is none: the complaint is a setting, a delay or an expectation. */
export const NOTHING = 'nothing';

export const nothing = entry({
  id: NOTHING,
  words: 'Nothing is wrong: a delay, a cold night or an expectation',
  kind: 'nothing',
  weight: 40,
  because:
    'Steam in a defrost, cool air at the register, long runs in the cold and the minimum off time bring many calls.',
  effect: {},
  confirm: 'Let it run a full call in front of the owner, and a defrost if it is cold enough.',
  mend: 'Say what it does and why: defrost, minimum off, air at 90 °F that feels cool, long runs.',
  proves: [],
});
