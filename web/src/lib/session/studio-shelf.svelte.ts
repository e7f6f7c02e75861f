import { isObject, itemsOf, kindOf, rangesOf, type Design, type Range, type ShelfItem } from 'goodreach';
import { sendJson, type Answer } from './send-json';

/** What was taken from the shelf, or marked to be found again. */
interface Remembered {
  range: string;
  code: string;
}

const KEPT = 'goodreach-shelf';
const MOST_RECENT = 12;

/** The shelf of the person at this browser: the studio's own ranges, what was taken last, and the favourites. */
export class StudioShelf {
  /** The studio's own ranges, as the server has them. */
  ranges: readonly Range[] = $state.raw([]);
  recent: readonly Remembered[] = $state.raw([]);
  favourites: readonly Remembered[] = $state.raw([]);

  /** The objects of its own: each a range of one. */
  objects: readonly Range[] = $state.raw([]);

  #known: {
    kept: readonly Range[];
    own: readonly Range[];
    objects: readonly Range[];
    all: readonly Range[];
  } | null = null;

  constructor({ ranges, objects }: Pick<StudioShelf, 'objects' | 'ranges'>) {
    this.ranges = ranges;
    this.objects = objects;
  }

  /** Reads what this browser remembers; junk is nothing remembered. */
  load(): void {
    try {
      const kept = JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Partial<Record<string, unknown>>;
      this.recent = remembered(kept['recent']);
      this.favourites = remembered(kept['favourites']);
    } catch {
      this.recent = [];
      this.favourites = [];
    }
  }

  /** Every range there is for a room: the program's, those the room keeps, and the studio's own as they are now. */
  known(design: Design): readonly Range[] {
    const [kept, own, objects] = [rangesOf(design), this.ranges, this.objects];
    // The same list as long as it is of the same: what is made of it need not be made again for every frame of a drag.
    if (this.#known?.kept !== kept || this.#known.own !== own || this.#known.objects !== objects) {
      // They are built as the room says.
      const ways = new Map(kept.flatMap((range) => (range.ways ? [[range.id, range.ways] as const] : [])));
      const mine = [...own, ...objects].map((range) => {
        const here = ways.get(range.id);
        return here ? { ...range, ways: here } : range;
      });
      const ids = new Set(mine.map(({ id }) => id));
      this.#known = { kept, own, objects, all: [...kept.filter(({ id }) => !ids.has(id)), ...mine] };
    }
    return this.#known.all;
  }

  own(id: string): Range | undefined {
    return [...this.ranges, ...this.objects].find((range) => range.id === id);
  }

  /** Every object there is for a room: the studio's, and those the room keeps that the studio has no more. */
  objectsFor(design: Design): readonly ShelfItem[] {
    return this.known(design).flatMap((range) => itemsOf(range).filter(({ type }) => isObject(kindOf(type))));
  }

  /** Keeps an object with its model, as base64. */
  async keepObject(object: object, model: string): Promise<Answer<Range>> {
    const answer = await sendJson<Range>('POST', '/api/objects', { object, model });
    if (answer.ok)
      this.objects = [...this.objects, answer.value].sort((a, b) => a.name.localeCompare(b.name));
    return answer;
  }

  /** Forgets an object; what is wrong, if it can't be. */
  async forgetObject(id: string): Promise<string> {
    const answer = await sendJson('DELETE', `/api/objects/${id}`);
    if (!answer.ok) return answer.message;
    this.objects = this.objects.filter((range) => range.id !== id);
    return '';
  }

  taken({ range, code }: ShelfItem): void {
    const others = this.recent.filter((one) => one.range !== range || one.code !== code);
    this.recent = [{ range, code }, ...others].slice(0, MOST_RECENT);
    this.#keep();
  }

  isFavourite({ range, code }: ShelfItem): boolean {
    return this.favourites.some((one) => one.range === range && one.code === code);
  }

  toggleFavourite(item: ShelfItem): void {
    const { range, code } = item;
    this.favourites = this.isFavourite(item)
      ? this.favourites.filter((one) => one.range !== range || one.code !== code)
      : [...this.favourites, { range, code }];
    this.#keep();
  }

  #keep(): void {
    localStorage.setItem(KEPT, JSON.stringify({ recent: this.recent, favourites: this.favourites }));
  }
}

function remembered(value: unknown): Remembered[] {
  if (!Array.isArray(value)) return [];
  return value.filter(
    (one): one is Remembered => typeof one?.range === 'string' && typeof one?.code === 'string',
  );
}
