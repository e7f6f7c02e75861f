import { lookName, lookOf, type ScenePart, type SubstanceLook, type TextureSource } from 'goodreach';
import {
  CanvasTexture,
  Color,
  DoubleSide,
  MeshPhongMaterial,
  MeshStandardMaterial,
  MixOperation,
  RepeatWrapping,
  ShaderChunk,
  SRGBColorSpace,
  type Texture,
} from 'three';
import { textureOf } from '../textures';
import { roomAround } from './surroundings';

/** A texture as it lies in the room: places on it are millimetres. */
function textureFrom(pixels: ImageData, { long, high = long }: TextureSource, sharp: number): Texture {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [pixels.width, pixels.height];
  canvas.getContext('2d')!.putImageData(pixels, 0, 0);
  const texture = new CanvasTexture(canvas);
  texture.colorSpace = SRGBColorSpace;
  texture.wrapS = texture.wrapT = RepeatWrapping;
  texture.repeat.set(1 / long, 1 / high);
  texture.anisotropy = sharp;
  return texture;
}

/** Where there is no texture, or not yet: one white pixel, so that all substances are drawn by one shader. */
function blank(): Texture {
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = 1;
  const paper = canvas.getContext('2d')!;
  paper.fillStyle = '#ffffff';
  paper.fillRect(0, 0, 1, 1);
  return new CanvasTexture(canvas);
}

/**
 * Small lights shine as a dull face does, by the cosine about their direction, down to nothing at their cone's edge; nearer than 0.63 m they
 * give no more than there, as one of many that stand for the light of a whole face.
 */
ShaderChunk.lights_pars_begin = replaced(
  replaced(
    ShaderChunk.lights_pars_begin,
    'smoothstep( coneCosine, penumbraCosine, angleCosine )',
    'max( 0.0, ( angleCosine - coneCosine ) / ( 1.0 - coneCosine ) )',
  ),
  'max( pow( lightDistance, decayExponent ), 0.01 )',
  'max( pow( lightDistance, decayExponent ), 0.4 )',
);

/** Light as the eye is shown it: twice the light is less than twice as bright, six times white is white, and what is very bright is pale. */
ShaderChunk.tonemapping_pars_fragment = replaced(
  ShaderChunk.tonemapping_pars_fragment,
  'vec3 CustomToneMapping( vec3 color ) { return color; }',
  /* glsl */ `vec3 CustomToneMapping( vec3 color ) {
    color *= toneMappingExposure;
    float most = max( color.r, max( color.g, color.b ) );
    float shown = ( 1.0 + most / 36.0 ) / ( 1.0 + most );
    float pale = clamp( ( most - 1.5 ) / 8.0, 0.0, 0.7 );
    vec3 seen = clamp( mix( color, vec3( most ), pale ) * shown, 0.0, 1.0 );
    return mix( seen, seen * seen * ( 3.0 - 2.0 * seen ), 0.35 );
  }`,
);

/** A text with a part of it replaced, which must be there. */
function replaced(text: string, part: string, by: string): string {
  if (!text.includes(part)) throw new Error(`The shader has no ${part}.`);
  return text.replace(part, by);
}

/** What is smoother than this shines. */
const SHINES = 0.36;

/** The materials of a view, each made when the first part is drawn that looks so. What shines mirrors a light room, the more so the more metallic it is. */
export class Looks {
  /** How sharp figures are seen aslant: dear without graphics hardware. */
  sharp = 8;
  private readonly made = new Map<string, MeshPhongMaterial | MeshStandardMaterial>();
  private readonly white = blank();
  private readonly around = roomAround();
  private readonly painting = new Set<Promise<void>>();
  private gone = false;

  /** `changed` hears when a texture has come. */
  constructor(private readonly changed: () => void = () => undefined) {}

  of(part: Pick<ScenePart, 'finish' | 'shade' | 'substance'>): MeshPhongMaterial | MeshStandardMaterial {
    const name = lookName(part);
    let material = this.made.get(name);
    if (!material) this.made.set(name, (material = this.make(lookOf(part))));
    return material;
  }

  private make({ colour, rough, metal = 0, clear, glows, texture, shade = 0 }: SubstanceLook) {
    const common = { color: new Color(colour), map: this.white };
    const material =
      rough < SHINES
        ? new MeshPhongMaterial({
            ...common,
            envMap: this.around,
            combine: MixOperation,
            reflectivity: metal > 0.5 ? 0.1 + metal * 0.28 : 0.06,
            shininess: (1 - rough) ** 3 * 160,
            specular: specularOf(metal),
          })
        : new MeshStandardMaterial({ ...common, roughness: rough });
    material.userData['metal'] = metal;
    if (glows) material.emissive = new Color(colour);
    // Walls are thick: what keeps light off is their outer side as well.
    material.shadowSide = DoubleSide;
    if (clear !== undefined) {
      material.transparent = true;
      material.opacity = clear;
      material.depthWrite = false;
    }
    if (texture) this.paint(material, texture, 1 + shade);
    return material;
  }

  /** A texture takes the place of the plain colour as soon as it is painted, so much lighter or darker. */
  private paint(
    material: MeshPhongMaterial | MeshStandardMaterial,
    source: TextureSource,
    light: number,
  ): void {
    const done = textureOf(source).then(
      (pixels) => {
        if (this.gone) return;
        material.map = textureFrom(pixels, source, this.sharp);
        material.color.setScalar(light);
        this.changed();
      },
      // Without it the surface keeps its plain colour.
      () => undefined,
    );
    this.painting.add(done);
    void done.then(() => this.painting.delete(done));
  }

  /** Waits for all textures that are asked for. */
  async ready(): Promise<void> {
    await Promise.all(this.painting);
  }

  /** Lets what shines show what is really about it, in which the room's lamps are seen too; without, a light room, and each lamp a highlight. What shines of itself is so bright. */
  shine(around: Texture | null, glow = 1): void {
    for (const look of this.made.values()) {
      look.emissiveIntensity = glow;
      if (!(look instanceof MeshPhongMaterial)) continue;
      look.envMap = around ?? this.around;
      look.specular = around ? new Color(0) : specularOf(Number(look.userData['metal']));
    }
  }

  dispose(): void {
    this.gone = true;
    for (const material of this.made.values()) {
      if (material.map !== this.white) material.map?.dispose();
      material.dispose();
    }
    this.white.dispose();
    this.around.dispose();
  }
}

function specularOf(metal: number): Color {
  return new Color('#ffffff').multiplyScalar(metal > 0.5 ? 0.5 : 0.16);
}
