import type { Component } from 'svelte';
import { describe, expect, it, vi } from 'vitest';
import { fetchAhead, later } from './later';

const part = (() => ({})) as unknown as Component<object>;

describe('a part that comes later', () => {
  it('is fetched once, and then here', async () => {
    const bring = vi.fn(() => Promise.resolve({ default: part }));
    const one = later(bring);
    expect(one.here).toBeNull();
    expect(bring).not.toHaveBeenCalled();
    expect(await Promise.all([one.fetch(), one.fetch()])).toEqual([part, part]);
    expect(one.here).toBe(part);
    await one.fetch();
    expect(bring).toHaveBeenCalledTimes(1);
  });

  it('is fetched anew where it could not be', async () => {
    const bring = vi
      .fn<() => Promise<{ default: Component<object> }>>()
      .mockRejectedValueOnce(new Error('gone'))
      .mockResolvedValue({ default: part });
    const one = later(bring);
    await expect(one.fetch()).rejects.toThrow('gone');
    expect(one.here).toBeNull();
    expect(await one.fetch()).toBe(part);
  });

  it('is fetched ahead unless told otherwise, and asked for again where that failed', async () => {
    const bring = vi
      .fn<() => Promise<{ default: Component<object> }>>()
      .mockRejectedValueOnce(new Error('gone'))
      .mockResolvedValue({ default: part });
    const large = vi.fn(() => Promise.resolve({ default: part }));
    const one = later(bring);
    const other = later(large, { isAhead: false });
    fetchAhead();
    expect(bring).toHaveBeenCalledTimes(1);
    expect(await other.fetch()).toBe(part);
    expect(large).toHaveBeenCalledTimes(1);
    await vi.waitFor(async () => expect(await one.fetch()).toBe(part), 60_000);
  });
});
