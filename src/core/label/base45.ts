/** Characters of a QR code's alphanumeric mode in value order (RFC 9285). */
const SIGNS = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./:';
const BASE = SIGNS.length;
const BYTE = 256;

/** Encodes bytes for QR codes: three characters for two bytes, two for a last one (RFC 9285). */
export const toBase45 = (bytes: Uint8Array): string => {
  let text = '';
  for (let at = 0; at < bytes.length; at += 2) {
    const isPair = at + 1 < bytes.length;
    let value = isPair ? bytes[at]! * BYTE + bytes[at + 1]! : bytes[at]!;
    for (let sign = 0; sign < (isPair ? 3 : 2); sign += 1) {
      text += SIGNS[value % BASE];
      value = Math.floor(value / BASE);
    }
  }
  return text;
};

/** Decodes such a text; null if it is invalid: another character, a value too large, or a character left over. */
export const fromBase45 = (text: string): Uint8Array | null => {
  const values = [...text].map((sign) => SIGNS.indexOf(sign));
  if (values.includes(-1) || values.length % 3 === 1) return null;
  const bytes: number[] = [];
  for (let at = 0; at < values.length; at += 3) {
    const [one, two, three] = [values[at]!, values[at + 1]!, values[at + 2]];
    const value = one + two * BASE + (three ?? 0) * BASE * BASE;
    if (value >= (three === undefined ? BYTE : BYTE * BYTE)) return null;
    bytes.push(...(three === undefined ? [value] : [Math.floor(value / BYTE), value % BYTE]));
  }
  return Uint8Array.from(bytes);
};
