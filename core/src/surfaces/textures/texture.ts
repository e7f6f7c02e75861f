import type { Figure, TextureSource } from '../finishes';
export type { TextureSource } from '../finishes';
import { cells, hashed, layered, noise, type Field } from './noise';

/** Red, green and blue, 0 to 255. */
type Colour = readonly [number, number, number];

/** The colour at a place of a texture, 0 to 1 both ways; across the grain first. */
type Paint = (x: number, y: number) => Colour;

const parsed = (colour: string): Colour =>
  [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16)) as unknown as Colour;

const mixed = (a: Colour, b: Colour, share: number): Colour => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
  a[2] + (b[2] - a[2]) * share,
];
const lit = (a: Colour, by: number): Colour => [a[0] * by, a[1] * by, a[2] * by];

const ramp = (from: number, to: number, value: number): number => {
  const t = Math.min(1, Math.max(0, (value - from) / (to - from)));
  return t * t * (3 - 2 * t);
};

/** How far the lines of a cut wander across the grain, in rings, and how quickly they do along it. */
const cuts = {
  straight: { wander: 1.2, along: 1, across: 3 },
  crown: { wander: 4.5, along: 1, across: 3 },
  rustic: { wander: 3.5, along: 2, across: 4 },
} as const;

function grained(base: Colour, figure: Figure & { type: 'grain' }, long: number, seed: number): Paint {
  const dark = parsed(figure.dark);
  const rings = Math.max(2, Math.round(long / figure.rings));
  const { wander, along, across } = cuts[figure.cut];
  const swell = layered({ across, up: along, seed, layers: 3 });
  const [fine, pore, plank] = [noise(90, 5, seed + 9), noise(240, 14, seed + 17), noise(3, 1, seed + 23)];
  return (x, y) => {
    const at = x * rings + swell(x, y) * wander + (fine(x, y) - 0.5) * 0.25;
    const ring = at - Math.floor(at);
    // Light wood darkens slowly to the late ring, and begins anew at once.
    const late = ramp(0.35, 0.92, ring) * (1 - ramp(0.94, 1, ring));
    const pores = Math.max(0, pore(x, y) - 0.72) * 1.1;
    return lit(mixed(base, dark, late * 0.62 + pores), 0.94 + 0.12 * plank(x, y));
  };
}

/** Boards side by side, each with a grain of its own and a joint somewhere. */
function boarded(
  base: Colour,
  { wide, ...of }: Figure & { type: 'boards' },
  long: number,
  seed: number,
): Paint {
  const dark = parsed(of.dark);
  const count = Math.max(1, Math.round(long / wide));
  const wood = grained(base, { ...of, type: 'grain' }, long, seed);
  // A gap is as wide as it is seen, 1.5 mm.
  const gap = 0.75 / long;
  return (x, y) => {
    const board = Math.floor(x * count);
    const joint = hashed(board, 3, seed);
    const off = Math.abs(y - joint);
    const across = x * count - board;
    const isGap = Math.min(across, 1 - across) / count < gap || Math.min(off, 1 - off) < gap;
    const tone = 0.9 + 0.2 * hashed(board, 1, seed + 1);
    const shift = hashed(board, 1, seed + 2);
    const colour = wood((x + shift) % 1, (y + shift * 7) % 1);
    return isGap ? lit(dark, 0.55) : lit(colour, tone);
  };
}

function veined(base: Colour, figure: Figure & { type: 'veins' }, long: number, seed: number): Paint {
  const vein = parsed(figure.vein);
  const turns = Math.max(1, Math.round(long / figure.spread));
  const bent = (more: number) => layered({ across: 2 * turns, up: 2 * turns, seed: seed + more, layers: 4 });
  const [sway, rise] = [bent(0), bent(40)];
  const ridge = (count: number, more: number): Field => {
    const field = layered({ across: count, up: count, seed: seed + more, layers: 3 });
    return (x, y) => 1 - Math.abs(2 * field(x, y) - 1);
  };
  const [bold, fine] = [ridge(turns, 5), ridge(3 * turns, 11)];
  const cloud = layered({ across: 2, up: 2, seed: seed + 31, layers: 4 });
  return (x, y) => {
    const [u, v] = [x + (sway(x, y) - 0.5) * 0.35, y + (rise(x, y) - 0.5) * 0.35];
    const share = ramp(0.93, 1, bold(u, v)) * (0.35 + figure.bold) + ramp(0.95, 1, fine(u, v)) * 0.3;
    return lit(mixed(base, vein, Math.min(0.9, share)), 0.95 + cloud(x, y) * 0.1);
  };
}

function specked(base: Colour, figure: Figure & { type: 'specks' }, long: number, seed: number): Paint {
  const colours = figure.of.map(parsed);
  const nearest = cells(Math.round(long / figure.size), seed);
  const ground = layered({ across: 6, up: 6, seed: seed + 3, layers: 3 });
  return (x, y) => {
    const { own, clear } = nearest(x, y);
    // Fewer than half of the crystals are of another colour, each so much of it.
    const pick = own * colours.length * 2.2;
    const colour = colours[Math.floor(pick)];
    const share = ramp(0.02, 0.35, clear) * (0.35 + 0.4 * (pick - Math.floor(pick)));
    return lit(colour ? mixed(base, colour, share) : base, 0.96 + 0.08 * ground(x, y));
  };
}

