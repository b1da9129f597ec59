import { entry } from './entry';

/** Nothing wrong: the complaint is a setting, a delay or an expectation. */
export const NOTHING = 'nothing';

export const nothing = entry({
  id: NOTHING,
  words: 'Nothing wrong: normal delay, cold night, or the owner expects more',
  kind: 'nothing',
  weight: 40,
  because: 'Defrost steam, cool supply air, long run times and the minimum off time cause many service calls.',
  effect: {},
  confirm: 'Run a full call with the owner watching, and a defrost if it is cold enough.',
  fix: 'Explain what is normal and why: defrost, minimum off time, 90 °F air that feels cool, long run times.',
  proves: [],
});
