import type { Reason } from '../reasons';
import { ok, refuse, type Fault, type Result } from '../result';

/** Reads a bare case of a computation from JSON: what is not as it must be is kept as a fault with its place, and something harmless stands in for it. */
export class CaseReader {
  readonly #faults: Fault[] = [];

  fault(path: string, value: unknown, reason: Reason): undefined {
    this.#faults.push({ path, value: JSON.stringify(value)?.slice(0, 40) ?? '', reason });
    return undefined;
  }

  /** An object that has no keys but those that are known. */
  object(value: unknown, path: string, known: readonly string[]): Record<string, unknown> {
    if (typeof value !== 'object' || value === null || Array.isArray(value)) {
      this.fault(path, value, 'no-object');
      return {};
    }
    for (const key of Object.keys(value))
      if (!known.includes(key)) this.fault(`${path}.${key}`, undefined, 'no-key');
    return value as Record<string, unknown>;
  }

  list(value: unknown, path: string, most: number, least = 0): unknown[] {
    if (!Array.isArray(value) || value.length > most) {
      this.fault(path, undefined, { because: 'list-too-long', most });
      return [];
    }
    if (value.length < least) this.fault(path, undefined, { because: 'list-too-short', least });
    return value as unknown[];
  }

  text(value: unknown, path: string): string {
    if (typeof value === 'string' && value.length > 0 && value.length <= 64) return value;
    this.fault(path, value, { because: 'text-length', most: 64 });
    return '';
  }

  number(value: unknown, path: string, least: number, most: number): number {
    if (typeof value === 'number' && value >= least && value <= most) return value;
    this.fault(path, value, { because: 'number-between', least, most });
    return least;
  }

  whole(value: unknown, path: string, least: number, most: number): number {
    if (typeof value === 'number' && Number.isInteger(value) && value >= least && value <= most) return value;
    this.fault(path, value, { because: 'whole-between', least, most });
    return least;
  }

  /** One of some keys, or the first of them. */
  oneOf<T extends string>(value: unknown, path: string, known: readonly T[]): T {
    if (known.includes(value as T)) return value as T;
    this.fault(path, value, { because: 'not-among', known: known.join(', ') });
    return known[0]!;
  }

  /** What was made of all that was read, or every fault of it. */
  result<T>(made: T): Result<T> {
    return this.#faults.length > 0 ? refuse('input-faulty', { faults: this.#faults }) : ok(made);
  }

  get faulty(): boolean {
    return this.#faults.length > 0;
  }
}
