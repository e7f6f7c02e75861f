import { recordOf } from '../../document/design';
import { isOwnTop } from '../../ranges/item-kind';
import { kindOf } from '../../ranges/kinds';
import { overhangOf, sideOfEdge } from '../../surfaces/top-facts';
import { tops, type Top } from '../../surfaces/tops';
import type { Measure } from '../measure';

/** How far a top stands out past what carries it, from so far on. What was drawn by itself is carried no less there than elsewhere. */
export const topOverhang: Measure<Top> = {
  id: 'top-overhang',
  subjects: tops,
  take: ({ rings }, look, { from = 0 }) =>
    rings.flatMap(({ edges }) =>
      edges.flatMap((edge) => {
        const [item] = edge.items;
        const type = item && look.at((design) => recordOf(design, 'item', item)?.type);
        if (!item || !type || isOwnTop(kindOf(type))) return [];
        const overhang = look.at((design) => overhangOf(design, edge)?.overhang) ?? 0;
        if (overhang < from) return [];
        return {
          key: `${item} ${edge.role}`,
          ids: edge.items,
          place: [edge.a, edge.b],
          about: [{ of: item, as: `top-${sideOfEdge(edge)!}-of` as const }],
          values: { overhang },
        };
      }),
    ),
};
