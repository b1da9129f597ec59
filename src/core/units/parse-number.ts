/** A number as typed, or what is wrong with it. */
export type TypedNumber =
  | { readonly kind: 'number'; readonly value: number }
  | { readonly kind: 'open' }
  | { readonly kind: 'empty' }
  | { readonly kind: 'wrong'; readonly why: string };

/** Meter displays for an open circuit. */
const OPEN = /^[-+]?(o\.?l\.?|\.ol|0\.?l\.?|∞|inf)$/i;

/**
 * Parses field text: "71.5", "71,5", "1,150", "−4", "OL", "∞". A comma is a decimal comma unless exactly three digits
 * follow.
 */
export const parseTyped = (text: string): TypedNumber => {
  const plain = text
    .trim()
    .replace(/[\u2212\u2013]/g, '-')
    .replace(/\s/g, '');
  if (plain === '') return { kind: 'empty' };
  if (OPEN.test(plain)) return { kind: 'open' };
  const grouped = /^-?\d{1,3}(,\d{3})+(\.\d+)?$/.test(plain) ? plain.replaceAll(',', '') : plain.replace(',', '.');
  if (!/^[-+]?(\d+\.?\d*|\.\d+)$/.test(grouped))
    return { kind: 'wrong', why: `“${text.trim().slice(0, 20)}” is not a number. Type digits, such as 71.5.` };
  return { kind: 'number', value: Number(grouped) };
};
