/** A request as the client sends one: JSON that says so. For tests of routes alone. */
export const testRequest = (
  body?: unknown,
  { query = '', headers = {} }: { query?: string; headers?: Record<string, string> } = {},
): Request =>
  new Request(
    `http://test.local/${query}`,
    body === undefined
      ? {}
      : {
          method: 'POST',
          headers: { 'content-type': 'application/json', ...headers },
          body: typeof body === 'string' ? body : JSON.stringify(body),
        },
  );
