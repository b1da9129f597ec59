import { string } from 'yup';

/** An id, which may be missing. */
export const uuid = () =>
  string()
    .typeError('must be a UUID')
    .matches(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i, 'must be a UUID');

/** An id made by the client, so that a save sent twice lands once. */
export const idSchema = uuid().required('must be given');

/** Whether a text is an id. */
export const isId = (text: string): boolean => idSchema.isValidSync(text, { strict: true });
