import type { Design } from '../document/design';
import type { Point } from '../geometry/point';
import { bodiesNear, type Body } from '../setting/bodies';

/** Something asked of a design, and the answer: the very same answer as long as nothing it follows from changed. */
interface Seen {
  ask(design: Design): unknown;
  answer: unknown;
}

/** What a measure looks through at all but its subject, so that it is known what it saw. */
export class Look {
  readonly #design: Design;
  #alike: Design;
  readonly #seen: Seen[] = [];

  constructor(design: Design) {
    this.#design = design;
    this.#alike = design;
  }

  /** Something computed of the design; `ask` gives the very same object as long as it is alike. */
  at<T>(ask: (design: Design) => T): T {
    const answer = ask(this.#design);
    this.#seen.push({ ask, answer });
    return answer;
  }

  /** The bodies whose extent in plan meets that of some points, so much wider, mm. */
  near(points: readonly Point[], wider = 0): readonly Body[] {
    return this.at((design) => bodiesNear(design, points, wider));
  }

  /** Whether all of it would be seen alike in a design; asked of one design by every rule that is about it, and known then. */
  isAlikeIn(design: Design): boolean {
    if (this.#alike === design) return true;
    if (!this.#seen.every(({ ask, answer }) => ask(design) === answer)) return false;
    this.#alike = design;
    return true;
  }
}
