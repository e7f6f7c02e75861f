import { Document, WebIO } from '@gltf-transform/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { must } from '../../result';
import { lighter } from './lighter';
import { extentOf, trianglesOf, type Model } from './model';
import { readModel, writeModel } from './model-file';
import { outlineOf } from './outline';
import { readGltf } from './read-gltf';
import { readObj } from './read-obj';
import { sizeTurned, stood, turned, unturned, type Quarter } from './stance';

const named = (name: string, text: string) => ({ name, bytes: new TextEncoder().encode(text) });
const none = async () => null;

/** A box from the origin as OBJ lines, its faces of four corners walked counter-clockwise from outside. */
const boxLines = (x: number, y: number, z: number) => `
v 0 0 0\nv ${x} 0 0\nv ${x} ${y} 0\nv 0 ${y} 0\nv 0 0 ${z}\nv ${x} 0 ${z}\nv ${x} ${y} ${z}\nv 0 ${y} ${z}
f 1 4 3 2\nf 5 6 7 8\nf 1 2 6 5\nf 4 8 7 3\nf 1 5 8 4\nf 2 3 7 6`;
const box = async (x: number, y: number, z: number) =>
  must(await readObj(named('b.obj', boxLines(x, y, z)), [], none));

/** What a closed model holds (divergence theorem). */
function volume({ parts }: Model): number {
  let sum = 0;
  for (const { positions: p, indices } of parts)
    for (let i = 0; i < indices.length; i += 3) {
      const [a, b, c] = [indices[i]! * 3, indices[i + 1]! * 3, indices[i + 2]! * 3] as const;
      sum +=
        (p[a]! * (p[b + 1]! * p[c + 2]! - p[b + 2]! * p[c + 1]!) +
          p[a + 1]! * (p[b + 2]! * p[c]! - p[b]! * p[c + 2]!) +
          p[a + 2]! * (p[b]! * p[c + 1]! - p[b + 1]! * p[c]!)) /
        6;
    }
  return sum;
}

/** A ball of so many rings, as a model. */
function ball(rings: number, radius = 200): Model {
  const positions: number[] = [];
  const indices: number[] = [];
  for (let i = 0; i <= rings; i++)
    for (let j = 0; j <= rings; j++) {
      const [up, about] = [(Math.PI * i) / rings, (2 * Math.PI * j) / rings];
      const flat = i === 0 || i === rings ? 0 : Math.sin(up);
      const turn = j === rings ? 0 : about;
      positions.push(
        radius * (1 + flat * Math.cos(turn)),
        radius * (1 - Math.cos(up)),
        radius * (1 - flat * Math.sin(turn)),
      );
    }
  for (let i = 0; i < rings; i++)
    for (let j = 0; j < rings; j++) {
      const [a, b] = [i * (rings + 1) + j, (i + 1) * (rings + 1) + j];
      indices.push(a, a + 1, b, b, a + 1, b + 1);
    }
  const part = { colour: '#804020', rough: 0.5, metal: 0 };
  return {
    parts: [{ ...part, positions: Float32Array.from(positions), indices: Uint32Array.from(indices) }],
  };
}

