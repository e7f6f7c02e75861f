import { Document, WebIO, type Material } from '@gltf-transform/core';
import { roomOf, type Design } from '../document/design';
import { itemNumbers } from '../setting/item-numbers';
import { joined, type Mesh } from '../scene/mesh';
import { withModels, type ModelOf } from '../scene/model-parts';
import { sceneOf } from '../scene/scene';
import type { SceneGroup, ScenePart } from '../scene/scene-part';
import { lookName, lookOf } from '../scene/substances';
import { linear } from '../surfaces/colour';

/** Millimetres in a unit of the file. */
const METRE = 1_000;

/**
 * The room as a binary glTF file in true metres, y up: a node for each wall, item and countertop, named as on the drawings, and within it a node
 * for each part that opens. Objects from outside as their models, where those are given.
 */
export async function writeGltf(design: Design, modelOf: ModelOf = () => null): Promise<Uint8Array> {
  const document = new Document();
  document.getRoot().getAsset().generator = 'Good Reach';
  const buffer = document.createBuffer();
  const { name } = roomOf(design);
  const scene = document.createScene(name);
  const root = document.createNode(name);
  scene.addChild(root);
  const materials = new Map<string, Material>();
  const numbers = itemNumbers(design);
  for (const group of withModels(design, sceneOf(design), modelOf)) {
    const parts = group.parts.filter(({ mesh }) => mesh.indices.length > 0);
    if (parts.length === 0) continue;
    const node = document.createNode(nameOf(group));
    root.addChild(node);
    const still = parts.filter(({ moves }) => !moves);
    if (still.length > 0) node.setMesh(meshOf(nameOf(group), still));
    parts
      .filter(({ moves }) => moves)
      .forEach((part, index) => {
        const own = `${nameOf(group)}, opens ${index + 1}`;
        node.addChild(document.createNode(own).setMesh(meshOf(own, [part])));
      });
  }
  return new WebIO().writeBinary(document);

  function nameOf({ key, source, of }: SceneGroup): string {
    const record = source === null ? undefined : design.records[source];
    if (record?.kind === 'item' && of === 'item') return `${numbers.get(record.id)} ${record.code}`;
    return key;
  }

  function meshOf(own: string, parts: readonly ScenePart[]) {
    const mesh = document.createMesh(own);
    for (const look of new Set(parts.map(lookName))) {
      const alike = parts.filter((part) => lookName(part) === look);
      mesh.addPrimitive(primitive(alike[0]!, joined(...alike.map((part) => part.mesh))));
    }
    return mesh;
  }

  function primitive(part: ScenePart, mesh: Mesh) {
    const accessor = (type: 'SCALAR' | 'VEC3', array: Float32Array<ArrayBuffer> | Uint32Array<ArrayBuffer>) =>
      document.createAccessor().setType(type).setArray(array).setBuffer(buffer);
    return document
      .createPrimitive()
      .setAttribute('POSITION', accessor('VEC3', turnedUp(mesh.positions, METRE)))
      .setAttribute('NORMAL', accessor('VEC3', turnedUp(mesh.normals, 1)))
      .setIndices(accessor('SCALAR', new Uint32Array(mesh.indices)))
      .setMaterial(materialOf(part));
  }

  function materialOf(part: ScenePart): Material {
    const look = lookName(part);
    let material = materials.get(look);
    if (!material) {
      const { colour, rough, metal, clear, glows } = lookOf(part);
      const [r, g, b] = linear(colour);
      material = document
        .createMaterial(look)
        .setBaseColorFactor([r, g, b, clear ?? 1])
        .setRoughnessFactor(rough)
        .setMetallicFactor(metal ?? 0);
      if (glows) material.setEmissiveFactor([r, g, b]);
      if (clear !== undefined) material.setAlphaMode('BLEND').setDoubleSided(true);
      materials.set(look, material);
    }
    return material;
  }
}

/** The room's x, y, z with z up as x, z, -y with y up. */
function turnedUp(numbers: readonly number[], by: number): Float32Array<ArrayBuffer> {
  const turned = new Float32Array(numbers.length);
  for (let i = 0; i < numbers.length; i += 3) {
    turned[i] = numbers[i]! / by;
    turned[i + 1] = numbers[i + 2]! / by;
    turned[i + 2] = -numbers[i + 1]! / by;
  }
  return turned;
}
