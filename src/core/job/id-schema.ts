import { string } from 'yup';

/** An optional id. */
export const uuid = () =>
  string()
    .typeError('must be a UUID')
    .matches(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i, 'must be a UUID');

/** A client-made id, so that a save sent twice is stored once. */
export const idSchema = uuid().required('must be given');

/** Whether a text is an id. */
export const isId = (text: string): boolean => idSchema.isValidSync(text, { strict: true });