describe('an object written as OBJ', () => {
  it('is as large as it says, closed and walked from outside', async () => {
    const model = await box(2, 3, 5);
    expect(extentOf(model)).toEqual({ low: [0, 0, 0], high: [2, 3, 5] });
    expect(trianglesOf(model)).toBe(12);
    expect(volume(model)).toBeCloseTo(30, 5);
  });

  it('has faces that are not convex, and numbers counted back', async () => {
    // An L of area 3, and the same told from the end.
    const corners = 'v 0 0 0\nv 2 0 0\nv 2 1 0\nv 1 1 0\nv 1 2 0\nv 0 2 0\n';
    for (const face of [
      'f 1 2 3 4 5 6',
      'f -6 -5 -4 -3 -2 -1',
      'f 6 5 4 3 2 1',
      'f 1// 2// 3// 4// \\\n5// 6//',
    ]) {
      const [part] = must(await readObj(named('l.obj', corners + face), [], none)).parts;
      const { positions: p, indices } = part!;
      let area = 0;
      for (let i = 0; i < indices.length; i += 3) {
        const [a, b, c] = [indices[i]! * 3, indices[i + 1]! * 3, indices[i + 2]! * 3] as const;
        area += ((p[b]! - p[a]!) * (p[c + 1]! - p[a + 1]!) - (p[c]! - p[a]!) * (p[b + 1]! - p[a + 1]!)) / 2;
      }
      expect(area).toBeCloseTo(face.startsWith('f 6') ? -3 : 3, 6);
    }
  });

  it('has the colours of its library, and those a picture shows', async () => {
    const lines = `mtllib my shop/chair.mtl\nv 0 0 0\nv 1 0 0\nv 0 1 0\nv 0 0 1\nvt 0.1 0.9\nvt 0.2 0.9\nvt 0.1 0.8\nvt 0.9 0.1\nvt 0.8 0.1\nvt 0.9 0.2
usemtl seat\nf 1 2 3\nusemtl glass\nf 1 2 4\nusemtl cloth\nf 1/1 3/2 4/3\nf 2/4 3/5 4/6`;
    const library =
      'newmtl seat\nKd 1 0.5 0\nNs 198\nnewmtl glass\nKd 0 0 1\nd 0.3\nnewmtl cloth\nmap_Kd -s 1 1 1 Cloth.PNG';
    const decode = async () => ({
      ...{ width: 2, height: 2 },
      data: Uint8ClampedArray.from([200, 0, 0, 255, 0, 0, 0, 255, 0, 0, 0, 255, 0, 0, 200, 255]),
    });
    const beside = [named('CHAIR.mtl', library), named('cloth.png', '')];
    const { parts } = must(await readObj(named('c.obj', lines), beside, decode));
    expect(parts.map(({ colour }) => colour).sort()).toEqual(['#0000c8', '#0000ff', '#c80000', '#ff8000']);
    expect(parts.find(({ colour }) => colour === '#ff8000')).toMatchObject({ rough: 0.1 });
    expect(parts.find(({ colour }) => colour === '#0000ff')).toMatchObject({ clear: 0.3 });
  });

  it.each([
    ['nothing', '', 'no faces'],
    ['places only', 'v 0 0 0\nv 1 0 0\nv 0 1 0', 'no faces'],
    ['faces of places that are not there', 'v 0 0 0\nf 1 2 3', 'no faces'],
    ['faces of what is no number', 'v a b c\nv 1 0 0\nv 0 1 0\nf 1 2 3', 'no faces'],
    ['faces with two corners', 'v 0 0 0\nv 1 0 0\nf 1 2', 'no faces'],
  ])('is refused with %s', async (_, lines) => {
    const read = await readObj(named('x.obj', lines), [], none);
    expect(read).toMatchObject({
      ok: false,
      refusal: { code: 'object-unreadable', data: { reason: 'object-empty' } },
    });
  });
});

/** A file with a box 0.4 x 0.9 x 0.5 m, its node twice as large and moved, half of it mirrored. */
async function gltfFile(change: (document: Document) => void = () => {}): Promise<Uint8Array> {
  const document = new Document();
  const buffer = document.createBuffer();
  const [part] = (await box(0.2, 0.45, 0.25)).parts;
  const material = document
    .createMaterial()
    .setBaseColorFactor([1, 0.2158605, 0, 1])
    .setRoughnessFactor(0.4)
    .setMetallicFactor(0);
  const primitive = document
    .createPrimitive()
    .setMaterial(material)
    .setAttribute(
      'POSITION',
      document
        .createAccessor()
        .setType('VEC3')
        .setArray(part!.positions as Float32Array<ArrayBuffer>)
        .setBuffer(buffer),
    )
    .setIndices(
      document
        .createAccessor()
        .setType('SCALAR')
        .setArray(part!.indices as Uint32Array<ArrayBuffer>)
        .setBuffer(buffer),
    );
  const node = document.createNode().setMesh(document.createMesh().addPrimitive(primitive));
  node.setScale([2, 2, 2]).setTranslation([3, 0, -1]);
  document.createScene().addChild(document.createNode().setScale([-1, 1, 1]).addChild(node));
  change(document);
  return new WebIO().writeBinary(document);
}

