import type { SoftRoom } from 'goodreach';
import {
  Color,
  CustomToneMapping,
  PCFShadowMap,
  Plane,
  Scene,
  SRGBColorSpace,
  Vector3,
  WebGLRenderer,
  type PerspectiveCamera,
} from 'three';
import type { Looks } from './looks';
import type { RoomLights } from './room-lights';
import type { RoomViewKind } from './room-stage';
import { SoftLight } from './soft-light';
import { Surroundings } from './surroundings';

/** A part of a picture of so many pixels, from its top left. */
export interface Part {
  whole: { width: number; height: number };
  left: number;
  top: number;
  width: number;
  height: number;
}

/** How bright what is past the room is, so that it is seen as it is given. */
const PAST = 3.3;
/** The graphics were taken from the page, and did not come back. */
export class GraphicsLost extends Error {
  override message =
    'The browser took the graphics from this page, and has not given them back. Reload the page, and try again.';
}

/** So long graphics that were taken from the page are waited for, ms. */
const BACK = 10_000;
/** A picture in soft light is shown as it grows only when so much of it is there: before, single shadows would show. */
const SHOWN = 0.15;

/** Draws the room on the canvas: at once, or in soft light, which takes as many pictures as there are small lights. */
export class Painter {
  readonly scene = new Scene();
  readonly renderer: WebGLRenderer;
  /** Whether soft light is to be had, and whether it is quick: not where there is no graphics hardware. */
  readonly softness: 'none' | 'quick' | 'slow';
  private readonly behind = new Color();
  private readonly soft: SoftLight | null;
  private readonly around = new Surroundings();
  private quickExposure = 1;
  private last: Promise<boolean> = Promise.resolve(true);
  /** How many draw calls the last picture took. */
  calls = 0;
  /** How often the graphics were taken from the page: all that was drawn is gone then. */
  private losses = 0;

