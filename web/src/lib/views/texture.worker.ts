import { texturePixels, type TextureSource } from 'goodreach/textures';

/** A texture that is asked for, and under which number. */
export interface TextureQuestion {
  id: number;
  source: TextureSource;
  size: number;
}

/** Paints the textures of finishes: each takes longer than a page may be held. */
self.onmessage = ({ data: { id, source, size } }: MessageEvent<TextureQuestion>) => {
  const pixels = texturePixels(source, size);
  self.postMessage({ id, pixels }, { transfer: [pixels.buffer] });
};
