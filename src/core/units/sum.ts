/** Sum of numbers. */
export const sum = (numbers: readonly number[]): number => numbers.reduce((total, each) => total + each, 0);
