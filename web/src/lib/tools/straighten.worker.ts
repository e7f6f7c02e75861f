import { meanColour, quarterTurned, straightened, type Pixels, type Quad } from 'goodreach/textures';

/** A photograph to work on, or a part of the last one that is to be seen from straight before it, so many pixels wide and high. */
export type StraightenQuestion =
  { photo: Pixels } | { id: number; quad: Quad; width: number; height: number; turned: boolean };

export interface Straightened {
  id: number;
  pixels: Pixels;
  colour: string;
}

let photo: Pixels | null = null;

/** Straightens photographs: millions of pixels, far longer than a page may be held. */
self.onmessage = ({ data }: MessageEvent<StraightenQuestion>) => {
  if ('photo' in data) {
    photo = data.photo;
    return;
  }
  const flat = straightened(photo!, data.quad, data.width, data.height);
  const pixels = data.turned ? quarterTurned(flat) : flat;
  const answer: Straightened = { id: data.id, pixels, colour: meanColour(pixels) };
  self.postMessage(answer, { transfer: [pixels.data.buffer] });
};
