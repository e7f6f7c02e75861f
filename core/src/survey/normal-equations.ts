/** A row of a sparse linear system: indices of unknowns and their coefficients. */
export interface SparseRow {
  at: number[];
  by: number[];
}

/** A pivot smaller than this share of its diagonal means the unknown is not fixed by the rows. */
const LEAST_PIVOT = 1e-12;
/** Of unknowns scaled alike, one fixed by less than this share (the square of three millionths) is left open. */
const LEAST_SHARE = 1e-11;
const LEAST_DIAGONAL = 1e-9;

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

  /** The right-hand side: by how much a shift of each unknown would lessen half the misfit. */
  get gradient(): Float64Array {
    return this.right;
  }

  get diagonal(): Float64Array {
    return Float64Array.from({ length: this.size }, (_, i) => this.matrix[i * this.size + i]!);
  }

  /** Equations with a symmetric matrix given by its columns. */
  static ofColumns(columns: readonly Float64Array[], right: Float64Array): NormalEquations {
    const made = new NormalEquations(right.length);
    columns.forEach((column, j) => column.forEach((value, i) => (made.matrix[i * right.length + j] = value)));
    made.right.set(right);
    return made;
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

  /** The unknowns with a share of each one's diagonal added to it (Levenberg and Marquardt's step). */
  solveDamped(share: number): Float64Array | null {
    const damped = new NormalEquations(this.size);
    damped.matrix.set(this.matrix);
    damped.right.set(this.right);
    for (let i = 0; i < this.size; i++) damped.matrix[i * this.size + i]! *= 1 + share;
    return damped.solve();
  }

  /** What the rows fix and what they leave open: see `OpenFactor`. */
  factorOpen(): OpenFactor {
    return new OpenFactor(this.matrix, this.right);
  }
}

/**
 * A factor of equations that may leave unknowns open: Cholesky's method with the greatest pivot first, the diagonal scaled to ones
 * (N. J. Higham, Accuracy and Stability of Numerical Algorithms, 10.3).
 */
export class OpenFactor {
  readonly rank: number;
  /** The unknowns as far as the rows fix them; what they leave open stays at zero. */
  readonly solution: Float64Array;
  readonly size: number;
  private readonly scales: Float64Array;
  private readonly work: Float64Array;
  private readonly order: number[];

  constructor(matrix: Float64Array, right: Float64Array) {
    const size = right.length;
    const diagonal = Float64Array.from({ length: size }, (_, i) => matrix[i * size + i]!);
    // What is only rounding beside the others is not scaled up to one of them.
    const least = LEAST_DIAGONAL * diagonal.reduce((most, value) => Math.max(most, value), 0) || 1;
    const scales = diagonal.map((value) => 1 / Math.sqrt(Math.max(value, least)));
    const scaled = (value: number, at: number) => value * scales[Math.floor(at / size)]! * scales[at % size]!;
    this.size = size;
    this.scales = scales;
    this.work = matrix.map(scaled);
    this.order = Array.from({ length: size }, (_, i) => i);
    this.rank = factorPivoted(this.work, this.order);
    this.solution = this.solve(right);
  }

  /** The unknowns for another right-hand side. */
  solve(right: ArrayLike<number>): Float64Array {
    const { work, size, rank } = this;
    const values = new Float64Array(size);
    for (let i = 0; i < rank; i++) {
      values[i] = right[this.order[i]!]! * this.scales[this.order[i]!]!;
      for (let k = 0; k < i; k++) values[i]! -= work[i * size + k]! * values[k]!;
      values[i]! /= work[i * size + i]!;
    }
    return this.inOrder(values);
  }

  /** A basis of the directions that no row speaks of. */
  open(): Float64Array[] {
    const { work, size, rank } = this;
    return Array.from({ length: size - rank }, (_, column) => {
      const values = new Float64Array(size);
      for (let i = 0; i < rank; i++) values[i] = -work[(rank + column) * size + i]!;
      values[rank + column] = 1;
      return this.inOrder(values);
    });
  }

  /** Solves the upper triangle in place and puts the unknowns where they belong. */
  private inOrder(values: Float64Array): Float64Array {
    const { work, size, rank } = this;
    for (let i = rank - 1; i >= 0; i--) {
      for (let k = i + 1; k < rank; k++) values[i]! -= work[k * size + i]! * values[k]!;
      values[i]! /= work[i * size + i]!;
    }
    const whole = new Float64Array(size);
    values.forEach((value, i) => (whole[this.order[i]!] = value * this.scales[this.order[i]!]!));
    return whole;
  }
}

/** Factors a symmetric matrix in place, rows and columns swapped so that the greatest pivot comes first; returns its rank. */
function factorPivoted(work: Float64Array, order: number[]): number {
  const size = order.length;
  const swap = (i: number, j: number) => {
    [order[i], order[j]] = [order[j]!, order[i]!];
    for (let k = 0; k < size; k++)
      [work[i * size + k], work[j * size + k]] = [work[j * size + k]!, work[i * size + k]!];
    for (let k = 0; k < size; k++)
      [work[k * size + i], work[k * size + j]] = [work[k * size + j]!, work[k * size + i]!];
  };
  for (let j = 0; j < size; j++) {
    let best = j;
    for (let i = j + 1; i < size; i++) if (work[i * size + i]! > work[best * size + best]!) best = i;
    if (!(work[best * size + best]! > LEAST_SHARE)) return j;
    if (best !== j) swap(j, best);
    const root = Math.sqrt(work[j * size + j]!);
    work[j * size + j] = root;
    for (let i = j + 1; i < size; i++) work[i * size + j]! /= root;
    for (let i = j + 1; i < size; i++)
      for (let k = j + 1; k <= i; k++) {
        work[i * size + k]! -= work[i * size + j]! * work[k * size + j]!;
        work[k * size + i] = work[i * size + k]!;
      }
  }
  return size;
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
