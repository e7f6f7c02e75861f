import type { Point, SceneGroup } from 'goodreach';
import {
  AmbientLight,
  Box3,
  BufferAttribute,
  BufferGeometry,
  Color,
  DirectionalLight,
  EdgesGeometry,
  HemisphereLight,
  LineBasicMaterial,
  LineSegments,
  PCFShadowMap,
  Plane,
  PointLight,
  Raycaster,
  Scene,
  SRGBColorSpace,
  ACESFilmicToneMapping,
  Vector2,
  Vector3,
  WebGLRenderer,
  type PerspectiveCamera,
} from 'three';
import { RoomBatches } from './batches';
import { materials } from './looks';
import { ModelCamera } from './model-camera';
import { StandCamera } from './stand-camera';

export type RoomViewKind = 'model' | 'stand';

/** What a pixel shows: the group, and where it was hit, mm. */
export interface Hit {
  group: SceneGroup;
  at: Point;
  up: number;
}

/** A lamp of the room, mm. */
export interface LampPlace extends Point {
  up: number;
}

/** So many lamps light the room at the most: each makes every picture dearer. */
const MOST_LAMPS = 4;
/** Pixels a picture is drawn in at once, so that the page stays alive. */
const TILE = 512;

/** The room drawn in three dimensions on a canvas: drawn when something has changed, never on its own. */
export class RoomStage {
  readonly model = new ModelCamera();
  readonly stand = new StandCamera();
  readonly batches: RoomBatches;
  /** How many pictures were drawn. */
  private frames = 0;
  private readonly renderer: WebGLRenderer;
  private readonly scene = new Scene();
  private readonly looks = materials();
  private readonly sun = new DirectionalLight('#fff3df', 2.6);
  private readonly sky = new HemisphereLight('#f2f4f5', '#c9bba8', 1);
  private readonly fill = new AmbientLight('#fff6ea', 0.18);
  private readonly lamps = Array.from({ length: MOST_LAMPS }, () => new PointLight('#ffe9cc', 0, 0, 1.5));
  private lit = 0;
  private lampLight = 1;
  private readonly marks = new LineSegments(
    new BufferGeometry(),
    new LineBasicMaterial({ color: '#b8492a' }),
  );
  private readonly cutter = new Plane(new Vector3(0, -1, 0), 100);
  private kind: RoomViewKind = 'model';
  private pending = 0;
  private size = { width: 1, height: 1 };
  private ratio = 1;

