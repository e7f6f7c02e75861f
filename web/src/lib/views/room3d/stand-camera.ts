import type { Point } from 'goodreach';
import { PerspectiveCamera } from 'three';

/** How far up and down one looks, radians. */
const MOST_NOD = 1.2;

/** Standing in the room at eye height: a place in plan, mm, the direction looked in and how far up, radians. */
export class StandCamera {
  readonly camera = new PerspectiveCamera(62, 1, 0.03, 100);
  at: Point = { x: 0, y: 0 };
  turn = 0;
  nod = -0.16;
  private height = 1_600;

  stand(at: Point, turn = this.turn, nod = this.nod): void {
    this.at = at;
    this.turn = turn;
    this.nod = nod;
    this.place();
  }

  look(across: number, up: number): void {
    this.turn += across;
    this.nod = Math.max(-MOST_NOD, Math.min(MOST_NOD, this.nod + up));
    this.place();
  }

  /** Eye height above the floor, mm. */
  set eye(mm: number) {
    this.height = mm;
    this.place();
  }

  get eye(): number {
    return this.height;
  }

  /** The way, mm, of so far ahead and so far to the right. */
  way(ahead: number, right: number): Point {
    const [cos, sin] = [Math.cos(this.turn), Math.sin(this.turn)];
    return { x: cos * ahead + sin * right, y: sin * ahead - cos * right };
  }

  resize(aspect: number): void {
    this.camera.aspect = aspect;
    // As much to the sides on a narrow screen as on a wide one.
    this.camera.fov = aspect < 1 ? 78 : 62;
    this.camera.updateProjectionMatrix();
  }

  private place(): void {
    const { camera, at, turn, nod, height } = this;
    camera.position.set(at.x / 1_000, height / 1_000, -at.y / 1_000);
    camera.rotation.set(nod, turn - Math.PI / 2, 0, 'YXZ');
    camera.updateMatrixWorld();
  }
}
