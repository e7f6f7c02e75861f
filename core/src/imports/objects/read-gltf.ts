import {
  WebIO,
  type JSONDocument,
  type Material,
  type Mesh,
  type Node,
  type Primitive,
  type Texture,
} from '@gltf-transform/core';
import { saidBy } from '../../reasons';
import { ok, refuse, type Result } from '../../result';
import type { Pixels } from '../../surfaces/textures/straighten';
import { ModelBuilder, MOST_READ, TooMuch } from './builder';
import { shown, written, type Tone } from '../../surfaces/colour';
import { seen } from './looks';
import type { Model, ModelLook } from './model';

/** A file by its name. */
export interface NamedFile {
  name: string;
  bytes: Uint8Array;
}

/** Makes pixels of the bytes of a picture; null where it is none. */
export type Decode = (bytes: Uint8Array, type: string) => Promise<Pixels | null>;

/** What has to be understood for a file to be read, and is not. */
const COMPRESSED = ['KHR_draco_mesh_compression', 'EXT_meshopt_compression', 'KHR_texture_basisu'];
/** The glTF file says of its triangles how they follow from places. */
const [TRIANGLES, STRIP, FAN] = [4, 5, 6];
/** Nothing nearer to clear than this is seen through. */
const CLEAR = 0.92;

/**
 * Reads an object from glTF, a file alone (.glb) or with those it names beside it: its triangles in metres, at rest, y up; a part for each of its
 * looks, pictures as the few colours they show; no more triangles than `most`. Refused with what is missing or not understood.
 */
export async function readGltf(
  main: NamedFile,
  beside: readonly NamedFile[],
  decode: Decode,
  most = MOST_READ,
): Promise<Result<Model>> {
  try {
    const io = new WebIO();
    const file = isBinary(main.bytes)
      ? await io.binaryToJSON(main.bytes)
      : { json: asJson(main.bytes), resources: {} };
    const { json } = file;
    const compressed = (json.extensionsRequired ?? []).find((one) => COMPRESSED.includes(one));
    if (compressed) return unreadable({ because: 'object-compressed', extension: compressed });
    const resources: Record<string, Uint8Array<ArrayBuffer>> = { ...file.resources };
    for (const { uri } of [...(json.buffers ?? []), ...(json.images ?? [])]) {
      if (uri === undefined || uri.startsWith('data:')) continue;
      const found = beside.find(({ name }) => isNamed(name, uri));
      // Without a picture its triangles have their plain colour.
      if (found) resources[uri] = found.bytes as Uint8Array<ArrayBuffer>;
      else if ((json.buffers ?? []).some((buffer) => buffer.uri === uri))
        return unreadable({ because: 'object-needs-file', file: plainName(uri) });
    }
    json.images = (json.images ?? []).map((image) =>
      image.uri === undefined || image.uri.startsWith('data:') || resources[image.uri]
        ? image
        : { mimeType: 'image/png', uri: NOTHING },
    );
    // An accessor without data stands for as many zeros as it says.
    const places = (json.accessors ?? []).reduce((sum, { count }) => sum + (count > 0 ? count : 0), 0);
    if (!(places <= 12 * most)) throw new TooMuch();
    // What is not known is not needed for the shape.
    json.extensionsRequired = [];
    const document = await io.readJSON({ json, resources });
    const builder = new ModelBuilder(most);
    const looks = new Looks(decode);
    const root = document.getRoot();
    const scene = root.getDefaultScene() ?? root.listScenes()[0];
    for (const { mesh, matrix } of placedMeshes(scene?.listChildren() ?? root.listNodes()))
      for (const primitive of mesh.listPrimitives()) await addPrimitive(builder, primitive, matrix, looks);
    const model = builder.model();
    return model.parts.length > 0 ? ok(model) : unreadable('object-empty');
  } catch (error) {
    if (error instanceof TooMuch) return unreadable({ because: 'object-too-fine', most: most / 1e3 });
    return unreadable(saidBy(error));
  }
}

const unreadable = (reason: Parameters<typeof refuse<'object-unreadable'>>[1]['reason']) =>
  refuse('object-unreadable', { reason });

/** A picture of no size: it is not decoded. */
const NOTHING = 'data:image/png;base64,AA==';

const isBinary = (bytes: Uint8Array) => String.fromCharCode(...bytes.subarray(0, 4)) === 'glTF';

function asJson(bytes: Uint8Array): JSONDocument['json'] {
  return JSON.parse(new TextDecoder().decode(bytes)) as JSONDocument['json'];
}

/** The name of a file that is named by a path, however that is written. */
function plainName(uri: string): string {
  const last = uri.split(/[/\\]/).at(-1)!;
  try {
    return decodeURIComponent(last);
  } catch {
    return last;
  }
}
export const isNamed = (name: string, path: string): boolean =>
  plainName(name).toLowerCase() === plainName(path).toLowerCase();

type Matrix = readonly number[];

/** The meshes of nodes and of those within them, each with the matrix (column by column) it is placed by; each node once. */
function* placedMeshes(nodes: readonly Node[]): Generator<{ mesh: Mesh; matrix: Matrix }> {
  const met = new Set<Node>();
  const waiting = nodes.map((node) => ({ node, matrix: node.getMatrix() as Matrix }));
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    const { node, matrix } = next;
    if (met.has(node)) continue;
    met.add(node);
    const mesh = node.getMesh();
    if (mesh) yield { mesh, matrix };
    for (const child of node.listChildren())
      waiting.push({ node: child, matrix: product(matrix, child.getMatrix()) });
  }
}

