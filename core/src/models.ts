/** Readers of objects from outside, loaded only when one is brought in or drawn. */
export { lighter } from './imports/objects/lighter';
export {
  extentOf,
  MOST_TRIANGLES,
  trianglesOf,
  type Extent,
  type Model,
  type ModelLook,
  type ModelPart,
} from './imports/objects/model';
export { MOST_MODEL_BYTES, readModel, writeModel } from './imports/objects/model-file';
export { outlineOf } from './imports/objects/outline';
export { readGltf, type Decode, type NamedFile } from './imports/objects/read-gltf';
export { readObj } from './imports/objects/read-obj';
export {
  quarters,
  sizeTurned,
  stood,
  turned,
  unturned,
  type Quarter,
  type Size,
  type Stance,
  type Turning,
} from './imports/objects/stance';
