import {
  catchPlaces,
  snapOrigin,
  type CatchPlace,
  type FieldCatch,
  type FieldLanding,
  type Point,
  type ZonePlace,
} from 'goodreach';
import type { OnFace } from './drag-item';
import type { PointerTool, ViewKind } from './pointer-tool';
import type { TileWork } from './tile-work.svelte';

/** Pixels the pointer must travel before a press becomes a drag. */
const DRAG_START = 4;

const catchNames: Record<FieldCatch, string> = {
  edge: 'whole tile at an edge',
  'joint-middle': 'joint in the middle',
  'tile-middle': 'tile in the middle',
  'joint-service': 'joint on the service',
  'tile-service': 'tile centred on the service',
  'joint-opening': 'joint in the middle of the opening',
  'tile-opening': 'tile centred on the opening',
  'joint-fixture': 'joint in the middle of the fixture',
  'tile-fixture': 'tile centred on the fixture',
};

/** What has caught a field, in words. */
export const sayCaught = ({ along, across }: FieldLanding): string =>
  [along && `Along: ${catchNames[along]}`, across && `Across: ${catchNames[across]}`]
    .filter(Boolean)
    .join(' · ');

/** Dragging the field of a zone by itself: it moves under its outline, drawn to whole tiles at edges and to the middle; release does it, Escape drops it, Alt lets nothing catch. */
export class FieldDrag implements PointerTool {
  readonly views: ReadonlySet<ViewKind> = new Set(['tile']);
  #from: {
    pixel: Point;
    at: Point;
    origin: ZonePlace;
    places: readonly CatchPlace[];
    dragging: boolean;
  } | null = null;

  constructor(private readonly work: TileWork) {}

  get active(): boolean {
    return this.#from?.dragging ?? false;
  }

  /** Places are those of the zone in hand. */
  press(id: string, pixel: Point, at: Point | OnFace): boolean {
    const { area } = this.work;
    if (id !== area?.id || 'face' in at) return false;
    const places = catchPlaces(this.work.session.document, area);
    this.#from = { pixel, at, origin: area.record.origin, places, dragging: false };
    return true;
  }

  move(pixel: Point, at: Point | OnFace | null, near: number, free: boolean): void {
    const from = this.#from;
    const { area } = this.work;
    if (!from || !area || !at || 'face' in at) return;
    if (Math.hypot(pixel.x - from.pixel.x, pixel.y - from.pixel.y) > DRAG_START) from.dragging = true;
    if (!from.dragging) return;
    const wanted = { x: from.origin.x + at.x - from.at.x, y: from.origin.y + at.y - from.at.y };
    const landing = snapOrigin(area.record, area.field, wanted, free ? 0 : near, from.places);
    this.work.moved = landing.origin;
    this.work.caught = sayCaught(landing);
  }

  release(): void {
    const { moved } = this.work;
    this.cancel();
    if (moved) this.work.setOut(moved);
  }

  cancel(): void {
    this.#from = null;
    this.work.moved = null;
    this.work.caught = '';
  }
}
