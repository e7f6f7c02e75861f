import { MathUtils, PerspectiveCamera, Vector3, type Box3 } from 'three';

/** How far up and down the model is looked at, radians. */
const LEAST_UP = 0.08;
const MOST_UP = 1.5;

/** Going round the room from outside: about a place, from a direction and a distance, metres and radians. */
export class ModelCamera {
  readonly camera = new PerspectiveCamera(32, 1, 0.1, 400);
  private readonly about = new Vector3();
  private turn = -0.9;
  private up = 0.72;
  private away = 10;

  /** Sees all of a box. */
  fit(box: Box3): void {
    box.getCenter(this.about);
    const radius = box.getSize(new Vector3()).length() / 2;
    const half = MathUtils.degToRad(this.camera.fov / 2);
    const narrow = Math.min(half, Math.atan(Math.tan(half) * this.camera.aspect));
    this.away = (radius / Math.sin(narrow)) * 0.95;
    this.place();
  }

  orbit(across: number, up: number): void {
    this.turn -= across;
    this.up = Math.max(LEAST_UP, Math.min(MOST_UP, this.up + up));
    this.place();
  }

  /** Slides along the view by shares of its height. */
  pan(across: number, up: number): void {
    const size = 2 * this.away * Math.tan(MathUtils.degToRad(this.camera.fov / 2));
    const right = new Vector3().setFromMatrixColumn(this.camera.matrix, 0);
    const above = new Vector3().setFromMatrixColumn(this.camera.matrix, 1);
    this.about.addScaledVector(right, -across * size).addScaledVector(above, up * size);
    this.place();
  }

  zoom(by: number): void {
    this.away = Math.max(0.8, Math.min(120, this.away * by));
    this.place();
  }

  resize(aspect: number): void {
    this.camera.aspect = aspect;
    this.camera.updateProjectionMatrix();
  }

  private place(): void {
    const flat = Math.cos(this.up) * this.away;
    this.camera.position.set(
      this.about.x + Math.cos(this.turn) * flat,
      this.about.y + Math.sin(this.up) * this.away,
      this.about.z - Math.sin(this.turn) * flat,
    );
    this.camera.lookAt(this.about);
    this.camera.updateMatrixWorld();
  }
}
