import { describe, expect, it } from 'vitest';
import { onA, onFloor, withItem } from '../../testing/checks';
import { rectangle } from '../../testing/rooms';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { deepestOverlap } from '../geometry/convex-pieces';
import { bodiesOf } from '../setting/bodies';
import { itemBoxes } from '../setting/item-box';
import { contactsAlone, contactsTogether, openParts, type FirstContact } from './door-study';

const degrees = ({ open }: FirstContact) => (open * 180) / Math.PI;
const size = { range: 'fathom', code: 'F600', depth: 560, height: 870 };

describe('what opens', () => {
  it('meets what stands before it at the angle at which it comes to it', () => {
    // A door of 800 hung at its left jamb, before something that begins 500 along and 400 out.
    const builder = rectangle(4000, 3000);
    builder.open('face-a', 'door', 1000, { width: 800, hinge: 'left', swing: 'in', angle: Math.PI / 2 });
    const [door] = openParts(builder.design);
    const [pivot] = [door!.at(0).at(-1)!];
    const at = (along: number, out: number) => ({ x: pivot.x + along, y: pivot.y - out });
    const corner = at(500, 400);
    const design = withItem(builder, 'stand', 'base-doors', {
      ...{ ...size, width: 600, depth: 300 },
      placement: onFloor(corner.x, corner.y),
    });
    const contacts = contactsAlone(design.design).filter(({ id }) => id === door!.id);
    expect(contacts).toHaveLength(1);
    expect(contacts[0]!.with).toBe('stand');
    // Its edge comes to the front 400 out: 800 wide, it stands open by 30 degrees then.
    expect(degrees(contacts[0]!)).toBeCloseTo(30, 0);
    expect(contactsAlone(builder.design)).toEqual([]);
  });

  it('comes out as far as there is room', () => {
    const builder = rectangle(4000, 3000);
    const drawers = { ...size, code: 'D600', width: 600, placement: onA(600) };
    const one = withItem(builder, 'drawers', 'base-drawers', drawers);
    expect(contactsAlone(one.design)).toEqual([]);
    const before = withItem(one, 'block', 'base-doors', {
      ...size,
      width: 600,
      placement: onA(600, 560 + 320),
    });
    const [contact] = contactsAlone(before.design);
    expect(contact).toMatchObject({ id: 'drawers', with: 'block', turns: false });
    // Fronts stand proud of the box: they come to what is 320 before it when they are out that much less.
    expect(contact!.open).toBeGreaterThan(290);
    expect(contact!.open).toBeLessThan(321);
  });

  it('meets another that opens at the same pace, and both stay there', () => {
    const contacts = contactsTogether(orchardKitchen());
    const [one, other] = ['item-6', 'item-9'].map((id) => contacts.find((contact) => contact.id === id)!);
    expect([one!.with, other!.with]).toEqual(['item-9', 'item-6']);
    expect(one!.share).toBeCloseTo(other!.share, 9);
    expect(contactsAlone(orchardKitchen()).filter(({ id }) => id === 'item-6' || id === 'item-9')).toEqual(
      [],
    );
  });

  it('touches nothing short of its contact, and what it meets just past it: the demo kitchen', () => {
    const design = orchardKitchen();
    const alone = new Map(contactsAlone(design).map((contact) => [contact.key, contact]));
    for (const one of openParts(design)) {
      const box = itemBoxes(design).find(({ id }) => id === one.id);
      const others = bodiesOf(design)
        .filter(({ pieces }) => deepestOverlap([one.at(0)], pieces) <= 1)
        .filter(
          ({ id, low, high, box: other }) =>
            id !== one.id &&
            low < one.high - 1 &&
            high > one.low + 1 &&
            !(other?.kind.within && box) &&
            other?.kind.group !== 'furniture',
        );
      const last = alone.get(one.key)?.share ?? 1;
      for (let share = 0; share < last - 1e-3; share += 0.05)
        for (const { id, pieces } of others)
          expect([one.key, id, deepestOverlap([one.at(share)], pieces) <= 1]).toEqual([one.key, id, true]);
    }
  });
});
