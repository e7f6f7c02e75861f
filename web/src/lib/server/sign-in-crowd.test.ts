import { afterAll, beforeAll, expect, it, vi } from 'vitest';
import { signIn } from './sessions';
import { freshDatabase } from './testing/fresh-database';

const at = vi.hoisted(() => ({ once: 0, most: 0 }));
// Passwords that take their time to look at.
vi.mock('@node-rs/argon2', () => ({
  hash: async () => 'hashed',
  verify: async () => {
    at.once += 1;
    at.most = Math.max(at.most, at.once);
    await new Promise((resolve) => setTimeout(resolve, 100));
    at.once -= 1;
    return false;
  },
}));

let drop: () => Promise<void>;
beforeAll(async () => {
  drop = await freshDatabase();
});
afterAll(() => drop());

it('looks at two passwords at once; who comes while many wait is told to try again', async () => {
  const outcomes = await Promise.all(
    Array.from({ length: 60 }, (_, index) =>
      signIn({ email: `c${index}@studio.example`, address: `10.0.0.${index}` }, 'x'),
    ),
  );
  const kinds = outcomes.map(({ kind }) => kind);
  expect(at.most).toBe(2);
  expect(new Set(kinds)).toEqual(new Set(['wrong', 'busy']));
  expect(kinds.filter((kind) => kind === 'wrong').length).toBeGreaterThanOrEqual(20);
  // Those that may wait are few enough that all are answered in a moment.
  expect(kinds.filter((kind) => kind === 'wrong').length).toBeLessThan(50);
});
