import type { SceneGroup, ScenePart } from 'goodreach';
import { BufferAttribute, BufferGeometry, Group, Matrix4, Object3D, Vector3 } from 'three';
import { Reflector } from 'three/examples/jsm/objects/Reflector.js';

/** Pixels of a side of what a mirror shows; what share of light it gives back, as a colour. */
const PIXELS = 768;
const SILVER = '#dfe5e5';

/** The mirrors of a room, each a picture of the room of its own: flat faces, in the room's millimetres. */
export class Mirrors {
  readonly root = new Group();
  private readonly placed = new Map<SceneGroup, Reflector[]>();

  add(group: SceneGroup, part: ScenePart): void {
    const mirror = mirrorOf(part);
    this.root.add(mirror);
    this.placed.set(group, [...(this.placed.get(group) ?? []), mirror]);
  }

  remove(group: SceneGroup): void {
    for (const mirror of this.placed.get(group) ?? []) {
      this.root.remove(mirror);
      mirror.geometry.dispose();
      mirror.dispose();
    }
    this.placed.delete(group);
  }

  show(group: SceneGroup, visible: boolean): void {
    for (const mirror of this.placed.get(group) ?? []) mirror.visible = visible;
  }

  groupOf(object: Object3D): SceneGroup | null {
    for (const [group, mirrors] of this.placed) if (mirrors.some((one) => one === object)) return group;
    return null;
  }

  dispose(): void {
    for (const group of [...this.placed.keys()]) this.remove(group);
  }
}

/** A flat face as one that mirrors: laid on the plane a reflector has, which looks along its own z, and stood up again. */
function mirrorOf({ mesh }: ScenePart): Reflector {
  const { positions, normals } = mesh;
  const n = new Vector3(normals[0], normals[1], normals[2]);
  const up = Math.abs(n.z) > 0.9 ? new Vector3(0, 1, 0) : new Vector3(0, 0, 1);
  const across = new Vector3().crossVectors(up, n).normalize();
  const origin = new Vector3(positions[0], positions[1], positions[2]);
  const stood = new Matrix4().makeBasis(across, new Vector3().crossVectors(n, across), n).setPosition(origin);
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(positions), 3));
  geometry.setAttribute('normal', new BufferAttribute(new Float32Array(normals), 3));
  geometry.setIndex(mesh.indices);
  geometry.applyMatrix4(stood.clone().invert());
  // Its edges need no smoothing of their own: pictures in soft light are the mean of many.
  const size = { textureWidth: PIXELS, textureHeight: PIXELS, multisample: 0 };
  const mirror = new Reflector(geometry, { color: SILVER, ...size });
  mirror.matrixAutoUpdate = false;
  mirror.matrix.copy(stood);
  return mirror;
}
