import fc from 'fast-check';
import { editItems } from '../src/commands/edit-items';
import { groupItems } from '../src/commands/group-items';
import { lineUpItems, lineUps } from '../src/commands/line-up-items';
import { lockItems } from '../src/commands/lock-items';
import { mirrorItems } from '../src/commands/mirror-items';
import { moveItems } from '../src/commands/move-items';
import { renumberItems } from '../src/commands/renumber-items';
import { repeatItems } from '../src/commands/repeat-items';
import { spaceItems } from '../src/commands/space-items';
import { turnItems } from '../src/commands/turn-items';
import { moveItem } from '../src/commands/move-item';
import { putOpening, usualOpening } from '../src/commands/put-opening';
import { removeThings } from '../src/commands/remove-things';
import { setFaceLength } from '../src/commands/set-face-length';
import { putDivider } from '../src/commands/put-divider';
import { putFixed, usualFixed } from '../src/commands/put-fixed';
import { putService } from '../src/commands/put-service';
import { setMeasured } from '../src/commands/set-measured';
import { putMeasurement } from '../src/commands/put-measurement';
import { pushPart, type PushedPart } from '../src/commands/push-part';
import { removeCorner } from '../src/commands/remove-corner';
import { insertCorner } from '../src/commands/insert-corner';
import { moveFace } from '../src/commands/move-face';
import { stretchRoom } from '../src/commands/stretch-room';
import { editFaces } from '../src/commands/edit-faces';
import { fixedTypes } from '../src/document/fixture-types';
import { setItem } from '../src/commands/set-item';
import { fillGap } from '../src/commands/fill-gap';
import { joinItems } from '../src/commands/join-items';
import { lineFace } from '../src/commands/line-face';
import { keepProfile } from '../src/commands/keep-profile';
import { leaveOpen } from '../src/commands/leave-open';
import { splitItem } from '../src/commands/split-item';
import { swapItems } from '../src/commands/swap-items';
import { trimToGap } from '../src/commands/trim-to-gap';
import { dimensionEdit, frameEdit, rowEdit } from './random-paper';
import { openLengths } from '../src/setting/open-lengths';
import { setTopCorner } from '../src/commands/set-top-corner';
import { setEdgeWay } from '../src/commands/set-edge-way';
import { setFinish } from '../src/commands/set-finish';
import { setStyle } from '../src/commands/set-style';
import { finishes } from '../src/surfaces/finishes';
import { setPlinth } from '../src/commands/set-plinth';
import { setTopEdge } from '../src/commands/set-top-edge';
import { setTopJoints } from '../src/commands/set-top-joints';
import {
  borderCorners,
  cornerJoints,
  edgeProfiles,
  overhangSides,
  doorStyles,
  finishParts,
  handleStyles,
  liningStyles,
  topCornerKeys,
  tileColourings,
  tilePatterns,
  trimProfiles,
  type TrimUse,
} from '../src/document/limits';
import { setRoom } from '../src/commands/set-room';
import { setTrim } from '../src/commands/set-trim';
import { setOutZone } from '../src/commands/set-out-zone';
import { splitZone } from '../src/commands/split-zone';
import { setOutZones } from '../src/commands/set-out-zones';
import { setTie } from '../src/commands/set-tie';
import { setFacts } from '../src/commands/set-facts';
import { setTiling } from '../src/commands/set-tiling';
import { putZone } from '../src/commands/put-zone';
import { usualZone } from '../src/tile/zones/usual-zone';
import { shelfOf } from '../src/ranges/shelf';
import { type Result } from '../src/result';
import { planSides, tieSides } from '../src/setting/ties';
import { loopOf, recordsOf, type Design } from '../src/document/design';
import { type Patch } from '../src/document/patch';

const shelf = shelfOf('fathom');
const trimUses = Object.keys(trimProfiles) as TrimUse[];

/** A random edit: which command, and numbers to make its arguments from; many are refused, as in life. */
export const anEdit = fc.record({
  what: fc.integer({ min: 0, max: 53 }),
  a: fc.nat(1000),
  b: fc.nat(1000),
  c: fc.nat(1000),
});

