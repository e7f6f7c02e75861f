/** What only servers and the command line use: validation of files and bodies, exports, demo rooms. */
export * from './demo/demo-jobs';
export { OpeningShape } from './document/records';
export { reservedIds } from './document/read-json';
export * from './document/validate-design';
export * from './exports/design-json';
export * from './exports/gltf';
export * from './exports/range-csv';
export * from './exports/reach-json';
export * from './exports/sheet-pdf';
export * from './exports/tile-csv';
export type { Model } from './imports/objects/model';
export { MOST_MODEL_BYTES, readModel, writeModel } from './imports/objects/model-file';
export * from './imports/csv-table';
export * from './imports/range-csv';
export * from './imports/tile-csv';
