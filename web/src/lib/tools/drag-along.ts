import {
  distanceFor,
  edgeToLine,
  fixedThings,
  isInchUnit,
  leftJamb,
  findOpening,
  openingsOn,
  atFacePlace,
  projectOn,
  putFixed,
  putOpening,
  putSection,
  putService,
  putUnderlay,
  roomOf,
  roomShape,
  subtract,
  add,
  type Design,
  type FacePlace,
  type OpeningRecord,
  type PlacedFace,
  type Point,
  type RecordKind,
} from 'goodreach';
import type { DesignSession } from '../session/design-session.svelte';
import type { ScreenState } from '../session/screen.svelte';
import type { OnFace } from './drag-item';
import type { PointerTool, ViewKind } from './pointer-tool';
import type { UnderlayLines } from './underlay-lines.svelte';

/** What a drag needs of the session: to show, to do, to drop. */
type Doing = Pick<DesignSession, 'committed' | 'style' | 'preview' | 'run' | 'dropPreview'>;

/** What is dragged so. */
const DRAGGED: ReadonlySet<RecordKind> = new Set(['fixed', 'opening', 'section', 'service', 'underlay']);
/** Pixels the pointer must travel before a press becomes a drag. */
const DRAG_START = 4;

/** How far something has been dragged: along its face, up, and over the floor, mm. */
interface Dragged {
  by: number;
  lift: number;
  across: Point;
}

type State =
  | { name: 'idle' }
  | ({ name: 'pressed' | 'dragging'; id: string; pixel: Point; at: Point | OnFace } & Dragged);

/**
 * Dragging an opening, fixed thing, service, section line or underlay: along its face, and up where the face is seen; or over the
 * floor where it stands free; a section line with both its ends. Each move shows it in its new place, release does it, Escape drops it.
 */
export class AlongDrag implements PointerTool {
  readonly views: ReadonlySet<ViewKind> = new Set(['plan', 'unfold', 'room']);
  private state: State = { name: 'idle' };

  constructor(
    private readonly session: Doing,
    private readonly lines: Pick<UnderlayLines, 'segments'>,
    private readonly screen: Pick<ScreenState, 'step'>,
  ) {}

  get active(): boolean {
    return this.state.name === 'dragging';
  }

  /** Pressed on something at a pixel, and at a place of the room, or of the face it is on as that is seen. What is surveyed is dragged only while it is. */
  press(id: string, pixel: Point, at: Point | OnFace): boolean {
    const record = this.session.committed.records[id];
    const kind = record?.kind;
    if (!kind || !DRAGGED.has(kind) || (kind !== 'section' && this.screen.step !== 'survey')) return false;
    if (record.kind === 'underlay' && record.locked) return false;
    if ('face' in at && this.faceOf(id)?.id !== at.face.id) return false;
    this.state = { name: 'pressed', id, pixel, at, by: 0, lift: 0, across: { x: 0, y: 0 } };
    return true;
  }

  /** The pointer is at a pixel, and at a place of the room or of the face; the end of a line, or a level on the face, within `near` mm draws an edge to it. */
  move(pixel: Point, at: Point | OnFace | null, near: number): void {
    const { state } = this;
    if (state.name === 'idle' || !at || 'face' in at !== 'face' in state.at) return;
    if (state.name === 'pressed') {
      if (Math.hypot(pixel.x - state.pixel.x, pixel.y - state.pixel.y) < DRAG_START) return;
      state.name = 'dragging';
    }
    const face = this.faceOf(state.id);
    const along = (place: Point | OnFace) =>
      'face' in place ? place.along : face ? projectOn(face, place).along : 0;
    const by = face ? this.alongBy(state.id, face, along(at) - along(state.at), near) : 0;
    const lift = 'face' in at && 'face' in state.at ? this.liftBy(state.id, at.up - state.at.up, near) : 0;
    const across = 'face' in at || 'face' in state.at ? { x: 0, y: 0 } : subtract(at, state.at);
    const before: Dragged = { by: state.by, lift: state.lift, across: state.across };
    const after: Dragged = { by, lift, across: { x: this.round(across.x), y: this.round(across.y) } };
    Object.assign(state, after);
    // A place it does not fit in is not shown; what was shown last stays.
    if (!this.act((command, args) => this.session.preview(command, args))) Object.assign(state, before);
  }

  release(): void {
    const active = this.active;
    if (active) this.act((command, args) => this.session.run(command, args));
    this.state = { name: 'idle' };
  }

