import { Document, WebIO } from '@gltf-transform/core';
import { MOST_HEIGHT, MOST_ITEM } from '../../document/limits';
import { ok, refuse, type Result } from '../../result';
import { linear } from '../../surfaces/colour';
import { extentOf, MOST_PARTS, MOST_TRIANGLES, trianglesOf, type Model } from './model';
import { readGltf } from './read-gltf';

/** An object is kept in so many bytes at most. */
export const MOST_MODEL_BYTES = 2_000_000;

const METRE = 1_000;

/** An object as it is kept: a glTF file of its triangles in metres, with nothing beside them but their looks. */
export async function writeModel({ parts }: Model): Promise<Uint8Array> {
  const document = new Document();
  document.getRoot().getAsset().generator = 'Good Reach';
  const buffer = document.createBuffer();
  const mesh = document.createMesh();
  for (const { colour, rough, metal, clear, positions, indices } of parts) {
    const material = document
      .createMaterial()
      .setBaseColorFactor([...linear(colour), clear ?? 1])
      .setRoughnessFactor(rough)
      .setMetallicFactor(metal);
    if (clear !== undefined) material.setAlphaMode('BLEND');
    const places = positions.map((value) => value / METRE);
    mesh.addPrimitive(
      document
        .createPrimitive()
        .setMaterial(material)
        .setAttribute(
          'POSITION',
          document
            .createAccessor()
            .setType('VEC3')
            .setArray(places as Float32Array<ArrayBuffer>)
            .setBuffer(buffer),
        )
        .setIndices(
          document
            .createAccessor()
            .setType('SCALAR')
            .setArray(
              (positions.length / 3 <= 65_535
                ? Uint16Array.from(indices)
                : indices) as Uint16Array<ArrayBuffer>,
            )
            .setBuffer(buffer),
        ),
    );
  }
  document.createScene().addChild(document.createNode().setMesh(mesh));
  return new WebIO().writeBinary(document);
}

/** The object in a file that is kept, in mm. Refused where it is none of ours: more triangles, another size than an item can have, nothing to see. */
export async function readModel(bytes: Uint8Array): Promise<Result<Model>> {
  if (bytes.byteLength > MOST_MODEL_BYTES)
    return refuse('object-unreadable', {
      reason: { because: 'too-many-bytes', most: MOST_MODEL_BYTES / 1e6 },
    });
  const read = await readGltf({ name: 'object.glb', bytes }, [], async () => null, 2 * MOST_TRIANGLES);
  if (!read.ok) return read;
  const parts = read.value.parts.map((part) => ({
    ...part,
    positions: part.positions.map((value) => value * METRE),
  }));
  const model = { parts };
  if (trianglesOf(model) > MOST_TRIANGLES || parts.length > MOST_PARTS)
    return refuse('object-unreadable', {
      reason: { because: 'object-too-fine', most: MOST_TRIANGLES / 1e3 },
    });
  const { low, high } = extentOf(model);
  const most = [MOST_ITEM, MOST_HEIGHT, MOST_ITEM];
  const fits = low.every((value, axis) => Math.abs(value) < 1 && high[axis]! < most[axis]! + 1);
  return fits ? ok(model) : refuse('object-unreadable', { reason: 'object-size' });
}
