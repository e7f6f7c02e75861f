<script lang="ts">
  import {
    measuredWays,
    nounOf,
    say,
    sayFirst,
    setMeasured,
    formatLength,
    figureRow,
    freezeRow,
    roundLengths,
    rowWay,
    setRowWay,
    type MeasuredWay,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import type { ShownFigure } from './sheets.worker';
  import Length from '$ui/Length.svelte';
  import LengthField from '$ui/LengthField.svelte';

  /** What a number on paper measures: typed, it is that long, and what follows is chosen; and what can be said of the row it stands in. */
  interface Props {
    figure: ShownFigure;
    /** Whether it is drawn of the room as it is now. */
    isCurrent: boolean;
    onclose: () => void;
  }
  let { figure, isCurrent, onclose }: Props = $props();
  const { session, screen } = useWorkspace();
  /** How much farther out a row is moved at a time, mm of paper. */
  const STEP = 6;
  /** And a number by itself. */
  const SMALL_STEP = 3;
  const { of, paper, own, frame } = $derived(figure);
  const design = $derived(session.committed);
  const ways = $derived(measuredWays(design, of));
  /** Unless another is chosen, what lies beyond goes along: no gap opens within a run, and nothing is run into. */
  let chosen: number | null = $state(null);
  const usual = $derived(
    Math.max(
      0,
      ways.findIndex(({ along }) => along),
    ),
  );
  const way = $derived(ways[chosen ?? usual]);

  /** What its ends are called as they lie on paper. */
  const ends = $derived.by(() => {
    const across = Math.abs(paper.x) >= Math.abs(paper.y);
    const [first, last] = across
      ? ['left', 'right']
      : of.way === 'up'
        ? ['bottom', 'top']
        : ['lower', 'upper'];
    return (across ? paper.x : paper.y) >= 0 ? { from: first, to: last } : { from: last, to: first };
  });

  /** The things, the first by its name. */
  function named(ids: readonly string[]): string {
    const [first, ...others] = ids.map((of) => nounOf(design, { of }));
    if (others.length === 0) return sayFirst(first!);
    if (others.length === 1) return `${sayFirst(first!)} and ${say(others[0]!)}`;
    return `${sayFirst(first!)} and ${others.length} others`;
  }

  function told({ stays, along, sized, moved }: MeasuredWay): string {
    const beyond = ways.find((one) => one.stays === stays && !one.along)!.moved;
    const others = moved.filter((id) => !beyond.includes(id)).length;
    const [what, verb] =
      sized.length > 0
        ? [
            sized,
            `: ${of.from.some((id) => of.to.includes(id)) ? `the ${ends[stays]} end stays` : 'made higher or lower'}`,
          ]
        : [beyond, beyond.length === 1 ? ' moves' : ' move'];
    return `${named(what)}${verb}${along ? `, ${others === 1 ? 'one thing' : `${others} things`} beyond go${others === 1 ? 'es' : ''} along` : ''}`;
  }

  function set(length: number): string {
    if (!way) return '';
    if (!isCurrent) return 'The room has changed meanwhile: type it once the sheets are drawn anew.';
    const { stays, along } = way;
    return session.run(setMeasured, { of, length, stays, along }) ? '' : session.message;
  }

  const rounds = $derived(roundLengths(of.length, session.style.unit));
  let problem = $state('');

  /** The drawing it stands on, as far as anything can be put there. */
  const view = $derived(frame?.view ?? null);

  /** Whether what is said is said of this number alone, and what that or its row goes by. */
  let alone = $state(false);
  const key = $derived(alone && of.figure !== undefined ? figureRow(of.row, of.figure) : of.row);
  /** What can be said of the row it stands in, or of itself, where that is drawn by itself. */
  function row(change: { hidden?: boolean; off?: number; over?: number }) {
    if (!view) return;
    const at = { id: `row-way-${nanoid(8)}`, view, row: key };
    if (session.run(setRowWay, { ...at, ...change })) onclose();
  }
  const said = $derived(view ? rowWay(design, view, key) : undefined);
  const [off, over] = $derived([said?.off ?? 0, said?.over ?? 0]);
  const step = $derived(alone ? SMALL_STEP : STEP);
  function keep() {
    if (!frame || !view) return;
    const ids = [`dimension-${nanoid(8)}`, `row-way-${nanoid(8)}`] as const;
    const figure = alone && of.figure !== undefined ? { figure: of.figure } : {};
    const at = { ids, view, row: of.row, ...figure, scale: frame.ratio * frame.letters };
    if (!session.run(freezeRow, at)) return;
    screen.select(ids[0]);
    onclose();
  }
  // What a number measures is chosen with it, as far as it can be changed.
  $effect(() => {
    if (own) return void untrack(() => screen.select(own));
    const items = (way ? [...way.sized, ...way.moved] : []).filter((id) => design.records[id]);
    if (items.length > 0) untrack(() => screen.choose(items));
  });
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && onclose()} />
<div class="chip-card" role="group" aria-label="Type the dimension">
  {#if ways.length === 0}
    <p>What lies at its ends is not moved from here.</p>
  {:else}
    <LengthField
      label="Length"
      hideLabel
      focused
      value={of.length}
      style={session.style}
      onset={set}
      onleave={onclose}
    />
    {#if rounds.length > 0}
      <div class="rounds" role="group" aria-label="Make it round">
        <span>Make it round</span>
        {#each rounds as length (length)}
          <Button look="quiet" onclick={() => (problem = set(length)) === '' && onclose()}
            ><Length text={formatLength(length, session.style)} /></Button
          >
        {/each}
      </div>
      {#if problem}<p role="alert">{problem}</p>{/if}
    {/if}
    <fieldset>
      <legend>What follows</legend>
      {#each ways as one, index (index)}
        <label
          ><input
            type="radio"
            name="way"
            checked={index === (chosen ?? usual)}
            onchange={() => (chosen = index)}
          />
          {told(one)}</label
        >
      {/each}
    </fieldset>
  {/if}
  {#if frame && !own}
    <div class="row" role="group" aria-label="The row it stands in">
      <label><input type="checkbox" bind:checked={alone} /> This number alone, not its row</label>
      <Button look="quiet" onclick={() => row({ off: off + step })}>Farther out</Button>
      <Button look="quiet" onclick={() => row({ off: off - step })}>Nearer</Button>
      {#if alone}
        {#each [['from', -step], ['to', step]] as const as [end, by] (end)}
          <Button look="quiet" onclick={() => row({ over: over + by })}>To the {ends[end]} end</Button>
        {/each}
      {/if}
      <Button look="quiet" onclick={() => row({ hidden: true })}
        >{alone ? 'Leave it away' : 'Leave the row away'}</Button
      >
      <Button look="quiet" onclick={keep}>Keep it as it is</Button>
    </div>
  {/if}
</div>

<style>
  .chip-card {
    display: grid;
    gap: 0.4rem;
    width: 17rem;
    padding: 0.6rem;
    border: 1px solid var(--tide);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.1rem 0.4rem;
    padding-top: 0.3rem;
    border-top: 1px solid var(--rule);
  }
  .rounds {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 0.3rem;
    color: var(--soft);
    font-size: 12.5px;
  }
  .rounds :global(button),
  .row :global(button) {
    min-height: max(26px, var(--touch));
    padding: 0 0.35rem;
    font-size: 12.5px;
  }
  fieldset {
    display: grid;
    gap: 0.1rem;
    margin: 0;
    padding: 0;
    border: 0;
  }
  legend {
    padding: 0;
    color: var(--soft);
    font-size: 12px;
  }
  label {
    display: flex;
    align-items: baseline;
    gap: 0.4rem;
    min-height: max(24px, var(--touch));
    font-size: 13px;
  }
  .row label {
    width: 100%;
  }
  p {
    color: var(--soft);
    font-size: 12.5px;
  }
</style>
