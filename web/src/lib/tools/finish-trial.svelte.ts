import {
  finishScopes,
  hasPart,
  itemBoxes,
  setFinish,
  usualMaterials,
  type Design,
  type Finish,
  type FinishMaterial,
  type FinishPart,
  type FinishReach,
} from 'goodreach';
import type { Workspace } from './context';

/** What a swatch is carried over: the part it would be given to there, of these; null where it would be given to nothing. */
interface Over {
  part: FinishPart;
  chosen: readonly string[];
}

/** Parts a swatch is given to where what it is carried over has not the one that is chosen, in their order. */
const otherParts: readonly FinishPart[] = ['front', 'end', 'top', 'plinth', 'box'];

/** What a finish is given to where it is let go over a thing of the room: the part that is chosen, or the first it has that is made of such. */
export function partUnder(
  design: Design,
  source: string | null,
  finish: Finish,
  part: FinishPart,
): Over | null {
  const suits = (one: FinishPart) => (usualMaterials[one] as readonly FinishMaterial[]).includes(finish.of);
  if (part === 'ceiling') return { part, chosen: [] };
  const record = source === null ? undefined : design.records[source];
  if (!record) return part === 'floor' || suits('floor') ? { part: 'floor', chosen: [] } : null;
  if (record.kind === 'face')
    return part === 'wall' || suits('wall') ? { part: 'wall', chosen: [record.id] } : null;
  const box = itemBoxes(design).find(({ id }) => id === record.id);
  if (!box) return null;
  if (hasPart(design, box, part)) return { part, chosen: [record.id] };
  const other = otherParts.find((one) => hasPart(design, box, one) && suits(one));
  return other ? { part: other, chosen: [record.id] } : null;
}

/** A finish that is tried: shown in the room as far as is asked, carried over it with the pointer, and taken or left. */
export class FinishTrial {
  /** How far is asked for; where there is no such reach, the narrowest there is. */
  asked: FinishReach = $state('one');
  /** Where the swatch is that is carried, in pixels of the window. */
  carried: { finish: Finish; x: number; y: number } | null = $state.raw(null);
  #over: Over | null = $state.raw(null);
  #source: string | null | undefined = undefined;
  #trying: Finish | null = null;

  constructor(private readonly workspace: Pick<Workspace, 'session' | 'screen' | 'views'>) {}

  readonly part: FinishPart = $derived.by(() => this.#over?.part ?? this.workspace.screen.finishPart);
  readonly chosen: readonly string[] = $derived.by(() => {
    const { selected, also } = this.workspace.screen;
    return this.#over ? this.#over.chosen : [selected, ...also].filter((id) => id !== null);
  });
  readonly scopes = $derived.by(() => finishScopes(this.workspace.session.committed, this.part, this.chosen));
  readonly scope = $derived.by(
    () => this.scopes.find(({ reach }) => reach === this.asked) ?? this.scopes[0]!,
  );

  /** Whether what is carried is over something it would be given to. */
  get over(): boolean {
    return this.#over !== null;
  }

  #changeTo(finish: Finish | null) {
    return {
      ...{ part: this.part, finish: finish?.name ?? null, to: this.scope.to },
      ...(finish?.own && { own: finish.own }),
    };
  }

  show(finish: Finish): void {
    const { session, screen } = this.workspace;
    this.#trying = finish;
    screen.covered = this.scope.covers;
    session.tryOn(setFinish, this.#changeTo(finish));
  }

  hide(): void {
    if (!this.#trying) return;
    this.#trying = null;
    this.workspace.screen.covered = [];
    this.workspace.session.dropPreview();
  }

  /** Gives it, or (null) lets the part go back to what is said elsewhere. */
  take(finish: Finish | null): void {
    this.hide();
    this.workspace.session.run(setFinish, this.#changeTo(finish));
  }

  /** The same press, widened or narrowed by a key; whether it was one. */
  widen(key: string, finish: Finish): boolean {
    const by = key === 'ArrowUp' ? 1 : key === 'ArrowDown' ? -1 : 0;
    if (by === 0) return false;
    const { scopes } = this;
    const at = scopes.indexOf(this.scope) + by;
    this.asked = scopes[Math.min(scopes.length - 1, Math.max(0, at))]!.reach;
    if (!this.carried || this.#over) this.show(finish);
    return true;
  }

  /** Carries a swatch to a place of the window: over a drawing it is shown on what lies there. */
  carry(finish: Finish, x: number, y: number): void {
    const { session, screen, views } = this.workspace;
    this.carried = { finish, x, y };
    const under = views.sourceUnder(x, y);
    if (under && under.source === this.#source) return;
    this.#source = under ? under.source : undefined;
    this.#over = under && partUnder(session.committed, under.source, finish, screen.finishPart);
    if (this.#over) this.show(finish);
    else this.hide();
  }

  /** Lets a swatch go that was carried: it is given to what it is over. */
  drop(): void {
    const { carried } = this;
    if (carried && this.#over) this.take(carried.finish);
    this.leave();
  }

  /** Puts it back. */
  leave(): void {
    this.hide();
    [this.carried, this.#over, this.#source] = [null, null, undefined];
  }
}