  /** `back` hears when graphics that were taken from the page are there again, and the picture has to be drawn anew. */
  constructor(
    private readonly canvas: HTMLCanvasElement,
    private readonly lights: RoomLights,
    private readonly looks: Looks,
    back: () => void,
  ) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true });
    this.renderer.outputColorSpace = SRGBColorSpace;
    this.renderer.toneMapping = CustomToneMapping;
    this.renderer.shadowMap.enabled = true;
    this.renderer.shadowMap.type = PCFShadowMap;
    this.renderer.shadowMap.autoUpdate = false;
    this.renderer.info.autoReset = false;
    this.scene.background = this.behind;
    this.scene.add(...lights.all);
    this.soft = SoftLight.can(this.renderer) ? new SoftLight(this.renderer, this.scene) : null;
    const slow = isSlow(this.renderer.getContext());
    if (slow) looks.sharp = 1;
    this.softness = this.soft ? (slow ? 'slow' : 'quick') : 'none';
    canvas.addEventListener('webglcontextlost', () => (this.losses += 1));
    canvas.addEventListener('webglcontextrestored', () => {
      this.changed();
      back();
    });
  }

  /** Waits until everything asked for is drawn, the page alive meanwhile: never more than one picture is waited for. */
  async finished(): Promise<void> {
    const gl = this.renderer.getContext() as WebGL2RenderingContext;
    const sync = gl.fenceSync(gl.SYNC_GPU_COMMANDS_COMPLETE, 0);
    gl.flush();
    do await new Promise((next) => setTimeout(next));
    while (sync && gl.clientWaitSync(sync, 0, 0) === gl.TIMEOUT_EXPIRED);
    gl.deleteSync(sync);
  }

  size(width: number, height: number, ratio = 1): void {
    this.renderer.setPixelRatio(ratio);
    this.renderer.setSize(width, height, false);
  }

  /** What is seen past the room, and how bright the quick picture is. */
  before(behind: string, quickExposure: number): void {
    this.behind.set(behind);
    this.quickExposure = quickExposure;
  }

  cut(plane: Plane | null): void {
    this.renderer.clippingPlanes = plane ? [plane] : [];
  }

  /** Shadows are drawn anew with the next picture. */
  changed(): void {
    this.renderer.shadowMap.needsUpdate = true;
  }

  /** A picture at once. */
  quick(camera: PerspectiveCamera, kind: RoomViewKind): void {
    this.lights.quick(kind);
    this.looks.shine(null);
    this.renderer.toneMappingExposure = this.quickExposure;
    this.renderer.info.reset();
    this.renderer.render(this.scene, camera);
    this.calls = this.renderer.info.render.calls;
  }

  /**
   * A part of a picture, on a canvas of its size, at once or in a soft light; `rested` is awaited meanwhile, and stops it by answering
   * false. Answers whether it was finished. Drawn anew where the graphics were taken from the page meanwhile; throws where they don't
   * come back (GraphicsLost).
   */
  async part(
    camera: PerspectiveCamera,
    kind: RoomViewKind,
    light: SoftRoom | null,
    part: Part,
    rested: (done: number) => Promise<boolean>,
  ): Promise<boolean> {
    const { whole, left, top, width, height } = part;
    for (;;) {
      const { losses } = this;
      this.size(width, height);
      let went: boolean;
      if (light) went = await this.softly(camera, kind, light, part, rested);
      else {
        const own = camera.clone();
        own.setViewOffset(whole.width, whole.height, left, top, width, height);
        this.quick(own, kind);
        went = await rested(1);
      }
      if (!went || (losses === this.losses && !this.lost)) return went;
      await this.restored();
    }
  }

  private get lost(): boolean {
    return this.renderer.getContext().isContextLost();
  }

  private async restored(): Promise<void> {
    if (!this.lost) return;
    await new Promise<void>((done, failed) => {
      const late = setTimeout(() => failed(new GraphicsLost()), BACK);
      const once = { once: true };
      this.canvas.addEventListener('webglcontextrestored', () => (clearTimeout(late), done()), once);
    });
  }

  /** A part of a picture in soft light, from one small light after the other; `rested` is awaited between them, and stops it by answering false. Answers whether it was finished. */
  async softly(...asked: Parameters<Painter['gather']>): Promise<boolean> {
    // One after the other: one that was stopped ends with the picture it is at.
    const before = this.last;
    const own = before.then(() => this.gather(...asked));
    this.last = own.catch(() => false);
    return own;
  }

  private async gather(
    camera: PerspectiveCamera,
    kind: RoomViewKind,
    room: SoftRoom,
    { whole, left, top, width, height }: Part,
    rested: (done: number) => Promise<boolean>,
  ): Promise<boolean> {
    const { soft, lights, renderer } = this;
    const { emitters, exposure } = room;
    if (!soft || !(await rested(0))) return false;
    const own = camera.clone();
    soft.start(width, height);
    // What shines shows the room as it is lit for a quick picture, made as bright as this one.
    const share = this.quickExposure / exposure;
    lights.quick(kind, share);
    this.changed();
    const glow = PAST / exposure;
    const behind = this.behind.clone().multiplyScalar(glow);
    this.looks.shine(null, glow);
    this.looks.shine(this.around.look(renderer, this.scene, camera.position, behind), glow);
    try {
      for (const [index, emitter] of emitters.entries()) {
        lights.one(emitter, index, room);
        this.changed();
        // Each picture a part of a pixel aside: edges are smooth in their mean.
        const [across, down] = [(index * 0.7549) % 1, (index * 0.5698) % 1];
        own.setViewOffset(whole.width, whole.height, left + across - 0.5, top + down - 0.5, width, height);
        soft.add(own, kind === 'stand' ? behind : null);
        this.calls = soft.calls;
        const done = (index + 1) / emitters.length;
        if (done >= SHOWN) {
          renderer.toneMappingExposure = exposure;
          soft.show(this.behind);
        }
        if (!(await rested(done))) return false;
      }
    } finally {
      this.looks.shine(null);
      this.changed();
    }
    return true;
  }

  dispose(): void {
    this.soft?.dispose();
    this.around.dispose();
    this.renderer.dispose();
  }
}

/** The level plane above which a model is cut away, metres. */
export const levelAt = (height: number): Plane => new Plane(new Vector3(0, -1, 0), height);

/** Whether there is no graphics hardware, as far as the browser tells. */
function isSlow(gl: WebGLRenderingContext | WebGL2RenderingContext): boolean {
  const told = gl.getExtension('WEBGL_debug_renderer_info');
  const name = String(gl.getParameter(told ? told.UNMASKED_RENDERER_WEBGL : gl.RENDERER));
  return /swiftshader|llvmpipe|software|basic render/i.test(name);
}
