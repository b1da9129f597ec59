import { type ObservableKind, word } from './definition';

/** Whether a setting is found as planned. */
export const setting: ObservableKind<'setting'> = {
  key: ({ look }) => `settings/${look}`,
  read: ({ given }, { look }) => word(given.ails?.settingsOff.includes(look) ?? false, 'otherwise', 'planned'),
};
