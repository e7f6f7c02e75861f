import {
  asLanded,
  catchHeight,
  facePlacement,
  HUNG,
  hugFace,
  projectOn,
  type Design,
  type PlacedFace,
  blockOf,
  boxOf,
  hug,
  findBox,
  middleOf,
  moveItem,
  moveItems,
  roomShape,
  setItem,
  settingOf,
  onStep,
  standingOnSteps,
  type Block,
  type ItemBox,
  type Landing,
  type Point,
  type Range,
  type Setting,
  type ShelfItem,
} from 'goodreach';
import { nanoid } from 'nanoid';
import type { DesignSession } from '../session/design-session.svelte';
import type { ScreenState } from '../session/screen.svelte';
import type { PointerTool, ViewKind } from './pointer-tool';

/** What a drag needs of the session: to show, to do, to drop. */
type Doing = Pick<DesignSession, 'committed' | 'document' | 'dropPreview' | 'judge' | 'preview' | 'run'>;

/** Pixels the pointer must travel before a press becomes a drag. */
const DRAG_START = 4;
/** Pixels within which an item is drawn against a neighbour. */
export const SNAP_PIXELS = 14;

/** What is dragged: one from the shelf, one of the room, or several of it as one block, the pressed one first. */
type Dragged =
  | { of: 'shelf'; id: string; item: ShelfItem; range: Range | undefined }
  | { of: 'room'; ids: readonly [string, ...string[]]; block: Block };

/** A place of the unfolded room: so far along a face, so high above the floor, mm. */
export interface OnFace {
  face: PlacedFace;
  along: number;
  up: number;
}

/** From where it was taken hold of to its middle, in the room; or along a face, and up to its underside. */
interface Grab {
  x: number;
  y: number;
  along: number;
  up: number;
}

type State =
  | { name: 'idle' }
  | { name: 'pressed'; from: Point; dragged: Dragged; setting: Setting; grab: Grab }
  | {
      name: 'dragging';
      dragged: Dragged;
      setting: Setting;
      grab: Grab;
      landing: Landing | null;
      /** Picked up by a click: it hangs on the pointer until the next press sets it. */
      carried: boolean;
    };

/**
 * Dragging items from the shelf or across the plan. Idle, pressed until the pointer has travelled, then dragging:
 * each move shows where they would land, release does it, Escape drops it. With `free` nothing catches them. What is clicked on the
 * shelf is carried: it hangs on the pointer, and the next press on the plan sets it.
 */
export class ItemDrag implements PointerTool {
  readonly views: ReadonlySet<ViewKind> = new Set(['plan', 'unfold', 'room']);
  private state: State = { name: 'idle' };

  constructor(
    private readonly session: Doing,
    private readonly screen: Pick<ScreenState, 'select' | 'caught' | 'collisions'>,
  ) {}

  /** Whether something picked up by a click hangs on the pointer. */
  get claims(): boolean {
    return this.state.name === 'dragging' && this.state.carried;
  }

  get active(): boolean {
    return this.state.name === 'dragging';
  }

  /** What it carries is set where the next press is. */
  claim(pixel: Point, at: Point | OnFace | null, snap: number, free: boolean): void {
    this.move(pixel, at, snap, free);
    this.release();
  }

  /** Pressed on an item, at a pixel and at a place of the room or of the unfolded room; others chosen with it come along. Locked ones stay. */
  press(id: string, pixel: Point, at: Point | OnFace, chosen: readonly string[] = []): boolean {
    const shape = roomShape(this.session.committed);
    const pressed = findBox(this.session.committed, id);
    if (!pressed || pressed.record.locked) return false;
    const others = chosen.includes(id) ? chosen.filter((one) => one !== id) : [];
    const boxes: [ItemBox, ...ItemBox[]] = [pressed];
    for (const other of others) {
      const record = this.session.committed.records[other];
      if (record?.kind === 'item' && !record.locked) boxes.push(boxOf(record, shape));
    }
    const block = blockOf(boxes);
    const middle =
      boxes.length === 1
        ? middleOf(pressed)
        : {
            x: block.origin.x + (pressed.u.x * block.width + pressed.n.x * block.depth) / 2,
            y: block.origin.y + (pressed.u.y * block.width + pressed.n.y * block.depth) / 2,
          };
    const ids = boxes.map((box) => box.id) as [string, ...string[]];
    const { width, depth, low, high } = block;
    const setting: Setting = {
      ...(boxes.length === 1 ? settingOf(pressed.record) : { width, depth, low, high }),
      except: new Set(ids),
    };
    if (!pressed.against) setting.turn = pressed.turn;
    this.state = {
      name: 'pressed',
      from: pixel,
      dragged: { of: 'room', ids, block },
      setting,
      grab: grabOf(at, middle, low),
    };
    return true;
  }

  /** Pressed on an entry of the shelf: the item hangs by its middle. A range of the studio's own comes with it. */
  pressShelf(item: ShelfItem, pixel: Point, range?: Range): void {
    this.state = {
      name: 'pressed',
      from: pixel,
      dragged: { of: 'shelf', id: `item-${nanoid(8)}`, item, range },
      setting: settingOf(item),
      grab: { x: 0, y: 0, along: 0, up: (item.up - (item.up + item.height)) / 2 },
    };
  }

