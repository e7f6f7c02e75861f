import { dot, frameAt, subtract, type PlacedFace, type Point } from 'goodreach';
import type { RoomLight, SceneGroup, SoftRoom } from 'goodreach';
import type { OnFace } from '../../tools/drag-item';
import { Box3, Plane, Raycaster, Vector2, Vector3, type PerspectiveCamera } from 'three';
import { RoomBatches } from './batches';
import { Looks } from './looks';
import { ModelCamera } from './model-camera';
import { levelAt, Painter, type Part } from './painter';
import { RoomLights } from './room-lights';
import { RoomMarks, type Ground } from './room-marks';
import { StandCamera } from './stand-camera';

export type RoomViewKind = 'model' | 'stand';

/** What a pixel shows: the group, and where it was hit, mm. */
export interface Hit {
  group: SceneGroup;
  at: Point;
  up: number;
}

/** What is seen through windows: a hazy sky. */
const OUTSIDE = '#e8eef0';
/** So many small lights make a picture in soft light; it is begun when nothing has changed for so long, ms; a frame has so much time for it. */
const SOFT = 96;
const RESTS = 250;
const FRAME = 10;
/** Pixels a picture is drawn in at once, so that the page stays alive. */
const TILE = 512;

/** The room drawn in three dimensions on a canvas: drawn when something has changed, never on its own. */
export class RoomStage {
  readonly model = new ModelCamera();
  readonly stand = new StandCamera();
  readonly batches: RoomBatches;
  /** How many pictures were drawn. */
  private frames = 0;
  private readonly painter: Painter;
  private readonly looks = new Looks(() => this.anew());
  private readonly lights = new RoomLights();
  private readonly marks: RoomMarks;
  private kind: RoomViewKind = 'model';
  private pending = 0;
  private resting: ReturnType<typeof setTimeout> | undefined;
  /** Which picture in soft light is being drawn: another one ends it. */
  private growing = 0;
  /** Whether a picture or film has the canvas. */
  private busy = false;
  private softRoom: (count: number) => SoftRoom = () => ({
    emitters: [],
    exposure: 1,
    balance: [1, 1, 1],
  });
  private known: SoftRoom | null = null;
  private soft = false;
  private size = { width: 1, height: 1 };
  private ratio = 1;

  constructor(readonly canvas: HTMLCanvasElement) {
    this.painter = new Painter(canvas, this.lights, this.looks, () => this.request());
    this.batches = new RoomBatches((part) => this.looks.of(part));
    this.marks = new RoomMarks(this.batches.root);
    this.painter.scene.add(this.batches.root, this.marks.root);
  }

  get camera(): PerspectiveCamera {
    return this.kind === 'model' ? this.model.camera : this.stand.camera;
  }

  /** How many draw calls the last picture took. */
  get calls(): number {
    return this.painter.calls;
  }

  resize(width: number, height: number, ratio: number): void {
    this.size = { width, height };
    this.ratio = ratio;
    if (this.busy) return;
    this.painter.size(width, height, ratio);
    this.model.resize(width / height);
    this.stand.resize(width / height);
    this.request();
  }

  /** What the room is now; nothing is made anew but what has changed. */
  update(groups: readonly SceneGroup[]): number {
    const made = this.batches.update(groups);
    if (made > 0) this.canvas.dataset['made'] = String(made);
    this.fold();
    this.anew();
    return made;
  }

  view(kind: RoomViewKind, paper: string): void {
    this.kind = kind;
    this.painter.before(kind === 'model' ? paper : OUTSIDE, kind === 'model' ? 1.4 : 1.9);
    this.fold();
    this.painter.changed();
    this.request();
  }

  /** The extent of the room, metres: of its walls and floor, whose tiles don't go past them. */
  box(): Box3 {
    const box = new Box3();
    const place = new Vector3();
    for (const { of, parts } of this.batches.groups) {
      if (of !== 'wall' && of !== 'floor') continue;
      for (const { mesh, substance } of parts) {
        if (substance === 'tile') continue;
        const { positions } = mesh;
        for (let i = 0; i < positions.length; i += 3)
          box.expandByPoint(place.set(positions[i]!, positions[i + 2]!, -positions[i + 1]!));
      }
    }
    return box.isEmpty() ? box : new Box3(box.min.divideScalar(1_000), box.max.divideScalar(1_000));
  }

