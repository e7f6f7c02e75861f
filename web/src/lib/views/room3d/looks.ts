import { lookName, lookOf, type ScenePart, type SubstanceLook } from 'goodreach';
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
import { roomAround } from './surroundings';

/** Draws a square of a pattern that goes on at its edges. `random` gives the same numbers every time. */
type Pattern = (paper: CanvasRenderingContext2D, size: number, random: () => number) => void;

/** A pattern as long in the room as given, mm: places on a texture are millimetres. */
interface Figure {
  long: number;
  draw: Pattern;
}

const PIXELS = 512;

/** Grain along y: lines of the colour lighter and darker, each waving a little. */
const grain =
  (colour: string, lines: number, depth: number): Pattern =>
  (paper, size, random) => {
    paper.fillStyle = colour;
    paper.fillRect(0, 0, size, size);
    for (let i = 0; i < lines; i++) {
      const x = random() * size;
      paper.strokeStyle =
        random() > 0.5 ? `rgba(40,22,8,${random() * depth})` : `rgba(255,240,215,${random() * depth})`;
      paper.lineWidth = 0.6 + random() * 2.2;
      const [sway, start] = [random() * 5, random() * 7];
      // Drawn over both edges, so that it goes on.
      for (const off of [-size, 0, size]) {
        paper.beginPath();
        for (let y = 0; y <= size; y += 16) {
          const at = x + off + Math.sin((y / size) * 2 * Math.PI + start) * sway;
          if (y === 0) paper.moveTo(at, y);
          else paper.lineTo(at, y);
        }
        paper.stroke();
      }
    }
  };

/** Boards side by side, their ends in different places. */
const boards =
  (colour: string): Pattern =>
  (paper, size, random) => {
    grain(colour, 240, 0.1)(paper, size, random);
    const wide = size / 6;
    for (let i = 0; i < 6; i++) {
      paper.fillStyle = `rgba(${random() > 0.5 ? '255,235,205' : '50,28,12'},${random() * 0.14})`;
      paper.fillRect(i * wide, 0, wide, size);
      paper.fillStyle = 'rgba(40,24,12,0.4)';
      paper.fillRect(i * wide, 0, 1.2, size);
      paper.fillRect(i * wide, random() * size, wide, 1.2);
    }
  };

/** Specks of lighter and darker stone. */
const specks =
  (colour: string): Pattern =>
  (paper, size, random) => {
    paper.fillStyle = colour;
    paper.fillRect(0, 0, size, size);
    for (let i = 0; i < 2600; i++) {
      paper.fillStyle =
        random() > 0.45 ? `rgba(90,84,74,${random() * 0.28})` : `rgba(255,255,252,${random() * 0.4})`;
      const r = 0.5 + random() * random() * 4;
      paper.beginPath();
      paper.ellipse(random() * size, random() * size, r, r * (0.4 + random() * 0.6), random() * 3, 0, 7);
      paper.fill();
    }
  };

/** Clouds of lighter and darker, as of one firing. */
const tone =
  (colour: string): Pattern =>
  (paper, size, random) => {
    paper.fillStyle = colour;
    paper.fillRect(0, 0, size, size);
    for (let i = 0; i < 50; i++) {
      const [x, y, r] = [random() * size, random() * size, size * (0.06 + random() * 0.16)];
      const shade = random() > 0.5 ? '255,250,240' : '60,52,40';
      // Over every edge it comes to, so that it goes on.
      const over = (at: number) => [-size, 0, size].filter((off) => at + off + r > 0 && at + off - r < size);
      for (const dx of over(x))
        for (const dy of over(y)) {
          const cloud = paper.createRadialGradient(x + dx, y + dy, 0, x + dx, y + dy, r);
          cloud.addColorStop(0, `rgba(${shade},0.06)`);
          cloud.addColorStop(1, `rgba(${shade},0)`);
          paper.fillStyle = cloud;
          paper.fillRect(x + dx - r, y + dy - r, 2 * r, 2 * r);
        }
    }
  };

/** How long each figure is in the room, mm, and how it is drawn in a colour. */
const figures: Record<NonNullable<SubstanceLook['figure']>, (colour: string) => Figure> = {
  boards: (colour) => ({ long: 900, draw: boards(colour) }),
  grain: (colour) => ({ long: 500, draw: grain(colour, 260, 0.1) }),
  specks: (colour) => ({ long: 600, draw: specks(colour) }),
  tone: (colour) => ({ long: 1_100, draw: tone(colour) }),
};

/** Numbers from 0 to 1, the same each time (a linear congruential generator). */
function numbers(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296) / 4_294_967_296;
}

function textureOf({ long, draw }: Figure, sharp: number): Texture {
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = PIXELS;
  draw(canvas.getContext('2d')!, PIXELS, numbers(7));
  const texture = new CanvasTexture(canvas);
  texture.colorSpace = SRGBColorSpace;
  texture.wrapS = texture.wrapT = RepeatWrapping;
  texture.repeat.set(1 / long, 1 / long);
  texture.anisotropy = sharp;
  return texture;
}

/** Where there is no figure: one white pixel, so that all substances are drawn by one shader. */
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

  of(part: Pick<ScenePart, 'finish' | 'substance'>): MeshPhongMaterial | MeshStandardMaterial {
    const name = lookName(part);
    let material = this.made.get(name);
    if (!material) this.made.set(name, (material = this.make(lookOf(part))));
    return material;
  }

  private make({ colour, rough, metal = 0, clear, glows, figure }: SubstanceLook) {
    const common = {
      color: new Color(figure ? '#ffffff' : colour),
      map: figure ? textureOf(figures[figure](colour), this.sharp) : this.white,
    };
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
    return material;
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
