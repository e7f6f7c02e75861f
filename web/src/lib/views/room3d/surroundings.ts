import {
  Color,
  CubeCamera,
  CubeTexture,
  HalfFloatType,
  SRGBColorSpace,
  WebGLCubeRenderTarget,
  type Scene,
  type Vector3,
  type WebGLRenderer,
} from 'three';

const SIZE = 64;
const SIDE = ['#f4f2ec', '#e6e2d9', '#bdb8ae', '#8f8a81'];

/** What shines in metal and glass: a light room all round, brighter above and where windows might be. */
export function roomAround(): CubeTexture {
  const side = (window: boolean) => {
    const [canvas, paper] = blank();
    const fall = paper.createLinearGradient(0, 0, 0, SIZE);
    SIDE.forEach((colour, index) => fall.addColorStop(index / (SIDE.length - 1), colour));
    paper.fillStyle = fall;
    paper.fillRect(0, 0, SIZE, SIZE);
    paper.fillStyle = '#ffffff';
    if (window) paper.fillRect(SIZE * 0.25, SIZE * 0.18, SIZE * 0.5, SIZE * 0.34);
    return canvas;
  };
  const level = (colour: string) => {
    const [canvas, paper] = blank();
    paper.fillStyle = colour;
    paper.fillRect(0, 0, SIZE, SIZE);
    return canvas;
  };
  const texture = new CubeTexture([
    side(true),
    side(false),
    level('#fbf9f4'),
    level('#86817a'),
    side(true),
    side(false),
  ]);
  texture.colorSpace = SRGBColorSpace;
  texture.needsUpdate = true;
  return texture;
}

function blank(): [HTMLCanvasElement, CanvasRenderingContext2D] {
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = SIZE;
  return [canvas, canvas.getContext('2d')!];
}

/** Pixels of a side of what is seen all round. */
const ROUND = 64;

/** What is really seen all round from a place in the room, for what shines in a picture in soft light. */
export class Surroundings {
  private readonly target = new WebGLCubeRenderTarget(ROUND, { type: HalfFloatType });
  private readonly camera = new CubeCamera(0.05, 100, this.target);

  /** Looks round, the scene lit as it is now; what is past the room is so bright. */
  look(renderer: WebGLRenderer, scene: Scene, from: Vector3, behind: Color): CubeTexture {
    const { background } = scene;
    scene.background = behind;
    this.camera.position.copy(from);
    this.camera.update(renderer, scene);
    scene.background = background;
    return this.target.texture;
  }

  dispose(): void {
    this.target.dispose();
  }
}
