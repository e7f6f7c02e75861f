import { reachIntoSector, sectorOutline, sectorsMeet } from '../../geometry/sector';
import { TOUCH } from '../../geometry/tolerance';
import { fixedName } from '../../survey/fixed-things';
import { doorSweeps } from '../../survey/openings';
import type { Finding, Rule } from '../rule';

/** A door leaf swings as far as it opens without hitting an item or the sweep of another door. */
export const doorSwing: Rule = {
  id: 'door-swing',
  name: 'Door swing',
  level: 'collision',
  source: { 'inch-residential': 'kitchen planning guideline 2', 'metric-residential': 'common practice' },
  parameters: { 'inch-residential': {}, 'metric-residential': {} },
  check({ openings, boxes, fixed }) {
    const bodies = [
      ...boxes.map((box) => ({ ...box, name: box.record.code })),
      ...fixed.map((thing) => ({ ...thing, name: `the ${fixedName(thing.record.type)}` })),
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
          names: [opening.name, box.name],
        }));
      const doorHits = doors
        .slice(index + 1)
        .filter((other) => other.opening !== opening && sectorsMeet(sector, other.sector))
        .map((other) => ({
          ...base,
          verdict: 'blocked' as const,
          ids: [opening.record.id, other.opening.record.id],
          measured: 0,
          names: [opening.name, `door ${other.opening.name}`],
        }));
      const found = [...hits, ...doorHits];
      const clear = {
        ...base,
        verdict: 'clear' as const,
        ids: [opening.record.id],
        measured: opening.record.width,
        names: [opening.name],
      };
      return found.length > 0 ? found : [clear];
    });
  },
  say: ({ verdict, measured, names }, show) => {
    if (verdict === 'clear') return `Door ${names[0]} swings freely.`;
    return measured > 0
      ? `Door ${names[0]} hits ${names[1]}: it stands ${show(measured)} inside the swing.`
      : `Door ${names[0]} and ${names[1]} swing through the same place.`;
  },
};
