import { type Parsed, parseJson } from '../../core/border/parse';

/**
 * Reads a request's body as text, and stops reading once it is too large.
 * @param maxBytes most that is taken
 */
export const readBodyText = async (request: Request, maxBytes: number): Promise<Parsed<string>> => {
  const tooLarge = {
    ok: false,
    path: '',
    error: `That is larger than ${maxBytes / 1e6} MB. Check that it is the right file.`,
  } as const;
  if (Number(request.headers.get('content-length') ?? 0) > maxBytes) return tooLarge;
  if (!request.body) return { ok: true, value: '' };
  const decoder = new TextDecoder('utf-8', { fatal: true });
  let text = '';
  let bytes = 0;
  const reader = request.body.getReader();
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      bytes += value.byteLength;
      if (bytes > maxBytes) {
        await reader.cancel();
        return tooLarge;
      }
      text += decoder.decode(value, { stream: true });
    }
    text += decoder.decode();
  } catch {
    return { ok: false, path: '', error: 'This is not text in UTF-8. Check that it is the right file.' };
  }
  return { ok: true, value: text };
};

/** Reads a request's body as JSON. */
export const readBodyJson = async (request: Request, maxBytes: number): Promise<Parsed<unknown>> => {
  const text = await readBodyText(request, maxBytes);
  return text.ok ? parseJson(text.value) : text;
};
