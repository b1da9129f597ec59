import { models } from '../models';
import type { SaveKind } from '../models/save';

/** A save by its subject and client-made id. */
export interface SaveName {
  readonly kind: SaveKind;
  readonly subject: string;
  readonly saveId: string;
}

/** The id is a UUID there: case does not matter. */
const named = ({ kind, subject, saveId }: SaveName) => ({ kind, subject, saveId });

/** Whether a save was stored already; null if not, else its result. */
export const savedBefore = async (name: SaveName): Promise<{ readonly result: string | null } | null> => {
  const row = await models().SaveRow.findOne({ where: named(name) });
  return row && { result: row.result };
};

/** Records a stored save, in its transaction. */
export const rememberSave = async (name: SaveName, result: string | null): Promise<void> => {
  await models().SaveRow.create({ ...named(name), result });
};
