import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { insertCorner } from '../commands/insert-corner';
import { leaveOpen } from '../commands/leave-open';
import { putDivider } from '../commands/put-divider';
import { putFixed } from '../commands/put-fixed';
import { putMeasurement } from '../commands/put-measurement';
import { putSection } from '../commands/put-section';
import { putService } from '../commands/put-service';
import { recordOf, recordsOf } from '../document/design';
import { refusalText } from '../wording/refusal-text';
import { distance } from '../geometry/point';
import { itemBoxes } from '../setting/item-box';
import { placedServices } from './services';

const at = (face: string, from: 'left' | 'right', along: number) => ({ face, from, distance: along });

describe('what belongs to a face that becomes two', () => {
  it('stays where it is, placed from the end it was placed from', () => {
    const builder = rectangle(4000, 3000);
    const items = [
      builder.set('F600', 'face-a', 0),
      builder.set('F600', 'face-a', 1900),
      builder.place('F600', { on: 'face', face: 'face-a', from: 'right', distance: 100, off: 20 }),
      builder.place('F300', { on: 'face', face: 'face-a', from: 'right', distance: 3000, off: 0 }),
      builder.place('F300', { on: 'floor', x: 500, y: -2000, turn: 0 }),
    ];
    builder.run(putService, {
      ...{ kind: 'service', id: 'tap', type: 'cold', up: 500 },
      placement: { on: 'face', from: 'right', off: 0, face: 'face-a', distance: 1000 },
    });
    builder.run(putFixed, {
      ...({
        kind: 'fixed',
        id: 'box',
        type: 'pipe-box',
        width: 200,
        depth: 100,
        height: 2400,
        up: 0,
      } as const),
      placement: { on: 'face', face: 'face-a', from: 'right', distance: 700, off: 0 },
    });
    const places = () => [
      ...items.map((id) => itemBoxes(builder.design).find((box) => box.id === id)!.origin),
      placedServices(builder.design)[0]!.at,
    ];
    const before = places();
    builder.run(insertCorner, { face: 'face-a', distance: 2500, id: 'new' });
    places().forEach((place, index) => expect(distance(place, before[index]!)).toBeLessThan(1e-6));
    expect(items.map((id) => recordOf(builder.design, 'item', id)!.placement)).toEqual([
      { on: 'face', face: 'face-a', from: 'left', distance: 0, off: 0 },
      { on: 'face', face: 'face-a', from: 'left', distance: 1900, off: 0 },
      { on: 'face', face: 'new', from: 'right', distance: 100, off: 20 },
      { on: 'face', face: 'face-a', from: 'right', distance: 1500, off: 0 },
      { on: 'floor', x: 500, y: -2000, turn: 0 },
    ]);
    expect(recordOf(builder.design, 'service', 'tap')!.placement).toMatchObject({
      face: 'new',
      distance: 1000,
    });
    expect(recordOf(builder.design, 'fixed', 'box')!.placement).toMatchObject({ face: 'new', distance: 700 });
  });

  it('with the lines that end on it: dividers, sections, distances, and what is left open', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 0);
    builder.run(putDivider, {
      ...({ kind: 'divider', id: 'd', name: 'Dining', side: 'left' } as const),
      from: at('face-a', 'left', 3000),
      to: at('face-c', 'right', 3000),
    });
    builder.run(putSection, {
      ...({ kind: 'section', id: 's', name: '1', side: 'left' } as const),
      from: at('face-c', 'right', 1000),
      to: at('face-a', 'right', 3000),
    });
    builder.run(putMeasurement, {
      ...({ kind: 'measurement', id: 'm', standing: 'measured', length: 3354.1 } as const),
      from: at('face-a', 'right', 0),
      to: at('face-c', 'right', 2500),
    });
    builder.run(putMeasurement, {
      ...({ kind: 'measurement', id: 'other', standing: 'measured', length: 5000 } as const),
      from: at('face-b', 'left', 0),
      to: at('face-d', 'left', 0),
    });
    builder.run(leaveOpen, { id: 'open', face: 'face-a', at: 3500 });
    const other = recordOf(builder.design, 'measurement', 'other');
    builder.run(insertCorner, { face: 'face-a', distance: 2500, id: 'new' });
    expect(recordOf(builder.design, 'divider', 'd')!.from).toEqual(at('new', 'left', 500));
    expect(recordOf(builder.design, 'section', 's')!.to).toEqual(at('face-a', 'right', 1500));
    expect(recordOf(builder.design, 'measurement', 'm')!.from).toEqual(at('new', 'right', 0));
    expect(recordOf(builder.design, 'measurement', 'other')).toBe(other);
    expect(recordsOf(builder.design, 'left-open').map((one) => one.at)).toEqual([at('face-a', 'right', 200)]);
  });

  it('at the very corner goes to the part it is placed towards', () => {
    const builder = rectangle(4000, 3000);
    builder.run(putSection, {
      ...({ kind: 'section', id: 's', name: '1', side: 'left' } as const),
      from: at('face-c', 'right', 1000),
      to: at('face-a', 'right', 1500),
    });
    builder.run(putDivider, {
      ...({ kind: 'divider', id: 'd', name: 'Dining', side: 'left' } as const),
      from: at('face-a', 'left', 2500),
      to: at('face-c', 'right', 2500),
    });
    builder.run(insertCorner, { face: 'face-a', distance: 2500, id: 'new' });
    expect(recordOf(builder.design, 'section', 's')!.to).toEqual(at('new', 'right', 1500));
    expect(recordOf(builder.design, 'divider', 'd')!.from).toEqual(at('face-a', 'left', 2500));
  });

  it('is refused where an opening would be cut in two, and lets one touch the corner', () => {
    const cut = (distance: number) => {
      const builder = rectangle(4000, 3000);
      builder.open('face-a', 'window', 1000, { width: 800 });
      const made = insertCorner.run(builder.design, { face: 'face-a', distance, id: 'new' });
      return made.ok ? '' : refusalText(made.refusal);
    };
    expect([1000, 1800].map(cut)).toEqual(['', '']);
    expect(cut(1000.1)).toContain('W1');
    expect(cut(1799.9)).toContain('W1');
  });
});
