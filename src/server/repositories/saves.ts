import { models } from '../models';
import type { SaveKind } from '../models/save';

/** A save by what it is of and the id that its client made for it. */
export interface SaveName {
  readonly kind: SaveKind;
  readonly subject: string;
  readonly saveId: string;
}

/** The id is one of the database's own kind there: its letters count alike, large or small. */
const named = ({ kind, subject, saveId }: SaveName) => ({ kind, subject, saveId });

/** Whether a save landed already, however many came after it; null where it did not, else what came of it. */
export const savedBefore = async (name: SaveName): Promise<{ readonly result: string | null } | null> => {
  const row = await models().SaveRow.findOne({ where: named(name) });
  return row && { result: row.result };
};

/** Remembers that a save has landed, in the transaction in which it does. */
export const rememberSave = async (name: SaveName, result: string | null): Promise<void> => {
  await models().SaveRow.create({ ...named(name), result });
};