  /** Cuts the model at a height, mm; null shows all of it. */
  cut(height: number | null): void {
    this.painter.cut(height === null ? null : levelAt(height / 1_000));
    this.request();
  }

  /** Which walls stand between the viewer and the room: those, what is in them and what hangs on them are folded away, and the ceiling with them. */
  private readonly walls = new Map<string, { at: Point; n: Point }>();
  private hung: (group: SceneGroup) => string | null = () => null;

  /** Tells where the walls are, and on which a thing hangs or is let into. */
  setWalls(
    walls: Iterable<[string, { at: Point; n: Point }]>,
    hung: (group: SceneGroup) => string | null,
  ): void {
    this.walls.clear();
    for (const [id, wall] of walls) this.walls.set(id, wall);
    this.hung = hung;
    this.folded = '';
    this.fold();
  }

  private folded = '';
  private fold(): void {
    const { x, z } = this.camera.position;
    const away = new Set<string>();
    if (this.kind === 'model')
      for (const [id, { at, n }] of this.walls)
        if ((x * 1_000 - at.x) * n.x + (-z * 1_000 - at.y) * n.y < 0) away.add(id);
    const key = `${this.kind} ${[...away].join(' ')}`;
    if (key === this.folded) return;
    this.folded = key;
    const model = this.kind === 'model';
    this.batches.show((group) => {
      if (group.of === 'ceiling') return !model;
      const wall =
        group.of === 'wall' && this.walls.has(group.source ?? '') ? group.source : this.hung(group);
      return wall === null || !away.has(wall);
    });
  }

  /** What light falls into the room; `soft` answers with what so many small lights make of it. */
  shine(light: RoomLight, soft: (count: number) => SoftRoom): void {
    this.lights.set(light, this.box());
    this.softRoom = soft;
    this.known = null;
    this.painter.changed();
    this.request();
  }

  /** The room's soft light, found when it is first needed. */
  private get light(): SoftRoom {
    return (this.known ??= this.softRoom(SOFT));
  }

  /** Whether pictures at rest are in soft light, and can be. */
  setSoft(soft: boolean): void {
    this.soft = soft;
    this.request();
  }

  get softness(): Painter['softness'] {
    return this.painter.softness;
  }

  /** Edges of what is chosen. */
  mark(chosen: readonly SceneGroup[], colour: string): void {
    this.marks.outline(chosen, colour);
    this.request();
  }

  /** Ground that is shaded on the floor. */
  shade(grounds: readonly Ground[]): void {
    this.marks.shade(grounds);
    this.request();
  }

  /** What is seen at a pixel of the view. */
  hit(x: number, y: number): Hit | null {
    const caster = this.caster(x, y);
    for (const found of caster.intersectObject(this.batches.root, true)) {
      const group = this.batches.groupAt(found);
      if (group)
        return {
          group,
          at: { x: found.point.x * 1_000, y: -found.point.z * 1_000 },
          up: found.point.y * 1_000,
        };
    }
    return null;
  }

  /** Where a pixel's line of sight comes to a height above the floor, mm; null where it does not. */
  placeAt(x: number, y: number, up: number): Point | null {
    const plane = new Plane(new Vector3(0, 1, 0), -up / 1_000);
    const met = this.caster(x, y).ray.intersectPlane(plane, new Vector3());
    return met && { x: met.x * 1_000, y: -met.z * 1_000 };
  }

  /** Where a pixel's line of sight comes to a face of the room, a bent one near a place along it: so far along it and so high, mm; null where it does not. */
  placeOnFace(x: number, y: number, face: PlacedFace, near: number): OnFace | null {
    const { at, u, n } = frameAt(face, near);
    const plane = new Plane(new Vector3(n.x, 0, -n.y), -dot(at, n) / 1_000);
    const met = this.caster(x, y).ray.intersectPlane(plane, new Vector3());
    const along = met && near + dot(subtract({ x: met.x * 1_000, y: -met.z * 1_000 }, at), u);
    return along === null ? null : { face, along, up: met!.y * 1_000 };
  }

  private caster(x: number, y: number): Raycaster {
    const { width, height } = this.size;
    const caster = new Raycaster();
    caster.setFromCamera(new Vector2((x / width) * 2 - 1, 1 - (y / height) * 2), this.camera);
    return caster;
  }

  private anew(): void {
    this.painter.changed();
    this.request();
  }

