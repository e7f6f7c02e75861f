import { deepestOverlap } from '../../geometry/convex-pieces';
import { sharedArea, sweptApart, sweptPolygon, type Swept } from '../../geometry/swept';
import type { Polygon } from '../../geometry/polygon';
import { recordOf } from '../../document/design';
import { rememberOne } from '../../document/remember';
import { kindOf } from '../../ranges/kinds';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { placedOpenings, type PlacedOpening } from '../../survey/openings';
import { sweepsNear } from '../facts/sweeps-near';
import { itemSweeps, openingSweeps, type Sweep } from '../facts/sweeps';
import { topPieces, topsNear } from '../facts/tops-near';
import type { Measure } from '../measure';
import type { About, Reading } from '../reading';

/** What shares no more than this with a sweep only touches it, mm². */
const HIT = 0.05;
/** Nothing farther from a sweep than this is near it, mm. */
const NEAR = 600;

/** Something that stands in the way. */
interface Solid {
  id: string;
  about: About;
  pieces: readonly Polygon[];
  low: number;
  high: number;
}

/** What entry doors, and the doors and drawers of appliances and cabinets, sweep: entry doors against what stands and all against one another. */
export const swings: Measure<ItemBox | PlacedOpening> = {
  id: 'swings',
  subjects: (design) => [
    ...placedOpenings(design).filter((opening) => openingSweeps(opening).length > 0),
    ...itemBoxes(design).filter((box) => itemSweeps(design, box).length > 0),
  ],
  take(subject, look) {
    const isEntry = !('kind' in subject);
    const own = isEntry ? openingSweeps(subject) : look.at((design) => itemSweeps(design, subject));
    // Of cabinets only what hits is told, there being many: by the first of two.
    const isTold = isEntry || subject.kind.group === 'appliances';
    const found = own.map((sweep) => {
      const { outline } = sweep.swept;
      const others = look
        .at((design) => sweepsNear(design, outline, isTold ? NEAR : 0))
        .filter(
          (other) =>
            other.id !== sweep.id &&
            overlapInHeight(sweep, other) &&
            (isTold || (other.of !== 'opening' && sweep.id < other.id)),
        )
        .map((other) => ({ ...meeting(sweep.swept, [other.swept]), reading: () => between(sweep, other) }));
      const solids = isEntry ? [...bodiesBy(sweep), ...topsBy(sweep)] : [];
      const stood = solids
        .filter((solid) => overlapInHeight(sweep, solid))
        .map((solid) => {
          const met = meeting(sweep.swept, solid.pieces.map(piecePlace));
          return { ...met, reading: () => against(sweep, solid) };
        });
      return { sweep, near: [...others, ...stood] };
    });
    const hits = found.flatMap(({ near }) =>
      near
        .filter(({ area }) => area > HIT)
        .map(({ area, reading }): Reading => {
          const { values, ...rest } = reading();
          return { ...rest, values: { ...values, 'overlap-area': area, gap: 0 } };
        }),
    );
    if (hits.length > 0 || !isTold) return worst(hits);
    const gap = Math.min(...found.flatMap(({ near }) => near.map((one) => one.gap)));
    return [
      {
        key: own[0]!.id,
        ids: [own[0]!.id],
        place: own.flatMap(({ swept }) => swept.outline),
        about: [aboutOf(own[0]!)],
        values: { 'overlap-area': 0, ...(gap < Infinity && { gap }) },
        traits: { between: isEntry ? 'entry' : 'appliance' },
      },
    ];

    function bodiesBy({ swept }: Sweep): readonly Solid[] {
      return look.near(swept.outline, NEAR).map((body) => ({ ...body, about: { of: body.id } }));
    }
    function topsBy({ swept }: Sweep): readonly Solid[] {
      return look
        .at((design) => topsNear(design, swept.outline, NEAR))
        .map((top) => {
          const [id] = top.items as [string];
          return {
            id,
            about: { of: id, as: 'top-over' },
            pieces: topPieces(top),
            low: top.underside,
            high: top.surface,
          };
        });
    }
    function between(a: Sweep, b: Sweep): Reading {
      const [one, two] = [a, b].sort(
        (p, q) => Number(q.of === 'opening') - Number(p.of === 'opening') || (p.id < q.id ? -1 : 1),
      ) as [Sweep, Sweep];
      const isAppliance = [one, two].some(({ id }) =>
        look.at((design) => isOfAppliance(recordOf(design, 'item', id))),
      );
      return {
        key: `${one.id} ${two.id} swings`,
        ids: [one.id, two.id],
        place: one.swept.outline,
        about: [aboutOf(one), aboutOf(two)],
        values: {},
        traits: { between: one.of === 'opening' ? 'entry' : isAppliance ? 'appliance' : 'cabinets' },
      };
    }
  },
};

/** Of two that meet with several of their leaves, where they share most. */
function worst(hits: readonly Reading[]): Reading[] {
  const by = new Map<string, Reading>();
  const areaOf = ({ values }: Reading) => values['overlap-area'] ?? 0;
  for (const hit of hits) {
    const known = by.get(hit.key);
    if (!known || areaOf(hit) > areaOf(known)) by.set(hit.key, hit);
  }
  return [...by.values()];
}

const piecePlace = rememberOne((piece: Polygon) => sweptPolygon(piece));

const isOfAppliance = (record: { type: string } | undefined): boolean =>
  record !== undefined && kindOf(record.type).group === 'appliances';

const aboutOf = ({ id, of }: Sweep): About => (of === 'opening' ? { of: id } : { of: id, as: of });

function against(sweep: Sweep, { id, about, pieces }: Solid): Reading {
  return {
    key: `${sweep.id} ${id} ${typeof about === 'object' && 'as' in about ? about.as : ''}`.trim(),
    ids: [sweep.id, id],
    place: sweep.swept.outline,
    about: [aboutOf(sweep), about],
    values: { depth: deepestOverlap([sweep.swept.outline], pieces) },
    traits: { between: 'entry' },
  };
}

function overlapInHeight(a: Pick<Sweep, 'high' | 'low'>, b: Pick<Sweep, 'high' | 'low'>): boolean {
  return Math.min(a.high, b.high) > Math.max(a.low, b.low);
}

/** The area that a sweep shares with what stands or sweeps, mm², and how far they are apart, mm. */
function meeting(swept: Swept, others: readonly Swept[]): { area: number; gap: number } {
  const gap = Math.min(...others.map((other) => sweptApart(swept, other)));
  if (gap > 0) return { area: 0, gap };
  return { area: others.reduce((sum, other) => sum + sharedArea(swept.outline, other.outline), 0), gap };
}
