import { named, noun, type Noun } from '../../nouns';
import { isDressing } from '../../ranges/item-kind';
import { reachIntoSector, sectorOutline, sectorsMeet } from '../../geometry/sector';
import { TOUCH } from '../../geometry/tolerance';
import { doorSweeps } from '../../survey/openings';
import type { Finding, Rule } from '../rule';

/** A door leaf swings as far as it opens without hitting an item or the sweep of another door. */
export const doorSwing: Rule = {
  id: 'door-swing',
  level: 'collision',
  parameters: { 'inch-residential': {}, 'metric-residential': {} },
  check({ openings, boxes, fixed }) {
    const bodies = [
      ...boxes
        .filter(({ kind }) => !isDressing(kind))
        .map((box) => ({ ...box, name: named(box.record.code) })),
      ...fixed.map((thing) => ({ ...thing, name: thing.record.type as Noun })),
    ];
    const doors = openings.flatMap((opening) => doorSweeps(opening).map((sector) => ({ opening, sector })));
    return doors.flatMap(({ opening, sector }, index): Omit<Finding, 'rule'>[] => {
      const base = { place: sectorOutline(sector), required: opening.record.width };
      const top = opening.record.sill + opening.record.height;
      const hits = bodies
        .filter((box) => box.low < top && box.high > opening.record.sill)
        .map((box) => ({
          box,
          reach: Math.max(...box.pieces.map((piece) => reachIntoSector(piece, sector))),
        }))
        .filter(({ reach }) => reach > TOUCH)
        .map(({ box, reach }) => ({
          ...base,
          verdict: 'blocked' as const,
          ids: [opening.record.id, box.id],
          measured: reach,
          names: [noun('door', opening.name), box.name],
        }));
      const doorHits = doors
        .slice(index + 1)
        .filter((other) => other.opening !== opening && sectorsMeet(sector, other.sector))
        .map((other) => ({
          ...base,
          verdict: 'blocked' as const,
          ids: [opening.record.id, other.opening.record.id],
          measured: 0,
          names: [noun('door', opening.name), noun('door', other.opening.name)],
        }));
      const found = [...hits, ...doorHits];
      const clear = {
        ...base,
        verdict: 'clear' as const,
        ids: [opening.record.id],
        measured: opening.record.width,
        names: [noun('door', opening.name)],
      };
      return found.length > 0 ? found : [clear];
    });
  },
};
