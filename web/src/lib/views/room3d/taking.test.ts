import { describe, expect, it } from 'vitest';
import { Taking } from './taking.svelte';

/** A job of so many steps, each done when it is let go on. */
function steps(count: number) {
  const log: string[] = [];
  let next: () => void = () => undefined;
  const job = async (told: (done: number) => boolean) => {
    log.push('begun');
    for (let i = 1; i <= count; i++) {
      await new Promise<void>((go) => (next = go));
      if (told(i / count)) continue;
      log.push('stopped');
      return null;
    }
    return 'taken';
  };
  const step = async () => {
    next();
    for (let i = 0; i < 5; i++) await Promise.resolve();
  };
  return { job, log, step };
}
const settle = async () => {
  for (let i = 0; i < 5; i++) await Promise.resolve();
};

describe('what is being taken', () => {
  it('tells how much is done, and gives what was taken', async () => {
    const taking = new Taking();
    const { job, step } = steps(2);
    const taken = taking.start(job);
    await settle();
    expect(taking.done).toBe(0);
    await step();
    expect(taking.done).toBe(0.5);
    await step();
    expect(await taken).toBe('taken');
    expect(taking.done).toBeNull();
  });

  it('is stopped at once, though its step goes on; the next begins when that has ended', async () => {
    const taking = new Taking();
    const [first, second] = [steps(2), steps(1)];
    const taken = taking.start(first.job);
    await settle();
    taking.stop();
    expect(taking.done).toBeNull();
    const other = taking.start(second.job);
    await settle();
    expect([taking.done, second.log]).toEqual([0, []]);
    await first.step();
    expect(await taken).toBeNull();
    expect(first.log).toEqual(['begun', 'stopped']);
    // What is told of the first says nothing of the second.
    expect([taking.done, second.log]).toEqual([0, ['begun']]);
    await second.step();
    expect(await other).toBe('taken');
  });

  it('passes a fault on and is free again', async () => {
    const taking = new Taking();
    await expect(taking.start(() => Promise.reject(new Error('no WebM')))).rejects.toThrow('no WebM');
    expect(taking.done).toBeNull();
    expect(await taking.start(() => Promise.resolve('taken'))).toBe('taken');
  });
});
