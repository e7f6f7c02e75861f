import type { Point } from 'goodreach';
import type { OnFace } from './drag-item';

/** The drawings of a room. */
export type ViewKind = 'plan' | 'unfold' | 'room' | 'sheet' | 'tile';

/** Something that is done with the pointer in a view: what takes a press has the pointer until it is released or dropped. */
export interface PointerTool {
  /** The views it works in. */
  readonly views: ReadonlySet<ViewKind>;
  /** Whether something is under way that Escape drops. */
  readonly active: boolean;
  /** Whether the next press is its own, whatever is there: the pointer carries something, or places are picked. */
  readonly claims?: boolean;
  /** A press that it claims: at a pixel, and at a place of the room or of a face (null outside both); `near` is how far things are drawn, mm, and with `free` nothing catches. */
  claim?(pixel: Point, at: Point | OnFace | null, near: number, free: boolean): void;
  /** Pressed on a record; others are chosen with it. Answers whether it takes hold of that. */
  press?(id: string, pixel: Point, at: Point | OnFace, chosen: readonly string[]): boolean;
  move(pixel: Point, at: Point | OnFace | null, near: number, free: boolean): void;
  release?(): void;
  cancel(): void;
  /** A key, while it is under way; whether it was one for it. */
  key?(key: string): boolean;
}

/** The tools of a room, the uppermost first: a press is offered to one after the other, and what is under way is dropped from the top. */
export class ToolStack {
  readonly #tools: PointerTool[] = [];
  /** The tool that has hold of what was pressed. */
  #holder: PointerTool | null = null;

  /** Lays tools on top, the last of them uppermost. */
  push(...tools: readonly PointerTool[]): this {
    this.#tools.unshift(...[...tools].reverse());
    return this;
  }

  /** Takes tools off again, with the view they work in. */
  remove(...tools: readonly PointerTool[]): void {
    for (const tool of tools) this.#tools.splice(this.#tools.indexOf(tool), 1);
  }

  get active(): boolean {
    return this.#tools.some(({ active }) => active);
  }

  /** Gives a press to the tool that claims it. Answers whether there is one. */
  claim(view: ViewKind, ...press: Parameters<NonNullable<PointerTool['claim']>>): boolean {
    const tool = this.#in(view).find(({ claims }) => claims);
    tool?.claim?.(...press);
    return tool !== undefined;
  }

  /** Offers what was pressed on. Answers whether a tool has taken hold of it. */
  press(view: ViewKind, ...pressed: Parameters<NonNullable<PointerTool['press']>>): boolean {
    this.#holder = this.#in(view).find((tool) => tool.press?.(...pressed)) ?? null;
    return this.#holder !== null;
  }

  move(view: ViewKind, ...moved: Parameters<PointerTool['move']>): void {
    for (const tool of this.#in(view)) tool.move(...moved);
  }

  release(): void {
    this.#holder?.release?.();
    this.#holder = null;
  }

  /** Drops the uppermost that is under way. Answers whether there was one. */
  drop(): boolean {
    const tool = this.#tools.find(({ active }) => active);
    tool?.cancel();
    return tool !== undefined;
  }

  /** Drops what a press has begun; what goes on over several presses goes on. */
  cancel(): void {
    this.#holder?.cancel();
    this.#holder = null;
  }

  key(view: ViewKind, key: string): boolean {
    return this.#in(view).some((tool) => tool.key?.(key));
  }

  #in(view: ViewKind): readonly PointerTool[] {
    return this.#tools.filter(({ views }) => views.has(view));
  }
}
