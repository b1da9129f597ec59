/**
 * Solves `matrix · x = right` in place by Gaussian elimination with partial pivoting; the answer replaces `right`.
 * @param matrix row-major, size × size; overwritten
 * @returns false where the system is singular
 */
export const solveLinear = (matrix: Float64Array, right: Float64Array, size: number): boolean => {
  for (let column = 0; column < size; column++) {
    let pivot = column;
    for (let row = column + 1; row < size; row++) {
      if (Math.abs(matrix[row * size + column]!) > Math.abs(matrix[pivot * size + column]!)) pivot = row;
    }
    const head = matrix[pivot * size + column]!;
    if (Math.abs(head) < 1e-14) return false;
    if (pivot !== column) {
      for (let k = column; k < size; k++) {
        const held = matrix[column * size + k]!;
        matrix[column * size + k] = matrix[pivot * size + k]!;
        matrix[pivot * size + k] = held;
      }
      const held = right[column]!;
      right[column] = right[pivot]!;
      right[pivot] = held;
    }
    for (let row = column + 1; row < size; row++) {
      const factor = matrix[row * size + column]! / head;
      if (factor === 0) continue;
      for (let k = column; k < size; k++) matrix[row * size + k]! -= factor * matrix[column * size + k]!;
      right[row]! -= factor * right[column]!;
    }
  }
  for (let row = size - 1; row >= 0; row--) {
    let sum = right[row]!;
    for (let k = row + 1; k < size; k++) sum -= matrix[row * size + k]! * right[k]!;
    right[row] = sum / matrix[row * size + row]!;
  }
  return true;
};
