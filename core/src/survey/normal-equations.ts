/** A row of a sparse linear system: indices of unknowns and their coefficients. */
export interface SparseRow {
  at: number[];
  by: number[];
}

/** A pivot smaller than this share of its diagonal means the unknown is not fixed by the rows. */
const LEAST_PIVOT = 1e-12;

/**
 * Normal equations JᵀPJ x = JᵀPl of a least-squares problem, built up row by row and solved by Cholesky's method.
 * Written for speed: a survey is adjusted anew in every frame of a drag. (Golub & Van Loan, Matrix Computations, 4.2.)
 */
export class NormalEquations {
  private readonly matrix: Float64Array;
  private readonly right: Float64Array;

  constructor(private readonly size: number) {
    this.matrix = new Float64Array(size * size);
    this.right = new Float64Array(size);
  }

  /** Adds an observation: its derivative by the unknowns, given minus computed value, and weight 1/sigma². */
  add({ at, by }: SparseRow, difference: number, weight: number): void {
    const { matrix, right, size } = this;
    for (let i = 0; i < at.length; i++) {
      const scaled = by[i]! * weight;
      right[at[i]!]! += scaled * difference;
      for (let j = 0; j < at.length; j++) matrix[at[i]! * size + at[j]!]! += scaled * by[j]!;
    }
  }

  /** The Cholesky factor, or null when the rows leave an unknown open. */
  factor(): Factor | null {
    const { matrix, size } = this;
    const lower = new Float64Array(size * size);
    for (let j = 0; j < size; j++) {
      const rowJ = j * size;
      let pivot = matrix[rowJ + j]!;
      for (let k = 0; k < j; k++) pivot -= lower[rowJ + k]! ** 2;
      if (!(pivot > LEAST_PIVOT * matrix[rowJ + j]!)) return null;
      const root = Math.sqrt(pivot);
      lower[rowJ + j] = root;
      for (let i = j + 1; i < size; i++) {
        const rowI = i * size;
        let value = matrix[rowI + j]!;
        for (let k = 0; k < j; k++) value -= lower[rowI + k]! * lower[rowJ + k]!;
        lower[rowI + j] = value / root;
      }
    }
    return new Factor(lower, size);
  }

  /** The unknowns, or null when the rows leave one open. */
  solve(): Float64Array | null {
    return this.factor()?.solve(this.right) ?? null;
  }
}

/** A lower triangular Cholesky factor. */
export class Factor {
  constructor(
    private readonly lower: Float64Array,
    private readonly size: number,
  ) {}

  solve(right: ArrayLike<number>): Float64Array {
    const { lower, size } = this;
    const x = Float64Array.from(right);
    for (let i = 0; i < size; i++) {
      for (let k = 0; k < i; k++) x[i]! -= lower[i * size + k]! * x[k]!;
      x[i]! /= lower[i * size + i]!;
    }
    for (let i = size - 1; i >= 0; i--) {
      for (let k = i + 1; k < size; k++) x[i]! -= lower[k * size + i]! * x[k]!;
      x[i]! /= lower[i * size + i]!;
    }
    return x;
  }

  /** The inverse of the normal matrix, row by row: the covariance of the unknowns for unit weight. */
  inverse(): Float64Array[] {
    return Array.from({ length: this.size }, (_, index) => {
      const unit = new Float64Array(this.size);
      unit[index] = 1;
      return this.solve(unit);
    });
  }
}
