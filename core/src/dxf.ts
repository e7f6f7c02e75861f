/** Readers of DXF drawings, loaded only when a file is read. */
export * from './imports/dxf-picture';
export * from './imports/dxf-profile';
export * from './imports/dxf-room';
