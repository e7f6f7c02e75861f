import {
  drawItemsAlone,
  drawPlanWith,
  markGroups,
  textBox,
  WHILE_MOVING,
  type Design,
  type MarkGroup,
  type PlanOptions,
} from 'goodreach';
import type { DesignSession } from '$lib/session/design-session.svelte';
import type { ScreenState } from '$lib/session/screen.svelte';
import { Cost } from '../cost';
import type { Spot } from '../spread';

/** Milliseconds of a frame of a drag that the plan can take. */
const SPARE = 3;

/** Numbers and names that are written within a plan, as they take room there, mm. */
const writtenOn = (groups: readonly MarkGroup[], scale: number): Spot[] =>
  groups.flatMap(({ marks }) =>
    marks.flatMap((mark): Spot[] => {
      if (!WITHIN_ROOM.has(mark.layer)) return [];
      if (mark.type === 'arc') return [{ ...mark.centre, wide: 2 * mark.radius, high: 2 * mark.radius }];
      if (mark.type !== 'text') return [];
      const { left, right, bottom, top } = textBox(mark, scale).bounds;
      return [{ x: (left + right) / 2, y: (bottom + top) / 2, wide: right - left, high: top - bottom }];
    }),
  );
const WITHIN_ROOM: ReadonlySet<string> = new Set(['labels', 'numbers']);

/** What a plan was drawn of, as far as it is kept while items alone move. */
interface Kept {
  committed: Design;
  scale: number;
  options: PlanOptions;
  groups: readonly MarkGroup[];
}

/**
 * The plan as it is drawn. Where that takes more than a frame can spare, a drag leaves away what would be out of date until it rests;
 * and where nothing but items moves, those are drawn by themselves over the rest as it was.
 */
export class DrawnPlan {
  readonly #cost = new Cost(SPARE);
  #kept: Kept | null = null;
  /** The rest of what was kept, beside some items. */
  #rest: { of: Kept; ids: readonly string[]; groups: readonly MarkGroup[] } | null = null;

  constructor(
    private readonly session: DesignSession,
    private readonly screen: ScreenState,
    private readonly scale: () => number,
  ) {}

  readonly #drawn: { still: readonly MarkGroup[]; moving: readonly MarkGroup[] } = $derived.by(() => {
    const { session, screen } = this;
    const [scale, options] = [this.scale(), screen.plan];
    if (session.resting) {
      this.#kept = null;
      this.#cost.forget();
    }
    const whole = session.resting || this.#cost.fits();
    const shown = whole ? options : { ...options, without: [...options.without, ...WHILE_MOVING] };
    const rest = whole ? null : this.#besides(scale, options);
    if (rest)
      return { still: rest, moving: markGroups(drawItemsAlone(session.document, session.moving, shown)) };
    const draw = () =>
      markGroups(drawPlanWith(session.judge?.drawSurfaces ?? null, session.document, scale, shown));
    // At rest there is time; a drag is measured by its own frames.
    const groups = whole && !session.resting ? this.#cost.of(draw) : draw();
    if (!session.resting) this.#kept = { committed: session.committed, scale, options, groups };
    return { still: groups, moving: [] };
  });
  /** What stands still, or all. */
  readonly still = $derived(this.#drawn.still);
  /** What moves, where it is drawn by itself. */
  readonly moving = $derived(this.#drawn.moving);
  /** What is written in it, known while it is panned. */
  readonly written = $derived.by(() => writtenOn(this.still, this.scale()));

  /** What was drawn in this drag without the items that move; null where something else moves too, or nothing that fits was drawn. */
  #besides(scale: number, options: PlanOptions): readonly MarkGroup[] | null {
    const { session } = this;
    const kept = this.#kept;
    if (!kept || kept.scale !== scale || kept.options !== options || kept.committed !== session.committed)
      return null;
    const ids = session.moving;
    if (ids.some((id) => (session.document.records[id] ?? session.committed.records[id])?.kind !== 'item'))
      return null;
    if (this.#rest?.of !== kept || this.#rest.ids !== ids) {
      const all = new Set(ids);
      const groups = kept.groups.filter(({ marks: [mark] }) => {
        return !all.has(mark!.source ?? '') && !WHILE_MOVING.includes(mark!.layer);
      });
      this.#rest = { of: kept, ids, groups };
    }
    return this.#rest.groups;
  }
}
