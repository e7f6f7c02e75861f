import { isInRun } from '../ranges/item-kind';
import type { Design } from '../document/design';
import type { RunBand } from '../document/limits';
import type { ItemRecord } from '../document/records';
import { bandGroups } from '../ranges/bands';
import { goesInCorner } from '../ranges/handing';
import { kindOf } from '../ranges/kinds';
import type { Range } from '../ranges/range';
import { HUNG, itemBoxes } from '../setting/item-box';
import type { ProposalRequest } from './request';

/** The code patterns of a range's families that can fill a band, with their names; plain cabinets first. */
export function fillingFamilies(
  range: Range,
  band: ProposalRequest['band'],
): { code: string; name: string }[] {
  return range.families
    .filter(({ type }) => {
      const kind = kindOf(type);
      return kind.group === bandGroups[band] && kind.trim !== null && !kind.plan && !kind.blind;
    })
    .filter(({ type, widths }) => widths.length > 1 || type.startsWith('tall'))
    .map(({ code, name }) => ({ code, name }));
}

/** The items of some faces that a proposal takes away unless told otherwise: plain cabinets and fillers of its band, not locked. */
export function replaceable(
  design: Design,
  faces: readonly string[],
  band: ProposalRequest['band'],
): ItemRecord[] {
  const plain: Record<ProposalRequest['band'], readonly string[]> = {
    base: ['base-doors', 'base-door-drawer', 'base-drawers', 'base-open', 'block-counter', 'filler'],
    wall: ['wall-doors', 'wall-open', 'wall-glass', 'filler-wall'],
    tall: ['tall-pantry', 'tall-broom', 'filler-tall'],
  };
  return faces.flatMap((face) =>
    Object.values(design.records).filter(
      (record): record is ItemRecord =>
        record.kind === 'item' &&
        !record.locked &&
        record.placement.on === 'face' &&
        record.placement.face === face &&
        plain[band].includes(record.type),
    ),
  );
}

/** The items of some faces that may be let stand anywhere in a proposed run: of its band, not in a corner, not locked, and none of those that are replaced. */
export function movable(
  design: Design,
  faces: readonly string[],
  band: RunBand,
  replaced: readonly string[],
): ItemRecord[] {
  return itemBoxes(design)
    .filter(
      ({ id, kind, record, against, low }) =>
        !!against &&
        faces.includes(against.face.id) &&
        !record.locked &&
        !replaced.includes(id) &&
        !goesInCorner(kind) &&
        !kind.flat &&
        (band === 'wall' ? low >= HUNG && kind.group === 'wall' : low < HUNG && isInRun(kind)),
    )
    .map(({ record }) => record);
}
