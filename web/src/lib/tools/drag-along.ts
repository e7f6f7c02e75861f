import {
  distanceFor,
  edgeToLine,
  fixedThings,
  isInchUnit,
  leftJamb,
  placedOpenings,
  atFacePlace,
  projectOn,
  putFixed,
  putOpening,
  putSection,
  putService,
  putUnderlay,
  roomShape,
  subtract,
  add,
  type Design,
  type FacePlace,
  type PlacedFace,
  type Point,
  type RecordKind,
} from 'goodreach';
import type { DesignSession } from '../session/design-session.svelte';
import type { UnderlayLines } from './underlay-lines.svelte';

/** What a drag needs of the session: to show, to do, to drop. */
type Doing = Pick<DesignSession, 'committed' | 'style' | 'preview' | 'run' | 'dropPreview'>;

/** What is dragged so. */
const DRAGGED: ReadonlySet<RecordKind> = new Set(['fixed', 'opening', 'section', 'service', 'underlay']);
/** Pixels the pointer must travel before a press becomes a drag. */
const DRAG_START = 4;

type State =
  | { name: 'idle' }
  | { name: 'pressed' | 'dragging'; id: string; pixel: Point; at: Point; by: number; across: Point };

/**
 * Dragging an opening, fixed thing, service, section line or underlay: along its face, or over the floor where it stands free; a section line with both its ends. Each move shows it in its new
 * place, release does it, Escape drops it.
 */
export class AlongDrag {
  private state: State = { name: 'idle' };

  constructor(
    private readonly session: Doing,
    private readonly lines: Pick<UnderlayLines, 'segments'>,
  ) {}

  get active(): boolean {
    return this.state.name === 'dragging';
  }

  press(id: string, pixel: Point, at: Point): void {
    const record = this.session.committed.records[id];
    const kind = record?.kind;
    if (kind === 'underlay' && record && 'locked' in record && record.locked) return;
    if (kind && DRAGGED.has(kind))
      this.state = { name: 'pressed', id, pixel, at, by: 0, across: { x: 0, y: 0 } };
  }

  /** The pointer is at a pixel, and at a place of the room; the end of a line within `near` mm draws an edge to it. */
  move(pixel: Point, at: Point, near: number): void {
    const { state } = this;
    if (state.name === 'idle') return;
    if (state.name === 'pressed') {
      if (Math.hypot(pixel.x - state.pixel.x, pixel.y - state.pixel.y) < DRAG_START) return;
      state.name = 'dragging';
    }
    const across = subtract(at, state.at);
    const face = this.faceOf(state.id);
    const by = face
      ? this.alongBy(state.id, face, projectOn(face, at).along - projectOn(face, state.at).along, near)
      : 0;
    const before = { by: state.by, across: state.across };
    Object.assign(state, { by, across: { x: this.round(across.x), y: this.round(across.y) } });
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
    const opening = placedOpenings(this.session.committed).find((one) => one.record.id === id);
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
      return ask(putOpening, { ...record, distance: distanceFor(record, left, face) });
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
      ? ask(putFixed, { ...record, placement: moved })
      : ask(putService, { ...record, placement: moved });
  }
}

/** A place on a face moved with the pointer as far as the face goes, from its left end. */
function shiftedOn(design: Design, place: FacePlace, by: Point): FacePlace {
  const face = roomShape(design).byId.get(place.face)!;
  const { along } = projectOn(face, add(atFacePlace(face, place), by));
  return { face: place.face, from: 'left', distance: Math.max(0, Math.min(face.length, along)) };
}
