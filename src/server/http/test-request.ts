interface Sent {
  readonly method?: string;
  readonly query?: string;
}

/** A request as the client sends one: JSON that says so, a POST where there is a body. For tests of routes alone. */
export const testRequest = (body?: unknown, { method = 'POST', query = '' }: Sent = {}): Request =>
  new Request(
    `http://test.local/${query}`,
    body === undefined
      ? {}
      : {
          method,
          headers: { 'content-type': 'application/json' },
          body: typeof body === 'string' ? body : JSON.stringify(body),
        },
  );
