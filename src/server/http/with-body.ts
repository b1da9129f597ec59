import { ObjectSchema, type Schema } from 'yup';
import { type Parsed, parseWith } from '../../core/border/parse';
import { asBody, type BodyRead, readBodyJson, readBodyText } from './read-body';
import { refuse } from './respond';

/** A route's handler of a validated body. */
type Handler<T, Context> = (body: T, request: Request, context: Context) => Promise<Response>;

const handled =
  <T, Context>(read: (request: Request) => Promise<BodyRead<T>>, handler: Handler<T, Context>) =>
  async (request: Request, context: Context): Promise<Response> => {
    const body = await read(request);
    return body.ok ? handler(body.value, request, context) : refuse(body.status, body.error, body.path);
  };

/** The same schema, rejecting unknown keys instead of ignoring them. */
const closed = <T>(schema: Schema<T>): Schema<T> =>
  schema instanceof ObjectSchema
    ? (schema.noUnknown(
        ({ unknown }) => `contains an unknown field: ${String(unknown).slice(0, 60)}`,
      ) as unknown as Schema<T>)
    : schema;

/**
 * Validation of every route that writes: content type, size, time, depth, characters and schema of its body, in that
 * order. Invalid bodies are rejected with what is wrong and where, and the handler never sees them.
 * @param maxBytes maximum body size
 * @example export const POST = jobRoute('move job', withBody(moveSchema, 1000, async ({ action }, request, jobId) =>
 *   …));
 */
export const withBody = <T, Context>(schema: Schema<T>, maxBytes: number, handler: Handler<T, Context>) => {
  const known = closed(schema);
  return handled<T, Context>(async (request) => {
    const body = await readBodyJson(request, maxBytes);
    return body.ok ? asBody(parseWith(known, body.value)) : body;
  }, handler);
};

/** The same for a body that is a file with its own parser: a large one is parsed in a thread. */
export const withFile = <T, Context>(
  parse: (text: string) => Promise<Parsed<T>>,
  maxBytes: number,
  handler: Handler<T, Context>,
) =>
  handled<T, Context>(async (request) => {
    const text = await readBodyText(request, maxBytes);
    return text.ok ? asBody(await parse(text.value)) : text;
  }, handler);
