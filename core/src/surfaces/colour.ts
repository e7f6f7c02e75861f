/** A colour of the screen as shares of red, green and blue light (sRGB transfer function). */
export function linear(colour: string): [number, number, number] {
  return [1, 3, 5].map((at) => {
    const share = parseInt(colour.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
}

/** A share of light as it is shown on a screen, 0 to 255; the inverse of that. */
export const shown = (share: number): number =>
  255 * (share <= 0.0031308 ? 12.92 * share : 1.055 * share ** (1 / 2.4) - 0.055);

/** Red, green and blue as they are shown, 0 to 255 each. */
export type Tone = readonly [number, number, number];

/** A colour of the screen as it is written. */
export const written = (tone: Tone): string =>
  `#${tone
    .map((value) =>
      Math.round(Math.min(255, Math.max(0, value)))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
