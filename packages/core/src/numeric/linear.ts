import { Matrix, solve } from 'ml-matrix';

/**
 * Solves a small square system, as a vector.
 * @param matrix n rows of n. @param right n values
 * @example solveLinear([[2, 0], [0, 4]], [2, 2]) // [1, 0.5]
 */
export function solveLinear(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  return solve(new Matrix(matrix.map((row) => [...row])), Matrix.columnVector([...right])).to1DArray();
}