  /** The pointer is at a pixel, and at a place of the room, of the unfolded room, or outside both (null). Snap is in room mm. */
  move(pixel: Point, at: Point | OnFace | null, snap: number, free = false): void {
    if (this.state.name === 'idle') return;
    if (this.state.name === 'pressed') {
      if (Math.hypot(pixel.x - this.state.from.x, pixel.y - this.state.from.y) < DRAG_START) return;
      const { dragged, setting, grab } = this.state;
      this.state = { name: 'dragging', dragged, setting, grab, landing: null, carried: false };
    }
    const { grab, setting, dragged } = this.state;
    if (!at) {
      this.state.landing = null;
      this.#told();
      this.session.dropPreview();
      return;
    }
    const landing =
      'face' in at
        ? landOnFace(this.session.committed, setting, at, grab, free ? 0 : snap)
        : landInRoom(this.session.committed, setting, { x: at.x + grab.x, y: at.y + grab.y }, snap, free);
    this.state.landing = landing;
    this.screen.caught = landing.caught;
    if (dragged.of === 'shelf') this.session.preview(setItem, setArgs(dragged, landing));
    else if (dragged.ids.length === 1) this.session.preview(moveItem, moveArgs(dragged.ids[0], landing));
    else this.session.preview(moveItems, blockArgs(dragged.ids, landing));
    const moved = dragged.of === 'shelf' ? [dragged.id] : dragged.ids;
    const { records } = this.session.document;
    const items = moved.flatMap((id) => (records[id]?.kind === 'item' ? [records[id]] : []));
    this.screen.collisions = this.session.judge?.collisionsOf(this.session.committed, items) ?? [];
  }

  /** Lets go: does what was shown; what was only clicked on the shelf is carried on. Gives the id of what was set or moved, or null when nothing was. */
  release(): string | null {
    const state = this.state;
    if (state.name === 'pressed' && state.dragged.of === 'shelf') {
      const { dragged, setting, grab } = state;
      this.state = { name: 'dragging', dragged, setting, grab, landing: null, carried: true };
      return null;
    }
    this.state = { name: 'idle' };
    this.#told();
    if (state.name !== 'dragging') return null;
    const { dragged, landing } = state;
    if (!landing) {
      this.session.dropPreview();
      return null;
    }
    if (dragged.of === 'shelf') {
      const done = this.session.run(setItem, setArgs(dragged, landing));
      if (done) this.screen.select(dragged.id);
      return done ? dragged.id : null;
    }
    const [first] = dragged.ids;
    const done =
      dragged.ids.length === 1
        ? this.session.run(moveItem, moveArgs(first, landing))
        : this.session.run(moveItems, blockArgs(dragged.ids, landing));
    return done ? first : null;
  }

  cancel(): void {
    this.state = { name: 'idle' };
    this.#told();
    this.session.dropPreview();
  }

  /** Nothing catches and nothing is run into any more. */
  #told(): void {
    this.screen.caught = null;
    this.screen.collisions = [];
  }
}

function grabOf(at: Point | OnFace, middle: Point, low: number): Grab {
  if ('face' in at)
    return { x: 0, y: 0, along: projectOn(at.face, middle).along - at.along, up: low - at.up };
  return { x: middle.x - at.x, y: middle.y - at.y, along: 0, up: 0 };
}

function landInRoom(design: Design, setting: Setting, middle: Point, snap: number, free: boolean): Landing {
  return free
    ? { placement: standingOnSteps(design, middle, setting.turn ?? 0, setting), caught: null }
    : hug(design, setting, middle, snap);
}

/** Along a face; what hangs is raised and lowered as well, what stands on the floor stays on it. Without a snap nothing catches. */
function landOnFace(design: Design, setting: Setting, at: OnFace, grab: Grab, snap: number): Landing {
  const { low, high, width } = setting;
  const middle = at.along + grab.along;
  const up = low < HUNG ? low : catchHeight(design, at.face, setting, at.up + grab.up, snap).up;
  const held = { ...setting, low: up, high: up + (high - low) };
  if (snap === 0) {
    const placement = facePlacement(at.face, middle - width / 2, width);
    return { placement: { ...placement, distance: onStep(design, placement.distance) }, caught: null, up };
  }
  const landing = hugFace(design, held, at.face, middle, snap);
  return up === low ? landing : { ...landing, up: landing.up ?? up };
}

function setArgs({ id, item, range }: Extract<Dragged, { of: 'shelf' }>, landing: Landing) {
  const { code } = item;
  return { id, range: item.range, code, ...asLanded(landing), ...(range ? { of: range } : {}) };
}

function blockArgs(ids: readonly string[], { placement, up }: Landing) {
  return { ids, placement, ...(up === undefined ? {} : { up }) };
}

function moveArgs(id: string, landing: Landing) {
  return { id, ...asLanded(landing) };
}
