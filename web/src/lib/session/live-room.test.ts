import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LiveRoom } from './live-room.svelte';

/** A stream that is told by hand. */
class Stream {
  static open: Stream[] = [];
  onmessage: (event: { data: string }) => void = () => {};
  onopen: () => void = () => {};
  onerror: () => void = () => {};
  constructor(readonly url: string) {
    Stream.open.push(this);
  }
  close(): void {
    Stream.open = Stream.open.filter((one) => one !== this);
  }
  tell(told: object): void {
    this.onmessage({ data: JSON.stringify(told) });
  }
}

const page = Object.assign(new EventTarget(), { visibilityState: 'visible' });
const see = (state: 'hidden' | 'visible') => {
  page.visibilityState = state;
  page.dispatchEvent(new Event('visibilitychange'));
};
const sent: { url: string; body: { tab: string; chosen: string[] } }[] = [];

beforeEach(() => {
  vi.useFakeTimers();
  Stream.open = [];
  sent.length = 0;
  page.visibilityState = 'visible';
  vi.stubGlobal('EventSource', Stream);
  vi.stubGlobal('document', page);
  vi.stubGlobal('fetch', async (url: string, init: { body: string }) => {
    sent.push({ url, body: JSON.parse(init.body) as (typeof sent)[0]['body'] });
    return new Response(null, { status: 204 });
  });
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const ann = { id: 'a', name: 'Ann' };

describe('a room that others are in', () => {
  it('tells who is there by name, what they have chosen, and that they have gone', () => {
    const saved: number[] = [];
    const live = new LiveRoom('r', (revision) => saved.push(revision));
    live.open();
    const [stream] = Stream.open;
    stream!.tell({ of: 'here', tab: '2', person: { id: 'z', name: 'Zoe' }, chosen: [] });
    stream!.tell({ of: 'here', tab: '1', person: ann, chosen: ['item'] });
    stream!.tell({ of: 'here', tab: '2', person: { id: 'z', name: 'Zoe' }, chosen: ['door'] });
    expect(live.colleagues.map(({ person, chosen }) => [person.name, chosen])).toEqual([
      ['Ann', ['item']],
      ['Zoe', ['door']],
    ]);
    stream!.tell({ of: 'gone', tab: '1' });
    expect(live.colleagues.map(({ tab }) => tab)).toEqual(['2']);
    stream!.tell({ of: 'saved', revision: 7 });
    stream!.tell({ of: 'lost' });
    expect(saved).toEqual([7, Infinity]);
    stream!.onerror();
    expect(live.colleagues).toEqual([]);
    live.close();
    expect(Stream.open).toEqual([]);
  });

  it('knows its own tab, and tells what is chosen once it rests, at most fifty', async () => {
    const live = new LiveRoom('r', () => {});
    live.open();
    const own = new URL(Stream.open[0]!.url, 'http://x').searchParams.get('tab')!;
    Stream.open[0]!.tell({ of: 'here', tab: own, person: ann, chosen: [] });
    expect(live.colleagues).toEqual([]);
    live.choose(['a']);
    live.choose(Array.from({ length: 60 }, (_, index) => `item-${index}`));
    await vi.advanceTimersByTimeAsync(199);
    expect(sent).toEqual([]);
    await vi.advanceTimersByTimeAsync(1);
    expect(sent.map(({ url, body }) => [url, body.tab, body.chosen.length])).toEqual([
      ['/api/rooms/r/live', own, 50],
    ]);
    // Listening anew, it says so again.
    Stream.open[0]!.onopen();
    await vi.advanceTimersByTimeAsync(0);
    expect(sent).toHaveLength(2);
    live.close();
  });

  it('listens only while the page is seen', () => {
    const live = new LiveRoom('r', () => {});
    live.open();
    expect(Stream.open).toHaveLength(1);
    see('hidden');
    expect(Stream.open).toHaveLength(0);
    see('visible');
    see('visible');
    expect(Stream.open).toHaveLength(1);
    live.close();
    see('visible');
    expect(Stream.open).toHaveLength(0);
  });
});
