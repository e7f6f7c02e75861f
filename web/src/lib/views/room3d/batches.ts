import { lookName, type Motion, type SceneGroup, type ScenePart } from 'goodreach';
import {
  BatchedMesh,
  BufferAttribute,
  BufferGeometry,
  Group,
  Matrix4,
  Vector3,
  type Intersection,
  type Material,
} from 'three';
import { Mirrors } from './mirrors';

/** Room for more than there is at first: so many times. */
const SPARE = 1.6;

/** A part in its batch. */
interface Placed {
  part: ScenePart;
  group: SceneGroup;
  geometry: number;
  instance: number;
}

/** All parts that look the same, drawn at once. */
class Batch {
  readonly mesh: BatchedMesh;
  readonly byInstance = new Map<number, Placed>();
  private vertices: number;
  private indices: number;
  private instances: number;

  constructor(parts: readonly ScenePart[], material: Material, clear: boolean) {
    const count = (of: (part: ScenePart) => number) => parts.reduce((sum, part) => sum + of(part), 0);
    this.vertices = Math.ceil(count(({ mesh }) => mesh.positions.length / 3) * SPARE) + 1_000;
    this.indices = Math.ceil(count(({ mesh }) => mesh.indices.length) * SPARE) + 2_000;
    this.instances = Math.ceil(parts.length * SPARE) + 50;
    this.mesh = new BatchedMesh(this.instances, this.vertices, this.indices, material);
    this.mesh.castShadow = !clear;
    this.mesh.receiveShadow = true;
    this.mesh.sortObjects = clear;
  }

  add(group: SceneGroup, part: ScenePart): Placed {
    const { positions, indices } = part.mesh;
    const vertices = positions.length / 3;
    if (this.mesh.unusedVertexCount < vertices || this.mesh.unusedIndexCount < indices.length) {
      this.mesh.optimize();
      if (this.mesh.unusedVertexCount < vertices || this.mesh.unusedIndexCount < indices.length) {
        this.vertices = Math.ceil((this.vertices + vertices) * SPARE);
        this.indices = Math.ceil((this.indices + indices.length) * SPARE);
        this.mesh.setGeometrySize(this.vertices, this.indices);
      }
    }
    if (this.byInstance.size >= this.instances) {
      this.instances = Math.ceil(this.instances * SPARE);
      this.mesh.setInstanceCount(this.instances);
    }
    const buffers = geometryOf(part);
    const geometry = this.mesh.addGeometry(buffers);
    const instance = this.mesh.addInstance(geometry);
    buffers.dispose();
    this.mesh.setMatrixAt(instance, new Matrix4());
    const placed = { part, group, geometry, instance };
    this.byInstance.set(instance, placed);
    return placed;
  }

  remove({ geometry, instance }: Placed): void {
    this.byInstance.delete(instance);
    this.mesh.deleteGeometry(geometry);
  }
}

/** Mirrors are objects of their own. */
const isBatched = ({ substance }: ScenePart) => substance !== 'mirror';

function geometryOf({ mesh }: ScenePart): BufferGeometry {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(mesh.positions), 3));
  geometry.setAttribute('normal', new BufferAttribute(new Float32Array(mesh.normals), 3));
  geometry.setAttribute('uv', new BufferAttribute(new Float32Array(mesh.uvs), 2));
  geometry.setIndex(new BufferAttribute(new Uint32Array(mesh.indices), 1));
  return geometry;
}

/** The room as three-dimensional objects: one batch for all parts that look the same, in which only what has changed is renewed, and its mirrors. Metres, y up. */
export class RoomBatches {
  readonly root = new Group();
  private readonly batches = new Map<string, Batch>();
  private readonly placed = new Map<SceneGroup, { batch: Batch; one: Placed }[]>();
  private readonly mirrors = new Mirrors();
  /** The records whose fronts stand open, and how far, 0 to 1. */
  private readonly opened = new Map<string, number>();
  private shown: (group: SceneGroup) => boolean = () => true;

