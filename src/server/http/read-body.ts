import { type Parsed, parseJson } from '../../core/border/parse';

/** The body, or the status and reason of its rejection. */
export type BodyRead<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly status: 400 | 408 | 413 | 415; readonly error: string; readonly path: string };

/** Maximum wait for a body, ms. */
const SLOWEST_MS = 60_000;

const refused = (status: 400 | 408 | 413 | 415, error: string) => ({ ok: false, status, error, path: '' }) as const;

/** Every write must be JSON: another site's form cannot send that without a preflight. */
const isJson = (request: Request): boolean =>
  /^application\/(json|[a-z0-9.-]+\+json)(;|$)/i.test(request.headers.get('content-type') ?? '');

/** Resolves after a time; leaves no timer when no longer needed. */
const deadline = (ms: number) => {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const passed = new Promise<'late'>((resolve) => {
    timer = setTimeout(() => resolve('late'), ms);
  });
  return { passed, clear: () => clearTimeout(timer) };
};

/**
 * Reads a request's body as text; stops once it is too large or too slow.
 * @param maxBytes maximum size
 * @param slowestMs maximum total time, ms
 */
export const readBodyText = async (
  request: Request,
  maxBytes: number,
  slowestMs = SLOWEST_MS,
): Promise<BodyRead<string>> => {
  if (!isJson(request)) return refused(415, 'Send JSON with the content type application/json.');
  const tooLarge = refused(413, `That is larger than ${maxBytes / 1e6} MB. Check that it is the right file.`);
  if (Number(request.headers.get('content-length') ?? 0) > maxBytes) return tooLarge;
  if (!request.body) return { ok: true, value: '' };
  const decoder = new TextDecoder('utf-8', { fatal: true });
  const { passed, clear } = deadline(slowestMs);
  let text = '';
  let bytes = 0;
  const reader = request.body.getReader();
  try {
    for (;;) {
      const part = await Promise.race([reader.read(), passed]);
      if (part === 'late') {
        await reader.cancel();
        return refused(408, 'The upload took too long. Try again with a better connection.');
      }
      if (part.done) break;
      bytes += part.value.byteLength;
      if (bytes > maxBytes) {
        await reader.cancel();
        return tooLarge;
      }
      text += decoder.decode(part.value, { stream: true });
    }
    text += decoder.decode();
  } catch {
    return refused(400, 'This is not text in UTF-8. Check that it is the right file.');
  } finally {
    clear();
  }
  return { ok: true, value: text };
};

/** Parse result, rejected with 400 if invalid. */
export const asBody = <T>(parsed: Parsed<T>): BodyRead<T> => (parsed.ok ? parsed : { ...parsed, status: 400 });

/** Reads a request's body as JSON. */
export const readBodyJson = async (request: Request, maxBytes: number): Promise<BodyRead<unknown>> => {
  const text = await readBodyText(request, maxBytes);
  return text.ok ? asBody(parseJson(text.value)) : text;
};
