import { NodeIO } from '@gltf-transform/core';
import { validateBytes } from 'gltf-validator';
import { describe, expect, it } from 'vitest';
import { demoJobs } from '../demo/demo-jobs';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { itemBoxes } from '../setting/item-box';
import { writeGltf } from './gltf';

describe('the room as glTF', () => {
  it('is valid, without a single warning, for every demo room', async () => {
    for (const { rooms } of demoJobs())
      for (const design of rooms) {
        const { issues } = await validateBytes(await writeGltf(design));
        const { numErrors, numWarnings, messages } = issues;
        expect({ numErrors, numWarnings, messages: messages.slice(0, 3) }).toMatchObject({
          numErrors: 0,
          numWarnings: 0,
        });
      }
  });

  it('has its things by name, in true metres, y up', async () => {
    const design = orchardKitchen();
    const document = await new NodeIO().readBinary(await writeGltf(design));
    const nodes = document.getRoot().listNodes();
    const [first] = itemBoxes(design).filter(
      ({ kind }) => kind.id === 'block-counter' || kind.id === 'cooker',
    );
    const node = nodes.find((one) => one.getName().endsWith(first!.record.code))!;
    const ends = node
      .getMesh()!
      .listPrimitives()
      .map((primitive) => primitive.getAttribute('POSITION')!)
      .map((positions) => ({ low: positions.getMin([]), high: positions.getMax([]) }));
    const low = [0, 1, 2].map((axis) => Math.min(...ends.map((one) => one.low[axis]!)));
    const high = [0, 1, 2].map((axis) => Math.max(...ends.map((one) => one.high[axis]!)));
    expect(low[1]! * 1000).toBeCloseTo(first!.low, 2);
    // The rings of the hob lie a little over what is as high as the range says.
    expect(high[1]! * 1000).toBeCloseTo(first!.high + 8, 2);
    const xs = first!.rectangle.map(({ x }) => x / 1000);
    expect(low[0]!).toBeLessThanOrEqual(Math.min(...xs) + 0.06);
    expect(high[0]!).toBeCloseTo(Math.max(...xs), 1);
  });
});