  /** Asks for a picture in the next frame. */
  request(): void {
    if (this.pending) return;
    this.pending = requestAnimationFrame(() => {
      this.pending = 0;
      this.draw();
    });
  }

  draw(): void {
    // Pictures and films have the canvas until they are done; then the view is drawn anew.
    if (this.busy) return;
    if (this.kind === 'model') this.fold();
    this.painter.quick(this.camera, this.kind);
    this.shown(false);
    this.rest();
  }

  /** A new picture is on the canvas; the last of this view, or one that grows. */
  private shown(settled: boolean): void {
    this.frames += 1;
    const { frames, calls } = this;
    Object.assign(this.canvas.dataset, { frames, calls, settled });
  }

  /** When nothing has changed for a while, the picture is drawn anew in soft light. */
  private rest(): void {
    clearTimeout(this.resting);
    this.growing += 1;
    if (this.soft && this.painter.softness !== 'none')
      this.resting = setTimeout(() => void this.grow(), RESTS);
  }

  private async grow(): Promise<void> {
    const own = ++this.growing;
    const { size, ratio } = this;
    const whole = { width: Math.round(size.width * ratio), height: Math.round(size.height * ratio) };
    let since = performance.now();
    await this.painter.softly(
      this.camera,
      this.kind,
      this.light,
      { whole, left: 0, top: 0, ...whole },
      async (done) => {
        if (done > 0) this.shown(done === 1);
        // Some to a frame where they are quick.
        if (performance.now() - since < FRAME) return own === this.growing;
        await this.painter.finished();
        since = performance.now();
        return own === this.growing;
      },
    );
  }

  /** A picture so many pixels wide, as the view shows it: drawn part by part, the page alive between them. `told` hears how much is done, 0 to 1, and stops it by answering false. */
  async picture(width: number, told: (done: number) => boolean): Promise<Blob | null> {
    this.take();
    const camera = this.camera.clone();
    const height = Math.round((width * this.size.height) / this.size.width);
    const whole = { width, height };
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [width, height];
    const paper = canvas.getContext('2d')!;
    const [columns, rows] = [Math.ceil(width / TILE), Math.ceil(height / TILE)];
    try {
      for (let i = 0; i < columns * rows; i++) {
        const [left, top] = [(i % columns) * TILE, Math.floor(i / columns) * TILE];
        const part = {
          whole,
          left,
          top,
          width: Math.min(TILE, width - left),
          height: Math.min(TILE, height - top),
        };
        const go = await this.paint(camera, part, (done) => told((i + done) / (columns * rows)));
        if (!go) return null;
        paper.drawImage(this.canvas, left, top);
      }
    } finally {
      this.settle();
    }
    return new Promise((done, failed) =>
      canvas.toBlob(
        (blob) => (blob ? done(blob) : failed(new Error('The picture is too big.'))),
        'image/png',
      ),
    );
  }

  /** A part of a picture on the canvas, the page alive meanwhile. */
  private async paint(
    camera: PerspectiveCamera,
    part: Part,
    told: (done: number) => boolean,
  ): Promise<boolean> {
    await this.looks.ready();
    const taken = this.growing;
    const light = this.soft && this.painter.softness !== 'none' ? this.light : null;
    return this.painter.part(camera, this.kind, light, part, async (done) => {
      await this.painter.finished();
      return taken === this.growing && told(done);
    });
  }

  /** Draws the view as one of so many pixels on the canvas, for a film, until it is settled again; false where it was stopped. */
  async frame(width: number, height: number, told: (done: number) => boolean): Promise<boolean> {
    this.take();
    this.stand.resize(width / height);
    const part = { whole: { width, height }, left: 0, top: 0, width, height };
    return this.paint(this.camera.clone(), part, told);
  }

  /** Takes the canvas for pictures: without what is chosen. */
  private take(): void {
    this.busy = true;
    this.growing += 1;
    clearTimeout(this.resting);
    this.marks.root.visible = false;
  }

  /** The view again, after pictures of another size. */
  settle(): void {
    this.busy = false;
    this.marks.root.visible = true;
    this.resize(this.size.width, this.size.height, this.ratio);
  }

  dispose(): void {
    cancelAnimationFrame(this.pending);
    clearTimeout(this.resting);
    this.growing += 1;
    this.batches.dispose();
    this.looks.dispose();
    this.marks.dispose();
    this.painter.dispose();
  }
}