describe('an object in glTF', () => {
  it('is placed by its nodes, mirrored ones walked from outside too', async () => {
    const model = must(await readGltf({ name: 'a.glb', bytes: await gltfFile() }, [], none));
    const { low, high } = extentOf(model);
    [-3.4, 0, -1].forEach((value, axis) => expect(low[axis]).toBeCloseTo(value, 5));
    [-3, 0.9, -0.5].forEach((value, axis) => expect(high[axis]).toBeCloseTo(value, 5));
    expect(volume(model)).toBeCloseTo(0.4 * 0.9 * 0.5, 5);
    expect(model.parts).toHaveLength(1);
    // A share of light of 0.216 is shown as half of 255.
    expect(model.parts[0]).toMatchObject({ colour: '#ff8000', rough: 0.4, metal: 0 });
  });

  it('takes what its text names from the files beside it, and says which is missing', async () => {
    const { json, resources } = await new WebIO().binaryToJSON(await gltfFile());
    const [uri] = Object.keys(resources);
    json.buffers![0]!.uri = 'parts/the%20box.bin';
    const main = named('a.gltf', JSON.stringify(json));
    const bin = { name: 'the box.bin', bytes: resources[uri!]! };
    expect(trianglesOf(must(await readGltf(main, [bin], none)))).toBe(12);
    expect(await readGltf(main, [], none)).toMatchObject({
      refusal: { data: { reason: { because: 'object-needs-file', file: 'the box.bin' } } },
    });
  });

  it('is refused where it is packed, hostile or nothing', async () => {
    const { json } = await new WebIO().binaryToJSON(await gltfFile());
    const text = (change: object) => named('a.gltf', JSON.stringify({ ...json, ...change }));
    const reason = async (file: ReturnType<typeof named>) => {
      const read = await readGltf(file, [], none);
      return read.ok ? null : (read.refusal.data as { reason: unknown }).reason;
    };
    expect(await reason(text({ extensionsRequired: ['KHR_draco_mesh_compression'] }))).toMatchObject({
      because: 'object-compressed',
    });
    // A few bytes that stand for a thousand million places.
    expect(
      await reason(
        text({
          buffers: [],
          bufferViews: [],
          accessors: [{ componentType: 5126, type: 'VEC3', count: 1e9 }],
        }),
      ),
    ).toMatchObject({ because: 'object-too-fine' });
    expect(
      await reason(
        text({
          scenes: [{ nodes: [] }],
          scene: 0,
          buffers: [],
          bufferViews: [],
          accessors: [],
          meshes: [],
          nodes: [],
        }),
      ),
    ).toBe('object-empty');
    for (const broken of ['', '{', '[]', 'null', '{"asset":{}}', '{"asset":{"version":"2.0"},"buffers":7}'])
      expect(await reason(named('a.gltf', broken))).toBeTruthy();
    const cut = (await gltfFile()).slice(0, 300);
    expect(await reason({ name: 'a.glb', bytes: cut })).toBeTruthy();
  });

  it('comes to an end where nodes hold one another', async () => {
    const { json } = await new WebIO().binaryToJSON(await gltfFile());
    json.nodes = [{ children: [1] }, { children: [0] }];
    json.scenes = [{ nodes: [0] }];
    const bin = { name: 'x.bin', bytes: new Uint8Array(10_000) };
    json.buffers![0]!.uri = 'x.bin';
    expect((await readGltf(named('a.gltf', JSON.stringify(json)), [bin], none)).ok).toBe(false);
  });
});

describe('what stands', () => {
  it('is turned by quarters, scaled along what it is then, and begins at its corner', async () => {
    const model = await box(2, 3, 5);
    const back = turned(unturned, 'back');
    // What was its top looks to the back, what was its front looks up.
    expect(sizeTurned(model, back)).toEqual({ width: 2, height: 5, depth: 3 });
    const after = stood(model, { turning: back, scale: [10, 100, 1000] });
    expect(extentOf(after)).toEqual({ low: [0, 0, 0], high: [20, 500, 3000] });
    expect(volume(after)).toBeCloseTo(20 * 500 * 3000, -1);
  });

  it('is as it was after four quarters either way, and never mirrored', async () => {
    const model = await box(2, 3, 5);
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom<Quarter>('about', 'aside', 'back'), { maxLength: 12 }),
        (quarters) => {
          const turning = quarters.reduce(turned, unturned);
          expect(volume(stood(model, { turning, scale: [1, 1, 1] }))).toBeCloseTo(30, 4);
          for (const quarter of ['about', 'aside', 'back'] as const) {
            const four = [1, 2, 3, 4].reduce((all) => turned(all, quarter), turning);
            expect(four.map((value) => value + 0)).toEqual(turning.map((value) => value + 0));
          }
        },
      ),
    );
  });

  it('looks to its left after a quarter about the upright', () => {
    // The front, +z, comes to -x.
    expect([...turned(unturned, 'about')].map((value) => value + 0)).toEqual([0, 0, -1, 0, 1, 0, 1, 0, 0]);
  });
});

