import { describe, expect, it } from 'vitest';
import type { EaseStep } from '../../commands/ease';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import { recordOf, recordsOf, styleOf } from '../../document/design';
import type { ServiceRecord } from '../../document/records';
import { findBox } from '../../setting/item-box';
import { roomShape } from '../../survey/room-shape';
import { sayEase } from '../../wording/ease-texts';
import { tellEase } from './tell-ease';

const design = orchardKitchen();
const said = (...steps: EaseStep[]) => sayEase(tellEase(design, steps), styleOf(design));
const shape = roomShape(design);
const island = findBox(design, 'item-20')!;
const base = findBox(design, 'item-4')!;
const scaled = ({ x, y }: { x: number; y: number }, by: number) => ({ x: x * by, y: y * by });

describe('an ease is told', () => {
  it('by what is moved, how far, and towards what', () => {
    const face = shape.faces[0]!;
    const towards = scaled(face.n, -254);
    expect(said({ do: 'shift', ids: ['item-20'], by: towards })).toBe(
      `Move base cabinet ${numberOf('item-20')} by 10" towards face ${face.letter}.`,
    );
    expect(said({ do: 'shift', ids: ['item-20', 'item-4'], by: { x: 200, y: 100 } })).toMatch(
      / and 1 more .* as shown\.$/,
    );
    expect(base.against).not.toBeNull();
    expect(said({ do: 'shift', ids: ['item-4'], by: scaled(base.u, -25.4) })).toMatch(
      / by 1" to the left\.$/,
    );
    expect(said({ do: 'shift', ids: ['item-4'], by: scaled(base.u, 25.4) })).toMatch(
      / by 1" to the right\.$/,
    );
    expect(said({ do: 'shift', ids: ['item-4'], by: { x: 0, y: 0 }, up: -50.8 })).toMatch(/ by 2" down\.$/);
  });

  it('by how it is turned, hung, made or rounded', () => {
    expect(said({ do: 'turn', ids: [island.id], by: Math.PI / 2 })).toMatch(/a quarter to the right\.$/);
    expect(said({ do: 'turn', ids: [island.id], by: -Math.PI })).toMatch(/half round\.$/);
    expect(said({ do: 'hand', id: 'item-4', hand: 'right' })).toMatch(/^Hang .* on the right\.$/);
    expect(said({ do: 'width', id: 'item-4', width: 381 })).toMatch(/^Make .* 1'-3" wide\.$/);
    const corner = (which: 'frontLeft' | 'frontRight', item = 'item-20'): EaseStep => ({
      ...{ do: 'corner', at: [{ item, corner: which }], radius: 25.4 },
    });
    expect(said(corner('frontLeft'), corner('frontLeft', 'item-4'))).toMatch(
      /^Round a corner of .*, and round a corner of /,
    );
    expect(said(corner('frontLeft'), corner('frontRight'))).toMatch(/^Round 2 corners of .* by 1"\.$/);
  });

  it('of doors and services by what is otherwise', () => {
    const door = recordsOf(design, 'opening').find(({ type }) => type === 'door')!;
    const other = door.hinge === 'left' ? 'right' : 'left';
    const way = door.swing === 'in' ? 'out' : 'in';
    expect(said({ do: 'opening', opening: { ...door, hinge: other, swing: way } })).toMatch(
      new RegExp(`^Hang door D1 on the ${other} and swing it ${way}\\.$`),
    );
    expect(said({ do: 'opening', opening: { ...door, width: 914.4 } })).toMatch(
      /^Make door D1 3'-0" wide\.$/,
    );
    expect(
      said({ do: 'opening', opening: { ...door, from: 'right', distance: door.distance } }),
    ).toBeTruthy();
    const moved = { ...door, distance: door.distance + 25.4 };
    expect(said({ do: 'opening', opening: moved })).toMatch(
      door.from === 'right' ? /to the left/ : /to the right/,
    );
    const socket: ServiceRecord = {
      ...({ kind: 'service', id: 'new', type: 'socket', up: 1100, protected: true } as const),
      placement: { on: 'face', face: shape.faces[1]!.id, from: 'left', distance: 300, off: 0 },
    };
    const add = (id: string): EaseStep => ({ do: 'service', service: { ...socket, id } });
    expect(said(add('one'))).toBe('Put a protected socket on face B.');
    expect(said(add('one'), add('two'))).toBe('Put 2 protected sockets on face B.');
  });
});

function numberOf(id: string): string {
  return String(recordOf(design, 'item', id)!.number ?? 23);
}
