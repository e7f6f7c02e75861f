import {
  hug,
  itemBoxes,
  itemOf,
  moveItem,
  setItem,
  type ItemRecord,
  type Landing,
  type Placement,
  type Point,
  type ShelfItem,
} from 'goodreach';
import { nanoid } from 'nanoid';
import type { DesignSession } from '../session/design-session.svelte';
import type { ScreenState } from '../session/screen.svelte';

/** What a drag needs of the session: to show, to do, to drop. */
type Doing = Pick<DesignSession, 'committed' | 'preview' | 'run' | 'dropPreview'>;

/** Pixels the pointer must travel before a press becomes a drag. */
const DRAG_START = 4;
/** Pixels within which an item is drawn against a neighbour. */
export const SNAP_PIXELS = 14;

type State =
  | { name: 'idle' }
  | { name: 'pressed'; from: Point; record: ItemRecord; isNew: boolean; grab: Point }
  | { name: 'dragging'; record: ItemRecord; isNew: boolean; grab: Point; landing: Landing | null };

/**
 * Dragging an item from the shelf or across the plan. Idle, pressed until the pointer has travelled, then dragging:
 * each move shows where it would land, release does it, Escape drops it.
 */
export class ItemDrag {
  private state: State = { name: 'idle' };

  constructor(
    private readonly session: Doing,
    private readonly screen: Pick<ScreenState, 'select' | 'caught'>,
  ) {}

  get active(): boolean {
    return this.state.name === 'dragging';
  }

  /** Pressed on an item of the plan, at a pixel and at a place of the room. */
  pressItem(id: string, pixel: Point, at: Point): void {
    const box = itemBoxes(this.session.committed).find((one) => one.id === id);
    if (!box) return;
    const [a, , c] = box.footprint as [Point, Point, Point];
    const middle = { x: (a.x + c.x) / 2, y: (a.y + c.y) / 2 };
    const grab = { x: middle.x - at.x, y: middle.y - at.y };
    this.state = { name: 'pressed', from: pixel, record: box.record, isNew: false, grab };
  }

  /** Pressed on an entry of the shelf: the item hangs by its middle. */
  pressShelf(item: ShelfItem, pixel: Point): void {
    const nowhere: Placement = { on: 'floor', x: 0, y: 0, turn: 0 };
    const record = itemOf(`item-${nanoid(8)}`, item, nowhere);
    this.state = { name: 'pressed', from: pixel, record, isNew: true, grab: { x: 0, y: 0 } };
  }

  /** The pointer is at a pixel, and at a place of the room or outside the plan (null). Snap is in room mm. */
  move(pixel: Point, at: Point | null, snap: number): void {
    if (this.state.name === 'idle') return;
    if (this.state.name === 'pressed') {
      if (Math.hypot(pixel.x - this.state.from.x, pixel.y - this.state.from.y) < DRAG_START) return;
      const { record, isNew, grab } = this.state;
      this.state = { name: 'dragging', record, isNew, grab, landing: null };
    }
    const { record, grab, isNew } = this.state;
    if (!at) {
      this.state.landing = null;
      this.screen.caught = null;
      this.session.dropPreview();
      return;
    }
    const middle = { x: at.x + grab.x, y: at.y + grab.y };
    const setting = {
      width: record.width,
      depth: record.depth,
      low: record.up,
      high: record.up + record.height,
    };
    const landing = hug(
      this.session.committed,
      { ...setting, ...(isNew ? {} : { except: record.id }) },
      middle,
      snap,
    );
    this.state.landing = landing;
    this.screen.caught = landing.caught;
    this.show(landing);
  }

  /** Lets go: does what was shown. Gives the id of what was set or moved, or null when nothing was. */
  release(): string | null {
    const state = this.state;
    this.state = { name: 'idle' };
    this.screen.caught = null;
    if (state.name !== 'dragging') return null;
    if (!state.landing) {
      this.session.dropPreview();
      return null;
    }
    const { id, range, code } = state.record;
    const { placement } = state.landing;
    const done = state.isNew
      ? this.session.run(setItem, { id, range, code, placement })
      : this.session.run(moveItem, { id, placement });
    if (done) this.screen.select(id);
    return done ? id : null;
  }

  cancel(): void {
    this.state = { name: 'idle' };
    this.screen.caught = null;
    this.session.dropPreview();
  }

  private show({ placement }: Landing): void {
    if (this.state.name !== 'dragging') return;
    const { id, range, code } = this.state.record;
    if (this.state.isNew) this.session.preview(setItem, { id, range, code, placement });
    else this.session.preview(moveItem, { id, placement });
  }
}