describe('a lighter form', () => {
  it('has no more triangles than asked and nearly the shape', async () => {
    const whole = ball(120);
    expect(trianglesOf(whole)).toBe(28_800);
    for (const most of [16_000, 2_000, 300]) {
      const light = await lighter(whole, most);
      expect(trianglesOf(light)).toBeLessThanOrEqual(most);
      expect(trianglesOf(light)).toBeGreaterThan(most / 3);
      expect(Math.abs(volume(light) / volume(whole) - 1)).toBeLessThan(most > 1_000 ? 0.01 : 0.08);
    }
  });

  it('keeps what is light as it is, but for what has no area', async () => {
    const light = await lighter(await box(2, 3, 5));
    expect(trianglesOf(light)).toBe(12);
    expect(light.parts[0]!.positions).toHaveLength(24);
    expect(trianglesOf(await lighter(ball(10)))).toBe(180);
  });

  it('makes a thousand loose pieces lighter too', async () => {
    const pieces = Array.from({ length: 2_000 }, (_, index) => [index % 50, Math.floor(index / 50)] as const);
    const positions = Float32Array.from(pieces.flatMap(([x, y]) => [x, y, 0, x + 0.4, y, 0, x, y + 0.4, 0]));
    const indices = Uint32Array.from(positions.subarray(0, positions.length / 3).keys());
    const light = await lighter(
      { parts: [{ colour: '#000000', rough: 1, metal: 0, positions, indices }] },
      500,
    );
    expect(trianglesOf(light)).toBeLessThanOrEqual(500);
  });
});

describe('an object that is kept', () => {
  it('is read as it was written', async () => {
    const model = {
      parts: [
        ...ball(12).parts,
        { ...ball(8).parts[0]!, colour: '#10e0ff', clear: 0.4, metal: 1, rough: 0.25 },
      ],
    };
    const after = must(await readModel(await writeModel(model)));
    expect(after.parts.map(({ colour, rough, metal, clear }) => [colour, rough, metal, clear])).toEqual([
      ['#804020', 0.5, 0, undefined],
      ['#10e0ff', 0.25, 1, 0.4],
    ]);
    expect(volume(after)).toBeCloseTo(volume(model), -3);
  });

  it('is refused where it is too fine, too large for a room, or not at its corner', async () => {
    const reason = async (model: Model) => {
      const read = await readModel(await writeModel(model));
      return read.ok ? null : (read.refusal.data as { reason: unknown }).reason;
    };
    // A kilobyte that stands for more places than we keep is told before they are made.
    const { json } = await new WebIO().binaryToJSON(await gltfFile());
    const hollow = {
      ...json,
      buffers: [],
      bufferViews: [],
      accessors: [{ componentType: 5126, type: 'VEC3', count: 400_000 }],
    };
    const read = await readModel(new TextEncoder().encode(JSON.stringify(hollow)));
    expect(read).toMatchObject({ refusal: { data: { reason: { because: 'object-too-fine' } } } });
    // Nor does a small mesh that stands in thousands of places.
    const crowd = await gltfFile((document) => {
      const [scene] = document.getRoot().listScenes();
      const [mesh] = document.getRoot().listMeshes();
      for (let index = 0; index < 3_000; index++) scene!.addChild(document.createNode().setMesh(mesh!));
    });
    expect(await readModel(crowd)).toMatchObject({
      refusal: { data: { reason: { because: 'object-too-fine' } } },
    });
    const scaled = (by: number, move = 0) => stoodAt(ball(8), by, move);
    expect(await reason(ball(91))).toMatchObject({ because: 'object-too-fine' });
    expect(await reason(ball(88))).toBeNull();
    expect(await reason(scaled(10))).toBeNull();
    expect(await reason(scaled(10.1))).toBe('object-size');
    expect(await reason(scaled(1, 5))).toBe('object-size');
    // A picture has no thickness.
    const [flat] = ball(8).parts;
    const positions = flat!.positions.map((value, index) => (index % 3 === 2 ? 0 : value));
    expect(await reason({ parts: [{ ...flat!, positions }] })).toBeNull();
  });
});

const stoodAt = ({ parts }: Model, by: number, move: number): Model => ({
  parts: parts.map((part) => ({ ...part, positions: part.positions.map((value) => value * by + move) })),
});

describe('the outline of an object', () => {
  it('is nothing for a box, and its hull for what is round', async () => {
    const square = stood(await box(2, 3, 5), { turning: unturned, scale: [100, 100, 100] });
    expect(outlineOf(square, { width: 200, depth: 500 })).toBeNull();
    const corners = outlineOf(ball(48), { width: 400, depth: 400 })!;
    expect(corners.length).toBeGreaterThan(20);
    expect(Math.min(...corners.map(({ along }) => along))).toBeCloseTo(0, 3);
    expect(Math.max(...corners.map(({ out }) => out))).toBeCloseTo(400, 3);
    // Walked from left to right along the back: its area is that of the circle, less what 24 chords cut off.
    const area = corners.reduce((sum, a, index) => {
      const b = corners[(index + 1) % corners.length]!;
      return sum + (a.along * b.out - b.along * a.out) / 2;
    }, 0);
    expect(area / (Math.PI * 200 ** 2)).toBeGreaterThan(0.985);
    expect(area / (Math.PI * 200 ** 2)).toBeLessThan(1);
  });
});
