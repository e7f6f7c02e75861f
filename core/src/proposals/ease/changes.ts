import type { EaseStep } from '../../commands/ease';
import type { Design } from '../../document/design';
import type { OpeningRecord, ServiceRecord } from '../../document/records';
import { scale, type Point } from '../../geometry/point';
import type { Finding } from '../../reach/finding';
import { isHanded } from '../../ranges/handing';
import { listedWidths } from '../../ranges/specials';
import { rangesOf } from '../../ranges/shelf';
import { findBox } from '../../setting/item-box';
import { quantise } from '../../units/units';
import { movedByTurn, moversFor } from './movers';

/** A change, and by how much what it moves is moved, mm. */
export interface Change {
  steps: readonly EaseStep[];
  moved: number;
}

/** A change that can be made more or less: the step for a distance, mm, and how many things move by it. */
export interface Slide {
  step: (by: number) => EaseStep;
  things: number;
}

/** Everything that can be tried for a finding as it is: hung the other way, turned, made narrower, doors otherwise. */
export const changesFor = (design: Design, finding: Finding): readonly Change[] => [
  ...otherHands(design, finding),
  ...otherOpenings(design, finding),
  ...turns(design, finding),
  ...narrower(design, finding),
];

/** Cabinets that a finding is about, hung the other way. */
function otherHands(design: Design, { ids }: Finding): readonly Change[] {
  return ids.flatMap((id): Change[] => {
    const box = findBox(design, id);
    if (!box || !isHanded(box.kind, box.record.width)) return [];
    const hand = box.record.hand === 'left' ? 'right' : 'left';
    return [{ steps: [{ do: 'hand', id, hand }], moved: 0 }];
  });
}

/** Doors that a finding is about, hung on the other side, swung the other way, or wider. */
function otherOpenings(design: Design, { ids, checks }: Finding): readonly Change[] {
  return openingsOf(design, ids).flatMap((opening) => {
    const hinge = opening.hinge === 'left' ? 'right' : 'left';
    const swing = opening.swing === 'in' ? 'out' : 'in';
    const put = (change: Partial<OpeningRecord>, moved: number): Change => ({
      steps: [{ do: 'opening', opening: { ...opening, ...change } }],
      moved,
    });
    const short = checks.flatMap(({ held, measured, required, limit }) =>
      held === false && limit === 'least' ? [required! - measured!] : [],
    );
    const wider = Math.max(0, ...short);
    return [
      ...(opening.type === 'door' && opening.action === 'hinged'
        ? [put({ hinge }, 0), put({ swing }, 0), put({ hinge, swing }, 0)]
        : []),
      ...(wider > 0 && opening.type !== 'window' ? [put({ width: opening.width + wider }, wider)] : []),
    ];
  });
}

/** Things that stand free and a finding is about, turned a quarter or half round. */
function turns(design: Design, { ids }: Finding): readonly Change[] {
  return ids.flatMap((id) => {
    const box = findBox(design, id);
    if (!box || box.against || box.record.locked) return [];
    return [Math.PI / 2, -Math.PI / 2, Math.PI].map((by): Change => ({
      steps: [{ do: 'turn', ids: [id], by }],
      moved: movedByTurn(box, by),
    }));
  });
}

/** Cabinets that a finding is about, in each lesser width they are made in. */
function narrower(design: Design, { ids }: Finding): readonly Change[] {
  const known = rangesOf(design);
  return ids.flatMap((id) => {
    const box = findBox(design, id);
    if (!box || box.record.locked) return [];
    return listedWidths(box.record, known)
      .filter((width) => width < box.record.width)
      .sort((a, b) => b - a)
      .slice(0, 3)
      .map((width): Change => ({ steps: [{ do: 'width', id, width }], moved: box.record.width - width }));
  });
}

/** Everything that can be moved for a finding: items in plan, what hangs up and down, openings along their faces, services up and along. */
export function slidesFor(design: Design, finding: Finding): readonly Slide[] {
  const found: Slide[] = [];
  for (const { boxes, ways } of moversFor(design, finding)) {
    const ids = boxes.map(({ id }) => id);
    for (const way of ways)
      found.push({ things: ids.length, step: (by) => ({ do: 'shift', ids, by: onGrid(scale(way, by)) }) });
    if (boxes[0].record.up > 0)
      for (const sign of [1, -1])
        found.push({
          things: ids.length,
          step: (by) => ({ do: 'shift', ids, by: { x: 0, y: 0 }, up: sign * by }),
        });
  }
  for (const opening of openingsOf(design, finding.ids))
    for (const sign of [1, -1])
      found.push({
        things: 1,
        step: (by) => ({ do: 'opening', opening: { ...opening, distance: opening.distance + sign * by } }),
      });
  for (const service of servicesOf(design, finding.ids))
    for (const sign of [1, -1]) {
      found.push({
        things: 1,
        step: (by) => ({ do: 'service', service: { ...service, up: service.up + sign * by } }),
      });
      const { placement } = service;
      if (placement.on === 'face')
        found.push({
          things: 1,
          step: (by) => ({
            do: 'service',
            service: { ...service, placement: { ...placement, distance: placement.distance + sign * by } },
          }),
        });
    }
  return found;
}

const onGrid = ({ x, y }: Point): Point => ({ x: quantise(x), y: quantise(y) });

const openingsOf = (design: Design, ids: readonly string[]): readonly OpeningRecord[] =>
  ids.flatMap((id) => {
    const record = design.records[id];
    return record?.kind === 'opening' ? [record] : [];
  });

const servicesOf = (design: Design, ids: readonly string[]): readonly ServiceRecord[] =>
  ids.flatMap((id) => {
    const record = design.records[id];
    return record?.kind === 'service' ? [record] : [];
  });
