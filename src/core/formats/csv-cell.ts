/**
 * A cell that a spreadsheet could take for a formula: it begins with a formula sign, including full-width signs and
 * signs after blanks. Papa Parse prefixes an apostrophe.
 */
export const FORMULA_CELL = /^\s*[=+\-@＝＋－＠]|^[\t\r]/;