function chipped(base: Colour, figure: Figure & { type: 'chips' }, long: number, seed: number): Paint {
  const colours = figure.of.map(parsed);
  const scattered = (size: number, share: number, more: number) => {
    const nearest = cells(Math.round(long / size), seed + more);
    return (x: number, y: number): Colour | null => {
      const { own, clear, off } = nearest(x, y);
      // Not every point is a chip, and between two there is ground.
      if (own > share || clear < 0.12 || off > 0.34 + own * 0.25) return null;
      return colours[Math.floor((own / share) * colours.length)] ?? null;
    };
  };
  const [large, small] = [scattered(figure.size, 0.55, 0), scattered(figure.size / 2.3, 0.4, 7)];
  const ground = noise(40, 40, seed + 3);
  return (x, y) => lit(large(x, y) ?? small(x, y) ?? base, 0.97 + 0.06 * ground(x, y));
}

function clouded(base: Colour, { depth }: Figure & { type: 'clouds' }, seed: number): Paint {
  const cloud = layered({ across: 3, up: 3, seed, layers: 4 });
  const pit = noise(170, 170, seed + 8);
  return (x, y) => lit(base, 1 + 2 * depth * (cloud(x, y) - 0.5) - (pit(x, y) > 0.93 ? 0.05 : 0));
}

function bedded(base: Colour, { dark: late }: Figure & { type: 'layers' }, seed: number): Paint {
  const dark = parsed(late);
  const bend = layered({ across: 2, up: 2, seed, layers: 3 });
  const band = layered({ across: 2, up: 14, seed: seed + 4, layers: 3 });
  return (x, y) => mixed(base, dark, ramp(0.4, 0.72, band(x, y + bend(x, y) * 0.25)));
}

/** How wide a thread is, mm. */
const THREAD = 2.5;

function woven(base: Colour, { dark: under }: Figure & { type: 'weave' }, long: number, seed: number): Paint {
  const dark = parsed(under);
  // An even number, so that over and under go on.
  const threads = 2 * Math.round(long / THREAD / 2);
  const slub = noise(threads, threads, seed);
  return (x, y) => {
    const [u, v] = [x * threads, y * threads];
    const over = (Math.floor(u) + Math.floor(v)) % 2 === 0;
    const round = Math.sin(Math.PI * ((over ? v : u) % 1));
    return mixed(dark, base, 0.35 + 0.65 * round * (0.8 + 0.2 * slub(x, y)));
  };
}

function paintOf({ colour, figure, long }: TextureSource, seed: number): Paint {
  const base = parsed(colour);
  switch (figure.type) {
    case 'grain':
      return grained(base, figure, long, seed);
    case 'veins':
      return veined(base, figure, long, seed);
    case 'specks':
      return specked(base, figure, long, seed);
    case 'chips':
      return chipped(base, figure, long, seed);
    case 'boards':
      return boarded(base, figure, long, seed);
    case 'clouds':
      return clouded(base, figure, seed);
    case 'layers':
      return bedded(base, figure, seed);
    case 'weave':
      return woven(base, figure, long, seed);
    case 'brushed': {
      const line = noise(200, 3, seed);
      return (x, y) => lit(base, 0.95 + 0.1 * line(x, y));
    }
    // Its picture is shown where it is at hand, and until then its colour.
    case 'picture':
    case 'plain': {
      const brush = layered({ across: 24, up: 24, seed, layers: 3 });
      return (x, y) => lit(base, 0.992 + 0.016 * brush(x, y));
    }
  }
}

/**
 * The texture of a finish as pixels (red, green, blue, opaque), row by row from the top, of a square so many pixels wide that stands for its whole
 * repeat. It goes on at its edges, is the same each time, and on an average of the finish's own colour.
 */
export function texturePixels(finish: TextureSource, size: number): Uint8ClampedArray<ArrayBuffer> {
  const seed = [...finish.code].reduce((sum, letter) => sum * 31 + letter.charCodeAt(0), 7) % 100_003;
  const paint = paintOf(finish, seed);
  const raw = new Float32Array(size * size * 3);
  const sums = [0, 0, 0];
  for (let row = 0; row < size; row++)
    for (let column = 0; column < size; column++) {
      const colour = paint((column + 0.5) / size, (size - row - 0.5) / size);
      const at = (row * size + column) * 3;
      for (let k = 0; k < 3; k++) {
        raw[at + k] = colour[k]!;
        sums[k]! += colour[k]!;
      }
    }
  const wanted = parsed(finish.colour);
  const by = sums.map((sum, k) => wanted[k]! - sum / (size * size));
  const pixels = new Uint8ClampedArray(size * size * 4);
  for (let i = 0; i < size * size; i++) {
    for (let k = 0; k < 3; k++) pixels[i * 4 + k] = Math.round(raw[i * 3 + k]! + by[k]!);
    pixels[i * 4 + 3] = 255;
  }
  return pixels;
}
