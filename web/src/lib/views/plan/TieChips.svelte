<script lang="ts">
  import {
    formatLength,
    itemBoxes,
    place,
    setTie,
    tiesInPlan,
    type Point,
    type Tie,
    type PlanSide,
  } from 'goodreach';
  import { useWorkspace } from '$session/context';
  import Length from '$ui/Length.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import { toScreen, type Camera } from './camera';

  let { camera, dragging }: { camera: Camera; dragging: boolean } = $props();
  const { session, screen } = useWorkspace();

  const names: Record<PlanSide, string> = { left: 'left', right: 'right', behind: 'behind', front: 'front' };
  let typing: PlanSide | null = $state(null);

  /** Not of what a proposal would set: it is only shown. */
  const moving = $derived.by(() => {
    if (dragging) return screen.proposing ? null : (session.movingItem?.id ?? null);
    return screen.also.length > 0 ? null : screen.selected;
  });
  const box = $derived(itemBoxes(session.document).find(({ id }) => id === moving));
  const ties = $derived(
    box
      ? tiesInPlan(session.document, box).filter(({ side, distance }) => side !== 'behind' || distance > 0.5)
      : [],
  );

  $effect(() => {
    void screen.selected;
    typing = null;
  });

  /** Both ends of a tie on screen; sideways ties stand towards the front, clear of the chips of open lengths by the wall. */
  function ends({ side, from, at }: Tie<PlanSide>): [Point, Point] {
    const out = box && (side === 'left' || side === 'right') ? box.record.depth * 0.28 : 0;
    const shift = (point: Point) => toScreen(camera, box ? place(point, box.n, out, box.n, 0) : point);
    return [shift(from), shift(at)];
  }

  function style(tie: Tie<PlanSide>): string {
    const [a, b] = ends(tie);
    return `left: ${(a.x + b.x) / 2}px; top: ${(a.y + b.y) / 2}px`;
  }

  function set(side: PlanSide, distance: number): string {
    if (!box) return '';
    return session.run(setTie, { id: box.id, side, distance }) ? '' : session.message;
  }
</script>

{#if box}
  <svg class="lines" aria-hidden="true">
    {#each ties as tie (tie.side)}
      {@const [a, b] = ends(tie)}
      <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} />
      <circle cx={b.x} cy={b.y} r="2.5" />
    {/each}
  </svg>
  {#each ties as tie (tie.side)}
    <div class="tie" style={style(tie)}>
      {#if typing === tie.side && !dragging}
        <div class="chip-card">
          <LengthField
            label="Distance {names[tie.side]}"
            hideLabel
            focused
            value={tie.distance}
            style={session.style}
            least={-30_000}
            onset={(mm) => set(tie.side, mm)}
            onleave={() => (typing = null)}
          />
        </div>
      {:else}
        <button
          class="chip"
          onclick={() => (typing = tie.side)}
          aria-label="Distance {names[tie.side]} {formatLength(tie.distance, session.style)}, type to change"
        >
          <Length text={formatLength(tie.distance, session.style)} />
        </button>
      {/if}
    </div>
  {/each}
{/if}

<style>
  .lines {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
  }
  line {
    stroke: var(--tide);
    stroke-width: 1.2;
  }
  circle {
    fill: var(--tide);
  }
  .tie {
    position: absolute;
    transform: translate(-50%, -50%);
  }
  .tie:focus-within {
    z-index: 2;
  }
  .chip {
    min-width: 24px;
    min-height: 24px;
    padding: 0 0.4rem;
    border: 1px solid var(--tide);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--tide);
    cursor: text;
    font-size: 13px;
    font-weight: 500;
  }
  .chip:hover {
    background: var(--tide);
    color: var(--sheet);
  }
  .chip-card {
    width: max-content;
    max-width: 20rem;
    padding: 0.3rem;
    border: 1px solid var(--tide);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
  }
</style>
