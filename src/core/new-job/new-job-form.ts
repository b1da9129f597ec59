import { object, string } from 'yup';
import { plainText } from '../border/schema';

/** A new job as typed: its name, which may be empty, and the sample it starts from; empty: none. */
export const newJobSchema = object({ name: plainText(110).defined(), source: string().defined() });
