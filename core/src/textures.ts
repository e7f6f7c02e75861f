export {
  isQuad,
  meanColour,
  quarterTurned,
  straightened,
  type Pixels,
  type Quad,
} from './surfaces/textures/straighten';
export { texturePixels, type TextureSource } from './surfaces/textures/texture';
