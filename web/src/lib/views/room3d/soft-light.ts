import {
  AddEquation,
  CustomBlending,
  FloatType,
  HalfFloatType,
  NoBlending,
  OneFactor,
  ShaderMaterial,
  WebGLRenderTarget,
  type Color,
  type PerspectiveCamera,
  type Scene,
  type Texture,
  type WebGLRenderer,
} from 'three';
import { FullScreenQuad } from 'three/examples/jsm/postprocessing/Pass.js';

const vertexShader = /* glsl */ `
  varying vec2 place;
  void main() {
    place = uv;
    gl_Position = vec4(position.xy, 0.0, 1.0);
  }`;

/** Adds up pictures of one view, each in another light, and shows their mean. Light is added as light, before it is made a picture for the eye. */
export class SoftLight {
  private readonly one = new WebGLRenderTarget(1, 1, { type: HalfFloatType });
  private readonly sum = new WebGLRenderTarget(1, 1, { type: FloatType, depthBuffer: false });
  private readonly adder = new FullScreenQuad(
    new ShaderMaterial({
      uniforms: { picture: { value: null } },
      vertexShader,
      fragmentShader: /* glsl */ `
        uniform sampler2D picture;
        varying vec2 place;
        void main() { gl_FragColor = texture2D(picture, place); }`,
      blending: CustomBlending,
      blendEquation: AddEquation,
      blendSrc: OneFactor,
      blendDst: OneFactor,
      depthTest: false,
      depthWrite: false,
    }),
  );
  private readonly shower = new FullScreenQuad(
    new ShaderMaterial({
      uniforms: { sum: { value: null }, scale: { value: 1 }, behind: { value: null } },
      vertexShader,
      // What is behind the room is as it is wanted on the screen; the room is made a picture by the renderer's tone mapping.
      fragmentShader: /* glsl */ `
        uniform sampler2D sum;
        uniform float scale;
        uniform vec3 behind;
        varying vec2 place;
        void main() {
          vec4 all = texture2D(sum, place) * scale;
          gl_FragColor = vec4(all.rgb / max(all.a, 1e-4), 1.0);
          #include <tonemapping_fragment>
          gl_FragColor.rgb = mix(behind, gl_FragColor.rgb, min(all.a, 1.0));
          #include <colorspace_fragment>
        }`,
      blending: NoBlending,
      depthTest: false,
      depthWrite: false,
    }),
  );
  private added = 0;
  /** How many draw calls the last of them took. */
  calls = 0;

  constructor(
    private readonly renderer: WebGLRenderer,
    private readonly scene: Scene,
  ) {}

  /** Whether this browser can add up light. */
  static can(renderer: WebGLRenderer): boolean {
    return renderer.extensions.has('EXT_color_buffer_float') && renderer.extensions.has('EXT_float_blend');
  }

  /** Starts a picture so many pixels in size. */
  start(width: number, height: number): void {
    this.one.setSize(width, height);
    this.sum.setSize(width, height);
    const { renderer } = this;
    renderer.setRenderTarget(this.sum);
    renderer.setClearColor(0, 0);
    renderer.clear();
    renderer.setRenderTarget(null);
    this.added = 0;
  }

  /** Adds the scene as it is lit now, before a colour or before nothing. */
  add(camera: PerspectiveCamera, behind: Color | null): void {
    const { renderer, scene } = this;
    const { background } = scene;
    scene.background = behind;
    renderer.setRenderTarget(this.one);
    renderer.setClearColor(0, 0);
    renderer.info.reset();
    renderer.render(scene, camera);
    this.calls = renderer.info.render.calls;
    scene.background = background;
    renderer.setRenderTarget(this.sum);
    renderer.autoClear = false;
    uniform(this.adder, 'picture', this.one.texture);
    this.adder.render(renderer);
    renderer.autoClear = true;
    renderer.setRenderTarget(null);
    this.added += 1;
  }

  /** Shows the mean of what was added, over a colour. */
  show(behind: Color): void {
    uniform(this.shower, 'sum', this.sum.texture);
    uniform(this.shower, 'scale', 1 / Math.max(1, this.added));
    uniform(this.shower, 'behind', behind);
    this.shower.render(this.renderer);
  }

  dispose(): void {
    this.one.dispose();
    this.sum.dispose();
    for (const quad of [this.adder, this.shower]) {
      (quad.material as ShaderMaterial).dispose();
      quad.dispose();
    }
  }
}

function uniform(quad: FullScreenQuad, name: string, value: Texture | Color | number): void {
  (quad.material as ShaderMaterial).uniforms[name]!.value = value;
}