  constructor(readonly canvas: HTMLCanvasElement) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true });
    this.renderer.outputColorSpace = SRGBColorSpace;
    this.renderer.toneMapping = ACESFilmicToneMapping;
    this.renderer.shadowMap.enabled = true;
    this.renderer.shadowMap.type = PCFShadowMap;
    this.renderer.shadowMap.autoUpdate = false;
    this.batches = new RoomBatches(this.looks);
    this.sun.castShadow = true;
    this.sun.shadow.mapSize.set(1_536, 1_536);
    this.sun.shadow.bias = -0.0004;
    this.sun.shadow.normalBias = 0.02;
    this.marks.renderOrder = 2;
    this.marks.rotation.copy(this.batches.root.rotation);
    this.marks.scale.copy(this.batches.root.scale);
    this.scene.add(
      this.batches.root,
      this.sun,
      this.sun.target,
      this.sky,
      this.fill,
      this.marks,
      ...this.lamps,
    );
  }

  get camera(): PerspectiveCamera {
    return this.kind === 'model' ? this.model.camera : this.stand.camera;
  }

  /** How many draw calls the last picture took. */
  get calls(): number {
    return this.renderer.info.render.calls;
  }

  resize(width: number, height: number, ratio: number): void {
    this.size = { width, height };
    this.ratio = ratio;
    this.renderer.setPixelRatio(ratio);
    this.renderer.setSize(width, height, false);
    this.model.resize(width / height);
    this.stand.resize(width / height);
    this.request();
  }

  /** What the room is now; nothing is made anew but what has changed. */
  update(groups: readonly SceneGroup[]): number {
    const made = this.batches.update(groups);
    this.fold();
    this.renderer.shadowMap.needsUpdate = true;
    this.request();
    return made;
  }

  view(kind: RoomViewKind, paper: string): void {
    this.kind = kind;
    this.scene.background = new Color(kind === 'model' ? paper : '#dfe8ec');
    this.sun.intensity = kind === 'model' ? 2.1 : 3;
    this.sky.intensity = kind === 'model' ? 1.5 : 1.15;
    this.fill.intensity = kind === 'model' ? 0.6 : 0.75;
    this.renderer.toneMappingExposure = kind === 'model' ? 1.05 : 1.25;
    this.lamps.forEach((lamp, index) => {
      lamp.intensity = kind === 'stand' && index < this.lit ? this.lampLight : 0;
    });
    this.fold();
    this.renderer.shadowMap.needsUpdate = true;
    this.request();
  }

  /** The extent of the room, metres. */
  box(): Box3 {
    const box = new Box3();
    for (const { of, parts } of this.batches.groups)
      if (of === 'wall' || of === 'floor')
        for (const { mesh } of parts)
          for (let i = 0; i < mesh.positions.length; i += 3)
            box.expandByPoint(
              new Vector3(
                mesh.positions[i]! / 1e3,
                mesh.positions[i + 2]! / 1e3,
                -mesh.positions[i + 1]! / 1e3,
              ),
            );
    return box;
  }

  /** Cuts the model at a height, mm; null shows all of it. */
  cut(height: number | null): void {
    this.cutter.constant = height === null ? 100 : height / 1_000;
    this.renderer.clippingPlanes = height === null ? [] : [this.cutter];
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

  private rays = { x: -0.5, y: -0.6, z: 0.7 };
  private lightsAt: readonly LampPlace[] = [];

  /** Where the sun shines from, in plan and up, and where lamps hang, mm. */
  shine(rays: { x: number; y: number; z: number }, lamps: readonly LampPlace[]): void {
    this.rays = rays;
    this.lightsAt = lamps;
    this.light();
    this.renderer.shadowMap.needsUpdate = true;
    this.request();
  }

  /** The sun, its shadows over all of the room; a lamp where the room has a light, or two under its ceiling where none is known. */
  private light(): void {
    const box = this.box();
    if (box.isEmpty()) return;
    const centre = box.getCenter(new Vector3());
    const size = box.getSize(new Vector3());
    const reach = size.length() * 0.75;
    const { x, y, z } = this.rays;
    this.sun.position.copy(centre).add(new Vector3(x, z, -y).multiplyScalar(reach * 2));
    this.sun.target.position.copy(centre);
    const { camera } = this.sun.shadow;
    [camera.left, camera.right, camera.top, camera.bottom] = [-reach, reach, reach, -reach];
    [camera.near, camera.far] = [0.1, reach * 4];
    camera.updateProjectionMatrix();
    const along = size.x > size.z ? 'x' : 'z';
    const usual = [0.28, 0.72].map((share) => {
      const place = new Vector3(centre.x, box.max.y - 0.6, centre.z);
      place[along] = box.min[along] + size[along] * share;
      return place;
    });
    const places =
      this.lightsAt.length > 0
        ? this.lightsAt
            .slice(0, MOST_LAMPS)
            .map((lamp) => new Vector3(lamp.x / 1e3, lamp.up / 1e3 - 0.25, -lamp.y / 1e3))
        : usual;
    this.lampLight = ((0.5 + size.length() * 0.1) * usual.length) / places.length;
    // As many lamps as there ever are, those unused dark: another count would be another shader.
    this.lamps.forEach((lamp, index) => {
      lamp.position.copy(places[index] ?? centre);
      lamp.intensity = places[index] && this.kind === 'stand' ? this.lampLight : 0;
    });
    this.lit = places.length;
  }

  /** Edges of what is chosen. */
  mark(chosen: readonly SceneGroup[], colour: string): void {
    const points: number[] = [];
    for (const { parts } of chosen)
      for (const { mesh } of parts) {
        const geometry = new BufferGeometry();
        geometry.setAttribute('position', new BufferAttribute(new Float32Array(mesh.positions), 3));
        geometry.setIndex(mesh.indices);
        const edges = new EdgesGeometry(geometry, 30);
        for (const one of edges.getAttribute('position').array) points.push(one);
        geometry.dispose();
        edges.dispose();
      }
    this.marks.geometry.dispose();
    this.marks.geometry = new BufferGeometry();
    this.marks.geometry.setAttribute('position', new BufferAttribute(new Float32Array(points), 3));
    this.marks.material.color.set(colour);
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
    const met = this.caster(x, y).ray.intersectPlane(
      new Plane(new Vector3(0, 1, 0), -up / 1_000),
      new Vector3(),
    );
    return met && { x: met.x * 1_000, y: -met.z * 1_000 };
  }

  private caster(x: number, y: number): Raycaster {
    const { width, height } = this.size;
    const caster = new Raycaster();
    caster.setFromCamera(new Vector2((x / width) * 2 - 1, 1 - (y / height) * 2), this.camera);
    return caster;
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
    if (this.kind === 'model') this.fold();
    this.renderer.render(this.scene, this.camera);
    this.frames += 1;
    Object.assign(this.canvas.dataset, { frames: this.frames, calls: this.calls });
  }

  /** A picture so many pixels wide, as the view shows it: drawn tile by tile, the page alive between them. `told` hears how much is done, 0 to 1, and stops it by answering false. */
  async picture(width: number, told: (done: number) => boolean): Promise<Blob | null> {
    const height = Math.round((width * this.size.height) / this.size.width);
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [width, height];
    const paper = canvas.getContext('2d')!;
    const camera = this.camera.clone();
    const [columns, rows] = [Math.ceil(width / TILE), Math.ceil(height / TILE)];
    const marked = this.marks.visible;
    try {
      for (let i = 0; i < columns * rows; i++) {
        const [left, top] = [(i % columns) * TILE, Math.floor(i / columns) * TILE];
        const [wide, high] = [Math.min(TILE, width - left), Math.min(TILE, height - top)];
        this.marks.visible = false;
        this.renderer.setPixelRatio(1);
        this.renderer.setSize(wide, high, false);
        camera.setViewOffset(width, height, left, top, wide, high);
        this.renderer.render(this.scene, camera);
        paper.drawImage(this.renderer.domElement, left, top);
        if (!told((i + 1) / (columns * rows))) return null;
        await new Promise((done) => setTimeout(done));
      }
    } finally {
      this.marks.visible = marked;
      this.settle();
    }
    return new Promise((done) => canvas.toBlob(done, 'image/png'));
  }

  /** Draws the view as one of so many pixels on the canvas, for a film, until it is sized again. */
  async frame(width: number, height: number): Promise<void> {
    this.marks.visible = false;
    this.renderer.setPixelRatio(1);
    this.renderer.setSize(width, height, false);
    this.stand.resize(width / height);
    this.renderer.render(this.scene, this.camera);
    this.marks.visible = true;
    await new Promise((done) => setTimeout(done));
  }

  /** The size of the view again, after pictures of another size. */
  settle(): void {
    this.resize(this.size.width, this.size.height, this.ratio);
  }

  dispose(): void {
    cancelAnimationFrame(this.pending);
    this.batches.dispose();
    for (const material of Object.values(this.looks)) {
      material.map?.dispose();
      material.envMap?.dispose();
      material.dispose();
    }
    this.marks.geometry.dispose();
    this.renderer.dispose();
  }
}
