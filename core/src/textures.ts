export { texturePixels, type TextureSource } from './surfaces/textures/texture';
