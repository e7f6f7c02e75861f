import { randomFrom } from '../src/geometry/random';
import { nest } from '../src/shop/nest/nest';
import type { NestCase } from '../src/shop/nest/nest-types';
import { placesFor } from '../src/shop/nest/places';
import { must } from '../src/result';

/** How long it takes to take a part of a full sheet in hand, and the longest step of dragging it; ms. */
const NEAR = 120;
const random = randomFrom(7);
const sheetOf = { id: 'board', l: 2_800, w: 2_070 };
for (const count of [30, 66, 134]) {
  const about = Math.sqrt((sheetOf.l * sheetOf.w) / count) / 1.15;
  const size = () => Math.round(about * (0.5 + random()));
  const parts = Array.from({ length: count }, (_, index) => ({
    ...{ id: `p${index}`, l: size(), w: size(), grain: false, qty: 1 },
  }));
  const asked: NestCase = { id: 'case', kerf: 4, trim: 10, parts, stock: [sheetOf] };
  const [sheet] = must(nest(asked, { seconds: 1 })).sheets;
  let [taken, dragged] = [0, 0];
  const took = (work: () => void): number => {
    const start = performance.now();
    work();
    return performance.now() - start;
  };
  for (const [index, part] of sheet!.parts.slice(0, 20).entries()) {
    let places = placesFor(asked, sheet!, part, { except: index });
    taken = Math.max(
      taken,
      took(() => (places = placesFor(asked, sheet!, part, { except: index }))),
    );
    for (let step = 0; step < 40; step++) {
      const [x, y] = [random() * sheetOf.l, random() * sheetOf.w];
      dragged = Math.max(
        dragged,
        took(() => places.best((at) => Math.hypot(at.x - x, at.y - y), NEAR)),
      );
    }
  }
  console.log(
    `${sheet!.parts.length} parts on a sheet: in hand after ${taken.toFixed(1)} ms at the most, a step of a drag ${dragged.toFixed(1)} ms`,
  );
}
