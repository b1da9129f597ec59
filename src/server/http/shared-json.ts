const texts = new WeakMap<object, string>();

/** A response shared by many: serialized once. */
export const sharedJson = (value: object): Response => {
  const text = texts.get(value) ?? JSON.stringify(value);
  texts.set(value, text);
  return new Response(text, { headers: { 'content-type': 'application/json' } });
};
