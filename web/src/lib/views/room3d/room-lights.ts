import type { Emitter, Place, RoomLight, SoftRoom } from 'goodreach';
import {
  AmbientLight,
  DirectionalLight,
  HemisphereLight,
  MathUtils,
  PointLight,
  SpotLight,
  Vector3,
  type Box3,
  type Object3D,
} from 'three';
import type { RoomViewKind } from './room-stage';

/** So many lamps light the quick picture at the most: each makes it dearer. */
const MOST_LAMPS = 4;
/** A small light shines so far to each side, degrees; one far away stands so many radii of the room off. */
const CONE = 74;
const FAR = 6;
/** The sun's light comes from a disc of this radius, radians: larger than it is, as through haze. */
const SUN_DISC = 0.012;
/** It moves on it with every so many of the small lights. */
const SUN_EVERY = 4;

/** A place of the room, mm, z up, in the picture's metres, y up. */
const pictured = ([x, y, z]: Place): Vector3 => new Vector3(x / 1e3, z / 1e3, -y / 1e3);
const directed = ([x, y, z]: Place): Vector3 => new Vector3(x, z, -y);

/** The lights of the picture, as they stand for a quick picture, or one after the other for one in soft light. */
export class RoomLights {
  readonly all: Object3D[];
  private readonly sun = new DirectionalLight('#ffffff', 1);
  private readonly sky = new HemisphereLight('#f4f6f7', '#d6ccbd', 1);
  private readonly fill = new AmbientLight('#ffffff', 0.2);
  // As many lamps as there ever are, those unused dark: another count would be another shader.
  private readonly lamps = Array.from({ length: MOST_LAMPS }, () => new PointLight('#fff0dc', 0, 0, 1.5));
  private readonly spot = new SpotLight('#ffffff', 0);
  private room: RoomLight = { sun: [-0.5, -0.6, 0.7], sunlight: [1, 1, 1], lamps: [] };
  private centre = new Vector3();
  private radius = 1;
  private lit = 0;
  private lampLight = 1;

  constructor() {
    for (const { shadow } of [this.sun, this.spot]) {
      shadow.normalBias = 0.012;
      shadow.autoUpdate = false;
    }
    this.sun.castShadow = this.spot.castShadow = true;
    this.sun.shadow.mapSize.set(1_536, 1_536);
    this.sun.shadow.bias = -0.0008;
    this.spot.shadow.mapSize.set(1_024, 1_024);
    this.spot.shadow.bias = -0.002;
    this.spot.visible = false;
    this.all = [this.sun, this.sun.target, this.spot, this.spot.target, this.sky, this.fill, ...this.lamps];
  }

  /** The room and what falls into it. */
  set(room: RoomLight, box: Box3): void {
    this.room = room;
    if (box.isEmpty()) return;
    box.getCenter(this.centre);
    this.radius = box.getSize(new Vector3()).length() * 0.75;
    const lamps = room.lamps.slice(0, MOST_LAMPS);
    this.lampLight = (2 * (0.5 + this.radius * 0.13)) / Math.max(1, lamps.length);
    this.lamps.forEach((lamp, index) => {
      const own = lamps[index];
      if (own)
        lamp.position
          .copy(pictured(own.from))
          .lerp(pictured(own.to), 0.5)
          .add(directed(own.way).multiplyScalar(0.2));
    });
    this.lit = lamps.length;
  }

  /** As they stand for a picture drawn at once, so much brighter. */
  quick(kind: RoomViewKind, by = 1): void {
    const model = kind === 'model';
    const [r, g, b] = this.room.sunlight;
    const most = Math.max(r, g, b, 1e-6);
    this.sun.color.setRGB(r / most, g / most, b / most);
    this.sun.intensity = (most > 1 ? by : 0) * (model ? 2.1 : 3);
    const day = by * (most > 1 || model ? 1 : 0.35);
    this.sky.intensity = (model ? 1.5 : 1.15) * day;
    this.fill.intensity = (model ? 0.6 : 0.75) * day;
    this.lamps.forEach((lamp, index) => {
      lamp.visible = true;
      lamp.intensity = !model && index < this.lit ? this.lampLight * by : 0;
    });
    this.sky.visible = this.fill.visible = true;
    this.spot.visible = false;
    this.shineFrom(this.room.sun, 0, 0);
    this.sun.shadow.needsUpdate = true;
  }

  /** As they stand for one of so many pictures that make one in soft light: the sun from a place of its disc, and one small light for all of its number. */
  one(emitter: Emitter, index: number, { emitters: { length: count }, balance }: SoftRoom): void {
    this.sky.visible = this.fill.visible = false;
    for (const lamp of this.lamps) lamp.visible = false;
    const [r, g, b] = this.room.sunlight;
    this.sun.color.setRGB(r * balance[0], g * balance[1], b * balance[2]);
    this.sun.intensity = 1;
    if (index % SUN_EVERY === 0) {
      this.shineFrom(this.room.sun, SUN_DISC * Math.sqrt((index + 0.5) / count), index * 2.4);
      this.sun.shadow.needsUpdate = true;
    }
    this.spot.shadow.needsUpdate = true;
    const { spot } = this;
    spot.visible = true;
    const [lr, lg, lb] = emitter.light;
    spot.color.setRGB(lr * count, lg * count, lb * count);
    spot.intensity = 1;
    const { camera } = spot.shadow;
    spot.shadow.normalBias = emitter.far ? 0.035 : 0.012;
    if (emitter.far) {
      spot.position.copy(this.centre).addScaledVector(directed(emitter.at), this.radius * FAR);
      spot.target.position.copy(this.centre);
      spot.angle = Math.atan(1 / FAR);
      spot.decay = 0;
      [camera.near, camera.far] = [this.radius * (FAR - 1), this.radius * (FAR + 1)];
    } else {
      spot.position.copy(pictured(emitter.at));
      spot.target.position.copy(spot.position).add(directed(emitter.way));
      spot.angle = MathUtils.degToRad(CONE);
      spot.decay = 2;
      [camera.near, camera.far] = [0.03, this.radius * 3];
    }
    camera.updateProjectionMatrix();
    spot.target.updateMatrixWorld();
  }

  /** The sun's direction, so far off its middle and to that side, radians; its shadows over all of the room. */
  private shineFrom(way: Place, away: number, side: number): void {
    const { sun, centre, radius } = this;
    const at = directed(way);
    const aside = new Vector3(0, 1, 0).cross(at).normalize();
    at.addScaledVector(aside, away * Math.cos(side)).addScaledVector(
      new Vector3().crossVectors(at, aside),
      away * Math.sin(side),
    );
    sun.position.copy(centre).addScaledVector(at, radius * 2);
    sun.target.position.copy(centre);
    const { camera } = sun.shadow;
    [camera.left, camera.right, camera.top, camera.bottom] = [-radius, radius, radius, -radius];
    [camera.near, camera.far] = [0.1, radius * 4];
    camera.updateProjectionMatrix();
  }
}
