/** The server's answer, or why there is none. */
export type Answer<T> =
  | { readonly kind: 'ok'; readonly value: T }
  | {
      readonly kind: 'refused';
      readonly status: number;
      readonly error: string;
      readonly path: string;
      readonly body: unknown;
    }
  /** No answer, or one after which the same may be sent again; the status is that of an answer. */
  | { readonly kind: 'lost'; readonly error: string; readonly status?: number };

export type NotOk = Exclude<Answer<unknown>, { readonly kind: 'ok' }>;

/** Message for what waits on this device. */
export const savedHere = ({ kind, error }: NotOk): string =>
  kind === 'lost' ? `${error} What you entered is saved on this device.` : error;
