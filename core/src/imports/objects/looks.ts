import type { Tone } from '../../surfaces/colour';
import type { Pixels } from '../../surfaces/textures/straighten';

/** A part is seen in so many colours of its picture at most. */
const MOST_COLOURS = 8;
/** Where within a triangle its picture is looked at: shares of its three corners. */
const SAMPLES = [
  [1 / 3, 1 / 3, 1 / 3],
  [0.6, 0.2, 0.2],
  [0.2, 0.6, 0.2],
  [0.2, 0.2, 0.6],
] as const;

/** What a triangle shows of a picture, on the mean; its three places on it, 0 to 1 from the upper left, which goes on beyond its edges. */
export function seen({ width, height, data }: Pixels, uvs: readonly [number, number][]): Tone {
  const sum: [number, number, number] = [0, 0, 0];
  for (const shares of SAMPLES) {
    const [u, v] = [0, 1].map((axis) =>
      shares.reduce((all, share, k) => all + share * uvs[k]![axis]!, 0),
    ) as [number, number];
    const x = Math.min(width - 1, Math.floor((u - Math.floor(u)) * width));
    const y = Math.min(height - 1, Math.floor((v - Math.floor(v)) * height));
    for (let k = 0; k < 3; k++) sum[k] = sum[k]! + (data[(y * width + x) * 4 + k] ?? 0) / SAMPLES.length;
  }
  return sum;
}

/**
 * Colours put together into few, by halving the widest lot at its middle (Heckbert 1982, median cut): for each which lot it is in, and the mean of each lot.
 */
export function fewer(tones: readonly Tone[], most = MOST_COLOURS): { of: Uint8Array; means: Tone[] } {
  let lots = [tones.map((_, index) => index)];
  while (lots.length < most) {
    const widths = lots.map((lot) => widest(tones, lot));
    const at = widths.reduce((best, { by }, index) => (by > widths[best]!.by ? index : best), 0);
    const { axis, by } = widths[at]!;
    // What differs by less is seen as one.
    if (by < 24) break;
    const sorted = [...lots[at]!].sort((a, b) => tones[a]![axis]! - tones[b]![axis]!);
    const half = tones[sorted[sorted.length >> 1]!]![axis]!;
    const [low, over] = [(value: number) => value >= half, (value: number) => value > half].map((part) =>
      sorted.findIndex((index) => part(tones[index]![axis]!)),
    );
    const cut = low || over!;
    lots = [...lots.slice(0, at), sorted.slice(0, cut), sorted.slice(cut), ...lots.slice(at + 1)];
  }
  const of = new Uint8Array(tones.length);
  const means = lots.map((lot, index): Tone => {
    const sum: [number, number, number] = [0, 0, 0];
    for (const one of lot) {
      of[one] = index;
      for (let k = 0; k < 3; k++) sum[k] = sum[k]! + tones[one]![k]! / lot.length;
    }
    return sum;
  });
  return { of, means };
}

/** In which of its colours a lot spreads the most, and how far. */
function widest(tones: readonly Tone[], lot: readonly number[]): { axis: number; by: number } {
  let best = { axis: 0, by: 0 };
  for (let axis = 0; axis < 3; axis++) {
    let [low, high] = [Infinity, -Infinity];
    for (const index of lot) {
      const value = tones[index]![axis]!;
      if (value < low) low = value;
      if (value > high) high = value;
    }
    if (high - low > best.by) best = { axis, by: high - low };
  }
  return best;
}
