declare module 'fontkit' {
  export interface Font {
    unitsPerEm: number;
    glyphForCodePoint(codePoint: number): { advanceWidth: number };
  }
  export function create(data: Uint8Array): Font;
}
