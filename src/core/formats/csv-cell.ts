/**
 * A cell that a spreadsheet would take for a formula: it begins with a sign of one, full-width ones and those behind
 * blanks included. Papa Parse puts an apostrophe before it.
 */
export const FORMULA_CELL = /^\s*[=+\-@＝＋－＠]|^[\t\r]/;
