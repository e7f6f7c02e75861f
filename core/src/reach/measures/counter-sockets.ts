import { isAtLeast, isAtMost } from '../held';
import { distance, dot, subtract, unit } from '../../geometry/point';
import { placedServices } from '../../survey/services';
import { tops, type Top } from '../../surfaces/tops';
import { boxesAgainst } from '../../setting/item-box';
import { isKitchen } from '../facts/room-use';
import type { TopEdge } from '../../surfaces/top-edge';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** A socket no farther off a counter's wall line than this is on that wall, mm. */
const ON = 60;

/** The wall line of each countertop: how far its farthest point is from a socket above it, how high those are, and which are not protected. */
export const counterSockets: Measure<Top> = {
  id: 'counter-sockets',
  subjects: (design) => (isKitchen(design) ? tops(design) : []),
  take({ rings, surface, items }, look, { narrow = 0, high = Infinity }) {
    /** The wall behind what carries the top; where it only ends at a wall, nobody asks for a socket. */
    const isWallLine = ({ role, at }: TopEdge) =>
      role === 'wall' &&
      at !== null &&
      look.at((design) => boxesAgainst(design, at).some(({ id }) => items.includes(id)));
    const sockets = look
      .at(placedServices)
      .filter(({ record }) => record.type === 'socket' && record.up > surface);
    return rings
      .flatMap(({ edges }) => edges.filter(isWallLine))
      .flatMap((edge): Reading[] => {
        const long = distance(edge.a, edge.b);
        if (!isAtLeast(long, narrow)) return [];
        const all = sockets.flatMap((socket) => {
          const share = alongEdge(edge, socket.at);
          return share === null ? [] : [{ socket, share }];
        });
        // Those of hoods and what else hangs higher serve no counter that has some of its own.
        const low = all.filter(({ socket }) => isAtMost(socket.record.up - surface, high));
        const above = low.length > 0 ? low : all;
        const shares = above.map(({ share }) => share).sort((a, b) => a - b);
        const gaps = shares.slice(1).map((share, index) => (share - shares[index]!) / 2);
        const farthest = Math.max(shares[0] ?? 0, long - (shares.at(-1) ?? long), ...gaps);
        const open = above.filter(({ socket }) => socket.record.protected === undefined);
        return [
          {
            key: `${items[0]!} ${edge.at ?? ''}`,
            ids: [...(edge.at ? [edge.at] : items.slice(0, 1)), ...above.map(({ socket }) => socket.id)],
            place: [edge.a, edge.b],
            about: [{ of: items[0]!, as: 'top-over' }, ...(edge.at ? [{ of: edge.at }] : [])],
            values: {
              'sockets-at-counter': above.length,
              ...(above.length > 0 && {
                'farthest-point': farthest,
                'socket-above-counter': Math.max(...above.map(({ socket }) => socket.record.up - surface)),
                'unprotected-at-counter':
                  open.length > 0
                    ? null
                    : above.filter(({ socket }) => socket.record.protected === false).length,
              }),
            },
            ...(open.length > 0 && { lacking: ['protected'] as const }),
          },
        ];
      });
  },
};

/** How far along an edge a place lies, mm; null where it lies off it. */
function alongEdge({ a, b }: TopEdge, at: { x: number; y: number }): number | null {
  const u = unit(subtract(b, a));
  const away = subtract(at, a);
  const share = dot(away, u);
  const off = Math.abs(away.x * u.y - away.y * u.x);
  return off <= ON && share >= -1 && share <= distance(a, b) + 1 ? share : null;
}
