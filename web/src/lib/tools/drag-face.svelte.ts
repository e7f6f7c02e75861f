import {
  dot,
  faceToLine,
  flushMoves,
  isInchUnit,
  moveFace,
  roomShape,
  subtract,
  type PlacedFace,
  type Point,
} from 'goodreach';
import type { DesignSession } from '../session/design-session.svelte';
import type { ScreenState } from '../session/screen.svelte';
import type { OnFace } from './drag-item';
import type { PointerTool, ViewKind } from './pointer-tool';
import type { UnderlayLines } from './underlay-lines.svelte';

/** What a drag needs of the session: to show, to do, to drop. */
type Doing = Pick<DesignSession, 'committed' | 'style' | 'preview' | 'run' | 'dropPreview'>;

/** Pixels the pointer must travel before a press becomes a drag. */
const DRAG_START = 4;

type State =
  | { name: 'idle' }
  | { name: 'pressed'; face: PlacedFace; pixel: Point; at: Point }
  | { name: 'dragging'; face: PlacedFace; at: Point };

/** Dragging a face of the room along its normal: each move shows the room as it would be, release does it, Escape drops it. */
export class FaceDrag implements PointerTool {
  readonly views: ReadonlySet<ViewKind> = new Set(['plan']);
  private state: State = { name: 'idle' };
  /** How far out the face has been dragged, mm; null while none is. */
  by: number | null = $state(null);
  /** Whether it has been drawn to a line of an underlay. */
  onLine = $state(false);

  constructor(
    private readonly session: Doing,
    private readonly lines: Pick<UnderlayLines, 'segments'>,
    private readonly screen: Pick<ScreenState, 'step'>,
  ) {}

  get active(): boolean {
    return this.state.name === 'dragging';
  }

  press(id: string, pixel: Point, at: Point | OnFace): boolean {
    const face = roomShape(this.session.committed).byId.get(id);
    if (!face || 'face' in at || this.screen.step !== 'survey') return false;
    this.state = { name: 'pressed', face, pixel, at };
    return true;
  }

  /** The pointer is at a pixel, and at a place of the room; a line within `near` mm draws the face to it. */
  move(pixel: Point, at: Point | OnFace | null, near: number): void {
    if (this.state.name === 'idle' || !at || 'face' in at) return;
    const { face, at: from } = this.state;
    if (this.state.name === 'pressed') {
      if (Math.hypot(pixel.x - this.state.pixel.x, pixel.y - this.state.pixel.y) < DRAG_START) return;
      this.state = { name: 'dragging', face, at: from };
    }
    const grain = isInchUnit(this.session.style.unit) ? 25.4 / 4 : 10;
    const wanted = -dot(subtract(at, from), face.n);
    const line = face.arc ? null : faceToLine(face, this.lines.segments, wanted, near);
    // Nearer than a face can be long it goes into line with what is beyond its neighbour.
    const flush = flushMoves(this.session.committed, face).find(
      ({ by, within }) => Math.abs(by - wanted) < within,
    );
    const by = line ?? flush?.by ?? Math.round(wanted / grain) * grain;
    if (by === this.by) return;
    // A place the face can't go to is not shown; what was shown last stays.
    if (!this.session.preview(moveFace, { face: face.id, by })) return;
    this.by = by;
    this.onLine = line !== null;
  }

  release(): void {
    const { state, by } = this;
    this.state = { name: 'idle' };
    this.by = null;
    this.onLine = false;
    if (state.name !== 'dragging') return;
    if (by) this.session.run(moveFace, { face: state.face.id, by });
    else this.session.dropPreview();
  }

  cancel(): void {
    this.state = { name: 'idle' };
    this.by = null;
    this.onLine = false;
    this.session.dropPreview();
  }
}
