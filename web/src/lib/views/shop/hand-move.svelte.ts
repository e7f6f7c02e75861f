import {
  placesFor,
  refusalText,
  type LaidPart,
  type LengthStyle,
  type NestCase,
  type NestedSheet,
  type PartPlaces,
  type Point,
} from 'goodreach';
import type { BuildChoice } from './build-choice.svelte';

/** What a part is moved on: the case it was asked in, the sheets there are, the one that is shown. */
export interface HandGround {
  asked: NestCase;
  sheets: readonly NestedSheet[];
  style: LengthStyle;
}

/** A part dragged so near to a place where it can lie is caught by it, mm. */
const NEAR = 120;
/** So little is no drag, mm. */
const CLICK = 6;

const offFrom =
  (at: Point) =>
  ({ x, y }: Point): number =>
    Math.hypot(x - at.x, y - at.y);

const ways = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
} as const;

/** A part of a sheet in hand: dragged to another place or sheet, turned, or moved by keys from one place where it can lie to the next. */
export class HandMove {
  /** Which part of the shown sheet is in hand, and where it is dragged to. */
  part: number | null = $state(null);
  dragged: { at: Point; caught: Point | null } | null = $state.raw(null);
  problem = $state('');
  #taken: { at: Point; places: PartPlaces } | null = null;

  constructor(
    private readonly choice: BuildChoice,
    private readonly ground: () => HandGround | null,
  ) {}

  get sheet(): NestedSheet | null {
    return this.ground()?.sheets[this.choice.sheet] ?? null;
  }
  get held(): LaidPart | null {
    return (this.part === null ? null : this.sheet?.parts[this.part]) ?? null;
  }
  /** The sheet with what is dragged where it is. */
  get shown(): NestedSheet | null {
    const { sheet, part, dragged } = this;
    if (!sheet || part === null || !dragged) return sheet;
    const { x, y } = dragged.caught ?? dragged.at;
    const parts = sheet.parts.map((one, index) => (index === part ? { ...one, x, y } : one));
    return { ...sheet, parts, cuts: [] };
  }
  /** Whether it can lie where it is. */
  get fits(): boolean {
    return !this.dragged || this.dragged.caught !== null;
  }

  /** Takes what lies at a place in hand. */
  take(at: Point): boolean {
    const { sheet } = this;
    this.problem = '';
    const index = sheet?.parts.findIndex(
      ({ x, y, l, w }) => at.x >= x && at.x <= x + l && at.y >= y && at.y <= y + w,
    );
    this.part = index === undefined || index < 0 ? null : index;
    if (this.part === null) return false;
    const places = this.#places(false);
    if (places) this.#taken = { at, places };
    return true;
  }

  drag(at: Point): void {
    const { held } = this;
    const taken = this.#taken;
    if (!held || !taken) return;
    const by = { x: at.x - taken.at.x, y: at.y - taken.at.y };
    if (!this.dragged && Math.hypot(by.x, by.y) < CLICK) return;
    const place = this.#within({ x: held.x + by.x, y: held.y + by.y });
    this.dragged = { at: place, caught: taken.places.best(offFrom(place), NEAR) };
  }

  /** Lets go of it: where it is, or on the sheet that the pointer is over. */
  drop(sheet: number | null): void {
    const { dragged } = this;
    this.dragged = this.#taken = null;
    if (!dragged) return;
    if (sheet !== null && sheet !== this.choice.sheet) this.toSheet(sheet);
    else if (dragged.caught) this.#put(this.choice.sheet, dragged.caught, false);
    else this.problem = 'It can’t be cut free there. Put it in line with others, or on another sheet.';
  }

  letGo(): void {
    this.part = this.dragged = this.#taken = null;
    this.problem = '';
  }

  /** Puts it on another sheet, the nearest to its corner where it can lie; beyond the last on a new one. */
  toSheet(sheet: number): void {
    const ground = this.ground();
    if (!ground || !this.held || this.part === null) return;
    const first = this.#places(false, sheet)?.best(({ x, y }) => x + y);
    if (first) this.#put(sheet, first, false);
    else this.problem = 'There is no room for it on that sheet.';
  }

  /** Turns it by a quarter, as near as it can lie to where it is. */
  turn(): void {
    const { held } = this;
    const place = held && this.#places(true)?.best(offFrom(held));
    if (place) this.#put(this.choice.sheet, place, true);
    else this.problem = 'There is no room for it here turned.';
  }

  /** N takes the next part in hand; arrow keys move it to the next place in a direction where it can lie. */
  key(event: KeyboardEvent): void {
    const { held } = this;
    const way = ways[event.key as keyof typeof ways];
    const count = this.sheet?.parts.length ?? 0;
    if (event.key === 'Escape' && held) this.letGo();
    else if (event.key.toLowerCase() === 'n' && count > 0) {
      this.part = ((this.part ?? -1) + 1) % count;
      this.problem = '';
    } else if (way && held) {
      const isAhead = ({ x, y }: Point) => (x - held.x) * way[0] + (y - held.y) * way[1] > 1e-6;
      const off = ({ x, y }: Point) =>
        Math.abs(x - held.x) * (way[0] === 0 ? 3 : 1) + Math.abs(y - held.y) * (way[1] === 0 ? 3 : 1);
      const next = this.#places(false)?.best((place) => (isAhead(place) ? off(place) : Infinity));
      if (next) this.#put(this.choice.sheet, next, false);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  }

  /** A place moved on to the sheet. */
  #within({ x, y }: Point): Point {
    const { held, sheet } = this;
    const size = this.ground()?.asked.stock.find(({ id }) => id === sheet?.stock);
    if (!held || !size) return { x, y };
    return {
      x: Math.max(0, Math.min(x, size.l - held.l)),
      y: Math.max(0, Math.min(y, size.w - held.w)),
    };
  }

  #places(turn: boolean, sheet = this.choice.sheet): PartPlaces | null {
    const ground = this.ground();
    const { held, part } = this;
    if (!ground || !held || !this.sheet) return null;
    const goal = ground.sheets[sheet] ?? { stock: this.sheet.stock, parts: [], cuts: [] };
    return placesFor(ground.asked, goal, held, { turn, except: sheet === this.choice.sheet ? part : null });
  }

  #put(sheet: number, { x, y }: Point, turn: boolean): void {
    const ground = this.ground();
    if (!ground || this.part === null) return;
    const move = { sheet: this.choice.sheet, part: this.part, to: { sheet, x, y, turn } };
    const refusal = this.choice.move(ground.asked.id, move);
    this.problem = refusal ? refusalText(refusal, ground.style) : '';
    // It stays in hand: it is the last of the sheet it came to.
    if (!refusal) this.part = (this.sheet?.parts.length ?? 0) - 1;
  }
}
