import { roomShape } from '../../survey/room-shape';
import { bandPlace, FAR, isObstacle, nearestAlong } from '../facts/ahead';
import { dot, inward, scale, subtract, unit, type Point } from '../../geometry/point';
import { seatSides, type SeatSide } from '../facts/seat-sides';
import { isTable } from '../facts/seats';
import type { Body } from '../../setting/bodies';
import type { Measure } from '../measure';

/** The floor behind those who sit at an edge: from the edge outwards over the seats' whole width to the first thing or wall. */
export const behindSeats: Measure<SeatSide> = {
  id: 'behind-seats',
  subjects: seatSides,
  take({ seats }, look) {
    const [first] = seats;
    const [a, b] = first!.edge;
    const u = unit(subtract(b, a));
    // Square to the edge, to the side that they sit on.
    const side = dot(inward(u), first!.seat.n) < 0 ? 1 : -1;
    const out = scale(inward(u), side);
    const corners = seats.flatMap(({ seat }) => seat.rectangle);
    const along = corners.map((corner) => (corner.x - a.x) * u.x + (corner.y - a.y) * u.y);
    const [from, to] = [Math.min(...along), Math.max(...along)];
    const at = (share: number): Point => ({ x: a.x + u.x * share, y: a.y + u.y * share });
    const band = { origin: at(from), u: out, n: u, near: 0, far: to - from };
    const ids = new Set(seats.map(({ seat }) => seat.id));
    const bodies = look
      .near(bandPlace(band, FAR))
      .filter((body) => isInWay(body) && !ids.has(body.id) && body.id !== first!.at);
    const { away, id } = nearestAlong(band, look.at(roomShape).faces, bodies);
    const seated = seats.map(({ seat }) => seat.id);
    return [
      {
        key: seated.join(' '),
        ids: [...seated, ...(id ? [id] : [])],
        place: bandPlace(band, away),
        about: [{ of: seated[0]! }, ...(id ? [{ of: id }] : [])],
        values: { behind: away },
        lacking: ['behind-seats'],
      },
    ];
  },
};

/** Chairs are moved by who sits on them; a table is not. */
const isInWay = (body: Body): boolean => isObstacle(body) || (body.box !== null && isTable(body.box.kind));
