import type { Point, SceneGroup } from 'goodreach';
import {
  BufferAttribute,
  BufferGeometry,
  DoubleSide,
  EdgesGeometry,
  Group,
  Line,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshBasicMaterial,
  Shape,
  ShapeGeometry,
  type Object3D,
} from 'three';

/** Ground that is shaded: a polygon or a line in plan, mm. */
export interface Ground {
  place: readonly Point[];
  colour: string;
  isShown: boolean;
}

/** Ground is shaded so high over the floor, mm: over tiles and thresholds. */
const OVER = 12;
/** Edges are drawn between sides that meet at more than this, degrees. */
const EDGE = 30;

/** What is marked in the room beside what stands there: the edges of what is chosen, and shaded ground. */
export class RoomMarks {
  readonly root = new Group();
  readonly #chosen = new LineSegments(new BufferGeometry(), new LineBasicMaterial({ color: '#b8492a' }));
  readonly #ground = new Group();

  /** In the frame of what it marks. */
  constructor(like: Object3D) {
    this.root.rotation.copy(like.rotation);
    this.root.scale.copy(like.scale);
    this.#chosen.renderOrder = 2;
    this.#ground.position.z = OVER;
    this.root.add(this.#chosen, this.#ground);
  }

  /** Edges of what is chosen. */
  outline(chosen: readonly SceneGroup[], colour: string): void {
    const points: number[] = [];
    for (const { parts } of chosen)
      for (const { mesh } of parts) {
        const geometry = new BufferGeometry();
        geometry.setAttribute('position', new BufferAttribute(new Float32Array(mesh.positions), 3));
        geometry.setIndex(mesh.indices);
        const edges = new EdgesGeometry(geometry, EDGE);
        for (const one of edges.getAttribute('position').array) points.push(one);
        geometry.dispose();
        edges.dispose();
      }
    this.#chosen.geometry.dispose();
    this.#chosen.geometry = new BufferGeometry();
    this.#chosen.geometry.setAttribute('position', new BufferAttribute(new Float32Array(points), 3));
    this.#chosen.material.color.set(colour);
  }

  /** Shades ground on the floor, what is shown more than the rest. */
  shade(grounds: readonly Ground[]): void {
    this.#clear();
    for (const { place, colour, isShown } of grounds) {
      const corners = place.length > 2 ? [...place, place[0]!] : place;
      const edge = new BufferGeometry();
      edge.setAttribute(
        'position',
        new BufferAttribute(new Float32Array(corners.flatMap(({ x, y }) => [x, y, 0])), 3),
      );
      this.#ground.add(new Line(edge, new LineBasicMaterial({ color: colour })));
      if (place.length < 3) continue;
      const shape = new Shape();
      place.forEach(({ x, y }, index) => (index === 0 ? shape.moveTo(x, y) : shape.lineTo(x, y)));
      this.#ground.add(
        new Mesh(
          new ShapeGeometry(shape),
          new MeshBasicMaterial({
            ...{ color: colour, side: DoubleSide, transparent: true, depthWrite: false },
            opacity: isShown ? 0.45 : 0.2,
          }),
        ),
      );
    }
  }

  #clear(): void {
    for (const one of this.#ground.children as (Line | Mesh)[]) {
      one.geometry.dispose();
      (one.material as LineBasicMaterial | MeshBasicMaterial).dispose();
    }
    this.#ground.clear();
  }

  dispose(): void {
    this.#clear();
    this.#chosen.geometry.dispose();
    this.#chosen.material.dispose();
  }
}