  cancel(): void {
    if (this.state.name !== 'idle') this.session.dropPreview();
    this.state = { name: 'idle' };
  }

  /** How far along its face something is dragged: to the end of a line, else to a round figure. */
  private alongBy(id: string, face: PlacedFace, wanted: number, near: number): number {
    const record = this.session.committed.records[id];
    const opening = findOpening(this.session.committed, id);
    const left =
      opening?.left ??
      fixedThings(this.session.committed).find((one) => one.id === id)?.against?.along ??
      null;
    if (left === null) return this.round(wanted);
    const width = record && 'width' in record ? record.width : 0;
    const right = opening?.right ?? left + width;
    const off = edgeToLine(face, this.lines.segments, [left + wanted, right + wanted], near);
    return off === null ? this.round(wanted) : wanted + off;
  }

  /** How far something is raised: to a level that others of its face have, else by a round figure; what stands on the floor stays on it. */
  private liftBy(id: string, wanted: number, near: number): number {
    const record = this.session.committed.records[id];
    if (record?.kind === 'opening') {
      const { sill, height, type } = record;
      if (sill === 0 && (type === 'door' || type === 'cased')) return 0;
      const levels = openingLevels(this.session.committed, record);
      const lifts = levels.flatMap((level) => [level - sill, level - sill - height]);
      const best = lifts.sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0];
      const caught = best !== undefined && Math.abs(best - wanted) <= near ? best : this.round(wanted);
      return Math.max(-sill, caught);
    }
    if (record?.kind === 'service' || (record?.kind === 'fixed' && record.up > 0))
      return Math.max(-record.up, this.round(wanted));
    return 0;
  }

  private round(mm: number): number {
    const grain = isInchUnit(this.session.style.unit) ? 25.4 / 4 : 10;
    return Math.round(mm / grain) * grain;
  }

  private faceOf(id: string): PlacedFace | undefined {
    const record = this.session.committed.records[id];
    const { byId } = roomShape(this.session.committed);
    if (record?.kind === 'opening') return byId.get(record.face);
    if (record && 'placement' in record && record.placement.on === 'face')
      return byId.get(record.placement.face);
    return undefined;
  }

  /** Asks for the command that puts what is dragged where it has been dragged to. */
  private act(ask: DesignSession['preview']): boolean {
    const { state } = this;
    if (state.name === 'idle') return false;
    const record = this.session.committed.records[state.id];
    const face = this.faceOf(state.id);
    if (record?.kind === 'opening' && face) {
      const left = leftJamb(record, face) + state.by;
      return ask(putOpening, {
        ...record,
        distance: distanceFor(record, left, face),
        sill: record.sill + state.lift,
      });
    }
    if (record?.kind === 'underlay')
      return ask(putUnderlay, { ...record, x: record.x + state.across.x, y: record.y + state.across.y });
    if (record?.kind === 'section') {
      const at = (place: FacePlace) => shiftedOn(this.session.committed, place, state.across);
      return ask(putSection, { ...record, from: at(record.from), to: at(record.to) });
    }
    if (record?.kind !== 'fixed' && record?.kind !== 'service') return false;
    const { placement } = record;
    const moved =
      placement.on === 'face'
        ? { ...placement, distance: placement.distance + (placement.from === 'left' ? state.by : -state.by) }
        : { ...placement, x: placement.x + state.across.x, y: placement.y + state.across.y };
    return record.kind === 'fixed'
      ? ask(putFixed, { ...record, placement: moved, up: record.up + state.lift })
      : ask(putService, { ...record, placement: moved, up: record.up + state.lift });
  }
}

/** The heights that an opening looks well in line with: sills and heads of the others of its face, and the counter, mm above the floor. */
function openingLevels(design: Design, { id, face }: OpeningRecord): number[] {
  const others = openingsOn(design, face).filter((one) => one.record.id !== id);
  return [
    roomOf(design).counterHeight,
    ...others.flatMap(({ record: { sill, height } }) => (sill > 0 ? [sill, sill + height] : [sill + height])),
  ];
}

/** A place on a face moved with the pointer as far as the face goes, from its left end. */
function shiftedOn(design: Design, place: FacePlace, by: Point): FacePlace {
  const face = roomShape(design).byId.get(place.face)!;
  const { along } = projectOn(face, add(atFacePlace(face, place), by));
  return { face: place.face, from: 'left', distance: Math.max(0, Math.min(face.length, along)) };
}