  constructor(private readonly material: (part: ScenePart) => Material) {
    // The room's millimetres, z up, as metres, y up.
    this.root.rotation.x = -Math.PI / 2;
    this.root.scale.setScalar(0.001);
    this.root.add(this.mirrors.root);
  }

  get groups(): Iterable<SceneGroup> {
    return this.placed.keys();
  }

  /** Takes over what the room is now; how many parts were made anew. */
  update(groups: readonly SceneGroup[]): number {
    const wanted = new Set(groups);
    for (const [group, parts] of this.placed) {
      if (wanted.has(group)) continue;
      for (const { batch, one } of parts) batch.remove(one);
      this.mirrors.remove(group);
      this.placed.delete(group);
    }
    const fresh = groups.filter((group) => !this.placed.has(group));
    this.makeBatches(fresh);
    let made = 0;
    for (const group of fresh) {
      const own = group.parts.filter(({ mesh }) => mesh.indices.length > 0);
      const parts = own.filter(isBatched).map((part) => {
        const batch = this.batches.get(lookName(part))!;
        return { batch, one: batch.add(group, part) };
      });
      for (const part of own) if (!isBatched(part)) this.mirrors.add(group, part);
      made += own.length;
      this.placed.set(group, parts);
      this.pose(group);
    }
    if (fresh.length > 0) this.show(this.shown);
    return made;
  }

  private makeBatches(fresh: readonly SceneGroup[]): void {
    const parts = fresh
      .flatMap((group) => group.parts)
      .filter((part) => part.mesh.indices.length > 0 && isBatched(part));
    for (const look of new Set(parts.map(lookName))) {
      if (this.batches.has(look)) continue;
      const own = parts.filter((part) => lookName(part) === look);
      const batch = new Batch(own, this.material(own[0]!), own[0]!.substance === 'glass');
      batch.mesh.name = look;
      this.batches.set(look, batch);
      this.root.add(batch.mesh);
    }
  }

  /** Shows some groups and hides the others. */
  show(shown: (group: SceneGroup) => boolean): void {
    this.shown = shown;
    for (const [group, parts] of this.placed) {
      const visible = shown(group);
      for (const { batch, one } of parts) batch.mesh.setVisibleAt(one.instance, visible);
      this.mirrors.show(group, visible);
    }
  }

  /** Opens or closes the fronts of a record: 0 closed, 1 open. */
  open(source: string, amount: number): void {
    if (amount === 0) this.opened.delete(source);
    else this.opened.set(source, amount);
    for (const group of this.placed.keys()) if (group.source === source) this.pose(group);
  }

  isOpen(source: string): boolean {
    return this.opened.has(source);
  }

  /** Whether a record has something that opens. */
  opens(source: string): boolean {
    for (const group of this.placed.keys())
      if (group.source === source && group.parts.some(({ moves }) => moves)) return true;
    return false;
  }

  private pose(group: SceneGroup): void {
    const amount = (group.source && this.opened.get(group.source)) || 0;
    for (const { batch, one } of this.placed.get(group) ?? [])
      if (one.part.moves) batch.mesh.setMatrixAt(one.instance, posed(one.part.moves, amount));
  }

  /** The group something was hit of. */
  groupAt({ object, batchId }: Intersection): SceneGroup | null {
    for (const { mesh, byInstance } of this.batches.values())
      if (mesh === object && batchId !== undefined) return byInstance.get(batchId)?.group ?? null;
    return this.mirrors.groupOf(object);
  }

  dispose(): void {
    for (const { mesh } of this.batches.values()) mesh.dispose();
    this.mirrors.dispose();
  }
}

/** Where a part that opens stands when it is so far open, 0 to 1. */
export function posed(moves: Motion, amount: number): Matrix4 {
  if ('slides' in moves) {
    const [x, y, z] = moves.slides;
    return new Matrix4().makeTranslation(x * amount, y * amount, z * amount);
  }
  const { about, axis, by } = moves.turns;
  return new Matrix4()
    .makeTranslation(...(about as [number, number, number]))
    .multiply(new Matrix4().makeRotationAxis(new Vector3(...axis), by * amount))
    .multiply(new Matrix4().makeTranslation(-about[0], -about[1], -about[2]));
}
