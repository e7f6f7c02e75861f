/** So little is nothing, and so small an element is not pivoted on. */
const TINY = 1e-9;
const PIVOT = 1e-7;
/** After so many pivots the inverse is made anew, so that errors don't add up. */
const RENEWED = 120;
/** A solution is not looked for any longer: it is then one, if not the best. */
const MOST_PIVOTS = 4_000;

/** A column: how much of each row it covers, row and amount. */
interface Column {
  entries: readonly (readonly [row: number, amount: number])[];
  /** What one of it costs: 0 is for what is covered over what is asked. */
  cost: number;
}

/**
 * The columns that cost the least, in shares of them, and cover so much of every row: a linear programme, by the revised simplex method with the
 * inverse of its basis. Columns are added as they are found; what was solved before is gone on from (Gilmore and Gomory's way).
 */
export class Covering {
  readonly #rows: number;
  readonly #asked: Float64Array;
  readonly #columns: Column[] = [];
  readonly #basis: number[] = [];
  #inverse: Float64Array[];
  #shares: Float64Array;
  #pivots = 0;

  /** What is asked of every row; one column that covers one of it, and costs 1, is there for each to begin with. */
  constructor(asked: readonly number[]) {
    this.#rows = asked.length;
    // Rows that are asked for alike would turn in circles: each is asked for a trifle more than it is.
    this.#asked = Float64Array.from(asked, (one, row) => one * (1 + 1e-7 * ((row * 7919) % 101)));
    this.#inverse = identity(this.#rows);
    this.#shares = this.#asked.slice();
    for (let row = 0; row < this.#rows; row++) {
      this.#columns.push({ entries: [[row, 1]], cost: 1 });
      this.#basis.push(row);
    }
    for (let row = 0; row < this.#rows; row++) this.#columns.push({ entries: [[row, -1]], cost: 0 });
  }

  /** Adds a column by how much it covers of every row, and what it costs; gives its number. */
  add(covers: readonly number[], cost = 1): number {
    const entries = covers.flatMap((amount, row) => (amount > 0 ? [[row, amount] as const] : []));
    return this.#columns.push({ entries, cost }) - 1;
  }

  /** Goes on until no column that is there would make it less. */
  solve(): void {
    for (let pivots = 0; pivots < MOST_PIVOTS; pivots++) {
      const entering = this.#entering();
      if (entering < 0 || !this.#pivot(entering)) return;
    }
  }

  /** What one more of every row is worth: a column that is worth more than it costs makes the sum less. */
  get prices(): Float64Array {
    const prices = new Float64Array(this.#rows);
    this.#basis.forEach((column, at) => {
      const { cost } = this.#columns[column]!;
      if (cost === 0) return;
      const row = this.#inverse[at]!;
      for (let i = 0; i < this.#rows; i++) prices[i] = prices[i]! + cost * row[i]!;
    });
    return prices;
  }

  /** What it all costs. */
  get sum(): number {
    return this.#basis.reduce((sum, column, at) => sum + this.#columns[column]!.cost * this.#shares[at]!, 0);
  }

  /** The columns that are taken, by their number, and how much of each. */
  get taken(): readonly { column: number; share: number }[] {
    return this.#basis.flatMap((column, at) =>
      this.#columns[column]!.cost > 0 && this.#shares[at]! > 1e-6
        ? [{ column, share: this.#shares[at]! }]
        : [],
    );
  }

  #entering(): number {
    const prices = this.prices;
    let best = -1;
    let least = -TINY;
    this.#columns.forEach(({ entries, cost }, column) => {
      let reduced = cost;
      for (const [row, amount] of entries) reduced -= prices[row]! * amount;
      if (reduced < least) [best, least] = [column, reduced];
    });
    return best;
  }

  /** Takes a column into the basis; false where nothing hinders it, which can't be where every column costs something. */
  #pivot(entering: number): boolean {
    const along = new Float64Array(this.#rows);
    for (const [row, amount] of this.#columns[entering]!.entries)
      for (let at = 0; at < this.#rows; at++) along[at] = along[at]! + this.#inverse[at]![row]! * amount;
    let leaving = -1;
    let least = Infinity;
    for (let at = 0; at < this.#rows; at++) {
      if (along[at]! <= PIVOT) continue;
      const share = this.#shares[at]! / along[at]!;
      if (share < least - TINY || (share < least + TINY && along[at]! > along[leaving]!))
        [leaving, least] = [at, share];
    }
    if (leaving < 0) return false;
    this.#basis[leaving] = entering;
    if (++this.#pivots % RENEWED === 0) {
      this.#renew();
      return true;
    }
    const pivot = this.#inverse[leaving]!;
    const by = along[leaving]!;
    for (let i = 0; i < this.#rows; i++) pivot[i] = pivot[i]! / by;
    for (let at = 0; at < this.#rows; at++) {
      const times = along[at]!;
      if (at === leaving || times === 0) continue;
      const row = this.#inverse[at]!;
      for (let i = 0; i < this.#rows; i++) row[i] = row[i]! - times * pivot[i]!;
      this.#shares[at] = Math.max(0, this.#shares[at]! - times * least);
    }
    this.#shares[leaving] = least;
    return true;
  }

  /** Makes the inverse of the basis anew, by Gauss and Jordan, and what is taken of its columns. */
  #renew(): void {
    const size = this.#rows;
    const left = Array.from({ length: size }, () => new Float64Array(size));
    this.#basis.forEach((column, at) => {
      for (const [row, amount] of this.#columns[column]!.entries) left[row]![at] = amount;
    });
    const right = identity(size);
    for (let at = 0; at < size; at++) {
      let most = at;
      for (let row = at + 1; row < size; row++)
        if (Math.abs(left[row]![at]!) > Math.abs(left[most]![at]!)) most = row;
      [left[at], left[most]] = [left[most]!, left[at]!];
      [right[at], right[most]] = [right[most]!, right[at]!];
      const by = left[at]![at]!;
      for (const rows of [left, right]) rows[at]!.forEach((value, i, row) => (row[i] = value / by));
      for (let row = 0; row < size; row++) {
        const times = left[row]![at]!;
        if (row === at || times === 0) continue;
        for (const rows of [left, right]) {
          const [own, pivot] = [rows[row]!, rows[at]!];
          for (let i = 0; i < size; i++) own[i] = own[i]! - times * pivot[i]!;
        }
      }
    }
    this.#inverse = right;
    this.#shares = Float64Array.from(right, (row) =>
      Math.max(
        0,
        row.reduce((sum, value, i) => sum + value * this.#asked[i]!, 0),
      ),
    );
  }
}

const identity = (size: number): Float64Array[] =>
  Array.from({ length: size }, (_, at) => {
    const row = new Float64Array(size);
    row[at] = 1;
    return row;
  });