/** Asks for a random edit of a design; `count` makes the ids of what it adds. */
export function askFor(
  design: Design,
  { what, a, b, c }: { what: number; a: number; b: number; c: number },
  count: number,
): Result<Patch> {
  const faces = ['face-a', 'face-b', 'face-c', 'face-d'];
  const face = faces[a % 4]!;
  const items = recordsOf(design, 'item');
  const id = items[a % Math.max(1, items.length)]?.id ?? 'none';
  const several = [...new Set([id, items[b % Math.max(1, items.length)]?.id ?? id])];
  const placement = { on: 'face', face, from: b % 2 ? 'left' : 'right', distance: c * 3.7, off: 0 } as const;
  switch (what) {
    case 0:
    case 1:
      return setItem.run(design, {
        id: `item-${count}`,
        range: 'fathom',
        code: shelf[b % shelf.length]!.code,
        placement,
      });
    case 2:
      return moveItem.run(design, { id, placement });
    case 3:
      return setTie.run(design, { id, side: tieSides[b % 6]!, distance: c * 0.7 });
    case 4:
      return editItems.run(design, { ids: [id], change: { width: b + c + 1 } });
    case 5:
      return setFaceLength.run(design, { face, length: 2500 + b + c });
    case 6:
      return putOpening.run(design, {
        ...usualOpening(`opening-${b % 3}`, face, c % 2 ? 'door' : 'window', c * 2, 'mm'),
        width: 600 + b / 3,
        height: 1200,
      });
    case 7:
      return removeThings.run(design, [id]);
    case 8:
      return moveFace.run(design, { face, by: b - 500 });
    case 9:
      return insertCorner.run(design, { face, distance: 200 + c * 3, id: `split-${count}` });
    case 10: {
      const ids = ['l', 'f', 'r', 'e', 'w'].map((name) => `${name}-${count}`);
      const part = {
        from: b % 2 ? 'left' : 'right',
        distance: 60 + b,
        width: 300 + c,
        depth: c - 500,
      } as const;
      return pushPart.run(design, { face, ...part, ids: ids as unknown as PushedPart['ids'] });
    }
    case 11: {
      const faces = loopOf(design).faces;
      return removeCorner.run(design, { face: faces[b % faces.length]! });
    }
    case 12:
      return stretchRoom.run(design, {
        through: { x: b * 4, y: -c * 3 },
        towards: (a % 4) * (Math.PI / 2),
        by: c - 300,
      });
    case 13:
      return editFaces.run(design, {
        faces: [face],
        change: { thickness: 50 + b, corner: 1.4 + c / 3000, cornerFrom: 'measured' },
      });
    case 14:
      return putMeasurement.run(design, {
        kind: 'measurement',
        id: `taped-${b % 4}`,
        from: { face, from: 'left', distance: 0 },
        to: { face: faces[(a + 2) % 4]!, from: 'right', distance: c / 5 },
        length: 3000 + b,
        standing: 'measured',
      });
    case 15:
      return putFixed.run(design, {
        ...usualFixed(design, `fixed-${b % 3}`, fixedTypes[c % fixedTypes.length]!, face),
      });
    case 16:
      return putService.run(design, { kind: 'service', id: `s-${b % 3}`, type: 'cold', up: c, placement });
    case 17:
      return putDivider.run(design, {
        kind: 'divider',
        id: 'divider',
        name: 'Part',
        side: 'left',
        from: { face, from: 'left', distance: b },
        to: { face: faces[(a + 2) % 4]!, from: 'right', distance: c },
      });
    case 18:
      return turnItems.run(design, { ids: several, by: c / 100 });
    case 19:
      return mirrorItems.run(design, { ids: several });
    case 20:
      return repeatItems.run(design, {
        ids: several,
        times: 1 + (b % 2),
        side: planSides[c % 4]!,
        gap: b - 200,
        copies: Array.from({ length: 8 }, (_, index) => `copy-${count}-${index}`),
      });
    case 21:
      return moveItems.run(design, { ids: several, placement });
    case 22:
      return lineUpItems.run(design, { ids: several, to: id, edge: lineUps[c % lineUps.length]! });
    case 23:
      return b % 3
        ? lockItems.run(design, { ids: [id], locked: c % 2 === 0 })
        : renumberItems.run(design, { first: id });
    case 24:
      return groupItems.run(design, { ids: several, group: c % 4 ? 'group' : null });
    case 25:
      return spaceItems.run(design, { ids: items.map((item) => item.id) });
    case 26:
      return splitItem.run(design, { id, right: `right-${count}`, ...(c % 2 ? { left: 100 + b } : {}) });
    case 27:
      return joinItems.run(design, { ids: several });
    case 28:
      return swapItems.run(design, { ids: [id], family: ['F*', 'F*-3', 'F*-D', 'U*-G'][c % 4]! });
    case 29:
    case 30:
    case 31: {
      const gaps = openLengths(design);
      const gap = gaps[b % Math.max(1, gaps.length)];
      const at = { face: gap?.face.id ?? face, at: gap?.from ?? 0, band: gap?.band ?? ('base' as const) };
      if (what === 29) return fillGap.run(design, { ...at, id: `fill-${count}` });
      return what === 30
        ? trimToGap.run(design, { ...at, ids: several })
        : leaveOpen.run(design, { ...at, id: `open-${count}` });
    }
    case 32:
      return setTopEdge.run(design, {
        ids: several,
        side: overhangSides[b % 4]!,
        overhang: c % 5 ? c % 600 : null,
      });
    case 33: {
      const [one, other] = [topCornerKeys[b % 4]!, topCornerKeys[c % 4]!];
      const shape = c % 3 === 0 ? null : c % 3 === 1 ? { radius: 1 + (c % 300) } : { chamfer: 1 + (c % 300) };
      return setTopCorner.run(design, {
        at: [
          { item: id, corner: one },
          { item: several.at(-1)!, corner: other },
        ],
        shape,
      });
    }
    case 34:
      return setTopJoints.run(
        design,
        b % 2
          ? { id, across: [c % 500, (a + c) % 700] }
          : { at: [{ item: id, corner: 'frontRight' }], way: cornerJoints[c % 4]! },
      );
    case 35: {
      const way =
        c % 4 === 0
          ? { splash: b % 5 ? { height: b % 900 } : ({ full: true } as const) }
          : c % 4 === 1
            ? { waterfall: b % 3 > 0 }
            : { profile: b % 6 ? edgeProfiles[b % 5]! : null };
      return setEdgeWay.run(design, {
        at: [
          { item: id, side: overhangSides[b % 4]! },
          { item: several.at(-1)!, side: overhangSides[a % 4]! },
        ],
        way,
      });
    }
    case 37: {
      const back = c % 5 ? (b % 200) - 50 : null;
      return setPlinth.run(
        design,
        a % 3 ? { at: [{ item: id, side: overhangSides[b % 4]! }], back } : { ids: several, none: b % 2 > 0 },
      );
    }
    case 38:
      return a % 2
        ? setTrim.run(design, {
            ...{ use: 'cornice', at: [{ item: id, side: overhangSides[b % 4]! }] },
            profile: c % 5 ? trimProfiles.cornice[c % 5]! : null,
          })
        : setTrim.run(design, {
            ...{ use: 'lightRail', at: [{ item: id, side: overhangSides[b % 4]! }] },
            profile: c % 4 ? trimProfiles.lightRail[c % 4]! : null,
          });
    case 46: {
      const use = trimUses[c % trimUses.length]!;
      if (a % 2) return setRoom.run(design, { [use]: `profile-${use}` });
      const shape = [
        { out: 0, up: 0 },
        { out: 10 + (a % 40), up: 0 },
        { out: 0, up: 20 + (b % 90) },
      ];
      return keepProfile.run(design, { id: `profile-${use}`, name: `Own ${use}`, use, shape });
    }
    case 39:
      return setRoom.run(design, {
        cornice: trimProfiles.cornice[a % 5]!,
        lightRail: trimProfiles.lightRail[b % 4]!,
        skirting: trimProfiles.skirting[c % 5]!,
        cove: trimProfiles.cove[c % 4]!,
        capping: trimProfiles.capping[b % 4]!,
      });
    case 40:
      return setFinish.run(design, {
        part: finishParts[a % finishParts.length]!,
        finish: c % 4 ? finishes[b % finishes.length]!.name : null,
        to: c % 3 ? { items: [id] } : { room: b % 2 ? 'usual' : 'everywhere' },
      });
    case 41:
      return b % 2
        ? setStyle.run(design, {
            ...{ style: 'doorStyle', to: c % 3 ? { items: [id] } : { room: 'usual' } },
            value: a % 5 ? doorStyles[c % doorStyles.length]! : null,
          })
        : setStyle.run(design, {
            ...{ style: 'handleStyle', to: c % 3 ? { items: [id] } : { room: 'everywhere' } },
            value: a % 5 ? handleStyles[c % handleStyles.length]! : null,
          });
    case 42:
      return lineFace.run(design, {
        ...{ face, style: liningStyles[b % liningStyles.length]!, prefix: `lining-${count}` },
      });
    case 43:
    case 44: {
      const id = `zone-${b % 3}`;
      const corners = [
        { x: 300, y: 200 },
        { x: 300 + a, y: 200 },
        { x: 300 + a, y: 300 + b },
      ].map(({ x, y }) => (a % 2 ? { x, y: -y } : { x, y }));
      const zone = usualZone(design, {
        ...{ id, face: a % 2 ? null : face },
        ...(c % 3 === 0 && { corners }),
      });
      const colouring = { way: tileColourings[b % 3]!, finish: 'Jetty' };
      const laid = {
        colouring,
        pattern: { type: tilePatterns[c % tilePatterns.length]! },
        tile: { w: 400, h: 130 },
      };
      const border = {
        ...{ inset: (a % 5) * 30, tile: { w: 200, h: 20 + (b % 8) * 20 } },
        corners: borderCorners[b % 3]!,
      };
      const bordered = b % 2 ? zone : { ...zone, border };
      return putZone.run(design, c % 2 ? bordered : { ...bordered, ...laid, angle: (b % 7) * 0.2 });
    }
    case 45:
      if (c % 5 === 0)
        return splitZone.run(design, {
          ...{ id: `zone-${b % 3}`, part: `part-${count}` },
          through: [
            { x: a, y: b },
            { x: b, y: c },
          ],
        });
      if (c % 2 > 0)
        return setOutZones.run(design, {
          zones: [0, 1].map((by) => ({ id: `zone-${(b + by) % 3}`, origin: { x: a, y: c } })),
        });
      return setOutZone.run(design, { id: `zone-${b % 3}`, origin: { x: a, y: c } });
    case 48:
      return setFacts.run(design, {
        ids: several,
        facts: b % 3 ? { shelves: c % 7, protectedBelow: a % 2 > 0 } : { shelves: null, handle: 'both' },
      });
    case 47:
      return setTiling.run(design, { ids: several, way: (['around', 'under', null] as const)[c % 3]! });
    case 36:
      return setRoom.run(design, {
        splashHeight: b % 700,
        splashAtCooking: c % 2 > 0,
        edgeProfile: 'rounded',
      });
    case 50:
      return dimensionEdit(design, { a, b, c });
    case 51:
      return rowEdit(design, { a, b, c });
    case 52: {
      const of = {
        ...{ from: [id], to: a % 3 ? [id] : several, before: several, after: [face], held: [] },
        ...{ length: 300 + c, row: 'standing', way: b % 3 ? { x: 1, y: 0 } : ('up' as const) },
      };
      const stays = a % 2 ? 'from' : 'to';
      return setMeasured.run(design, { of, length: 300 + b, along: c % 2 === 0, stays });
    }
    case 53:
      return frameEdit(design, { a, b, c });
    default:
      return setRoom.run(design, { ceilingHeight: 2000 + b, name: `Room ${c}`, specials: c % 3 > 0 });
  }
}