function product(a: Matrix, b: Matrix): Matrix {
  return Array.from({ length: 16 }, (_, index) => {
    const [column, row] = [index >> 2, index & 3];
    return [0, 1, 2, 3].reduce((sum, k) => sum + a[k * 4 + row]! * b[column * 4 + k]!, 0);
  });
}

async function addPrimitive(
  builder: ModelBuilder,
  primitive: Primitive,
  matrix: Matrix,
  looks: Looks,
): Promise<void> {
  const position = primitive.getAttribute('POSITION');
  const mode = primitive.getMode();
  if (!position || ![TRIANGLES, STRIP, FAN].includes(mode as 4)) return;
  const listed = primitive.getIndices()?.getArray() ?? null;
  const corners = listed?.length ?? position.getCount();
  builder.reserve(mode === TRIANGLES ? corners / 3 : corners);
  builder.reserve(position.getCount() / 6);
  const count = position.getCount();
  const positions = new Float32Array(count * 3);
  const at: number[] = [0, 0, 0];
  for (let i = 0; i < count; i++) {
    position.getElement(i, at);
    for (let row = 0; row < 3; row++)
      positions[i * 3 + row] =
        matrix[row]! * at[0]! + matrix[4 + row]! * at[1]! + matrix[8 + row]! * at[2]! + matrix[12 + row]!;
  }
  const indices = trianglesIn(mode, corners, (index) => (listed ? listed[index]! : index));
  // What is mirrored is walked the other way about.
  if (mirrors(matrix))
    for (let i = 0; i < indices.length; i += 3) [indices[i], indices[i + 1]] = [indices[i + 1]!, indices[i]!];
  const look = await looks.of(primitive.getMaterial());
  const uv = look.pixels && primitive.getAttribute(`TEXCOORD_${look.set}`);
  builder.add(look.look, positions, indices, uv ? tonesOf(indices, uv, look.pixels!, look.tint) : null);
}

function trianglesIn(mode: number, corners: number, at: (index: number) => number): number[] {
  const indices: number[] = [];
  if (mode === TRIANGLES) for (let i = 0; i + 2 < corners; i += 3) indices.push(at(i), at(i + 1), at(i + 2));
  else if (mode === FAN) for (let i = 1; i + 1 < corners; i++) indices.push(at(0), at(i), at(i + 1));
  else for (let i = 0; i + 2 < corners; i++) indices.push(at(i + (i & 1)), at(i + 1 - (i & 1)), at(i + 2));
  return indices;
}

function mirrors(m: Matrix): boolean {
  const [a, b, c, d, e, f, g, h, i] = [m[0]!, m[1]!, m[2]!, m[4]!, m[5]!, m[6]!, m[8]!, m[9]!, m[10]!];
  return a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g) < 0;
}

function tonesOf(
  indices: readonly number[],
  uv: { getCount(): number; getElement(index: number, target: number[]): number[] },
  pixels: Pixels,
  tint: Tone,
): Tone[] {
  const places: [number, number][] = Array.from({ length: uv.getCount() }, (_, index) => {
    const [u, v] = uv.getElement(index, [0, 0]);
    return [u!, v!];
  });
  const tones: Tone[] = [];
  const none: [number, number] = [0, 0];
  for (let i = 0; i < indices.length; i += 3) {
    const corners = [indices[i]!, indices[i + 1]!, indices[i + 2]!].map((index) => places[index] ?? none);
    const tone = seen(pixels, corners);
    tones.push(tone.map((value, k) => value * tint[k]!) as unknown as Tone);
  }
  return tones;
}

interface Seen {
  look: ModelLook;
  /** The picture on it, its coordinates' set, and what share of each of its colours is shown. */
  pixels: Pixels | null;
  set: number;
  tint: Tone;
}

/** How materials look, each asked for once; a picture is decoded once, whatever shows it. */
class Looks {
  readonly #known = new Map<Material | null, Promise<Seen>>();
  readonly #pictures = new Map<Texture, Promise<Pixels | null>>();

  constructor(private readonly decode: Decode) {}

  of(material: Material | null): Promise<Seen> {
    let look = this.#known.get(material);
    if (!look) this.#known.set(material, (look = this.#make(material)));
    return look;
  }

  async #make(material: Material | null): Promise<Seen> {
    if (!material)
      return { look: { colour: '#c8c2b6', rough: 0.8, metal: 0 }, pixels: null, set: 0, tint: [1, 1, 1] };
    const [r, g, b, opaque] = material.getBaseColorFactor();
    const texture = material.getBaseColorTexture();
    const set = material.getBaseColorTextureInfo()?.getTexCoord() ?? 0;
    const drawn = material.getMetallicRoughnessTexture() !== null;
    const share = (value: number) => Math.round(Math.min(1, Math.max(0, value)) * 100) / 100;
    const tint: Tone = [r, g, b].map((value) => shown(Math.max(0, value)) / 255) as unknown as Tone;
    const look: ModelLook = {
      colour: written(tint.map((value) => value * 255) as unknown as Tone),
      // Where a picture says how rough and metallic it is, the factors say nothing of it.
      rough: drawn ? 0.6 : share(material.getRoughnessFactor()),
      metal: drawn ? 0 : share(material.getMetallicFactor()),
      ...(material.getAlphaMode() === 'BLEND' && opaque < CLEAR && { clear: Math.max(0.1, share(opaque)) }),
    };
    return { look, pixels: texture && (await this.#pixels(texture)), set, tint };
  }

  #pixels(texture: Texture): Promise<Pixels | null> {
    let pixels = this.#pictures.get(texture);
    if (!pixels) {
      const bytes = texture.getImage();
      pixels = bytes && bytes.length > 8 ? this.decode(bytes, texture.getMimeType()) : Promise.resolve(null);
      this.#pictures.set(texture, pixels);
    }
    return pixels;
  }
}
