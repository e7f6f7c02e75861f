<script lang="ts">
  import type { Snippet } from 'svelte';
  import { onMount } from 'svelte';

  /** The plan above and the unfolded room below it, with a bar between them that can be moved; either can have the whole stage, or the room in three dimensions. */
  interface Props {
    plan: Snippet;
    unfold: Snippet;
    room: Snippet<['model' | 'stand']>;
    tools?: Snippet;
    /** Leaves the strip away where both are shown. */
    alone: boolean;
  }
  let { plan, unfold, room, tools, alone }: Props = $props();

  const shows = [
    { id: 'plan', name: 'Plan' },
    { id: 'both', name: 'Both' },
    { id: 'unfold', name: 'Unfold' },
    { id: 'model', name: 'Model' },
    { id: 'stand', name: 'Stand' },
  ] as const;
  type Shows = (typeof shows)[number]['id'];

  /** The bar's own height; what either view keeps at the least, pixels. */
  let bar = $state(27);
  const LEAST = 110;
  const STEP = 20;

  let high = $state(0);
  let chosen = $state<Shows>('both');
  const show = $derived(alone && chosen === 'both' ? 'plan' : chosen);
  /** Share of the stage that the strip has. */
  let share = $state(0.32);
  let from: { y: number; share: number } | null = null;

  const least = $derived(high > 0 ? Math.min(0.45, LEAST / high) : 0.2);
  const held = (wanted: number) => Math.max(least, Math.min(1 - least, wanted));
  const strip = $derived(
    show === 'both' ? Math.round(held(share) * (high - bar)) : show === 'unfold' ? high - bar : 0,
  );

  onMount(() => {
    const kept = localStorage.getItem('goodreach-stage')?.split(' ') ?? [];
    chosen = shows.find(({ id }) => id === kept[0])?.id ?? 'both';
    if (Number(kept[1]) > 0) share = Number(kept[1]);
    if (matchMedia('(pointer: coarse)').matches) bar = 46;
  });

  function keep() {
    localStorage.setItem('goodreach-stage', `${chosen} ${share.toFixed(3)}`);
  }

  function choose(next: Shows) {
    chosen = next;
    keep();
  }

  function press(event: PointerEvent) {
    if (event.button !== 0 || show !== 'both') return;
    from = { y: event.clientY, share: held(share) };
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
  }

  function drag(event: PointerEvent) {
    if (from) share = held(from.share + (from.y - event.clientY) / high);
  }

  function keys(event: KeyboardEvent) {
    const by = event.key === 'ArrowUp' ? STEP : event.key === 'ArrowDown' ? -STEP : 0;
    if (by === 0 || show !== 'both') return;
    share = held(share + by / high);
    keep();
    event.preventDefault();
  }
</script>

<div class="split" bind:clientHeight={high} style="grid-template-rows: minmax(0, 1fr) {bar}px {strip}px">
  <div class="view">
    <div class="under" class:away={show !== 'plan' && show !== 'both'}>{@render plan()}</div>
    {#if show === 'model' || show === 'stand'}<div class="over">{@render room(show)}</div>{/if}
  </div>
  <div class="bar">
    {#if tools && (show === 'both' || show === 'unfold')}<div class="tools">{@render tools()}</div>{/if}
    <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions (a window splitter: it is moved and takes arrow keys) -->
    <div
      class="grip"
      class:fixed={show !== 'both'}
      role="separator"
      aria-orientation="horizontal"
      aria-label="Height of the unfold strip"
      aria-valuenow={Math.round(held(share) * 100)}
      aria-valuemin={Math.round(least * 100)}
      aria-valuemax={Math.round((1 - least) * 100)}
      tabindex={show === 'both' ? 0 : -1}
      onpointerdown={press}
      onpointermove={drag}
      onpointerup={() => {
        from = null;
        keep();
      }}
      onpointercancel={() => (from = null)}
      onkeydown={keys}
    >
      <span aria-hidden="true"></span>
    </div>
    <div class="shows" role="group" aria-label="What the stage shows">
      {#each shows as { id, name } (id)}
        <button aria-pressed={chosen === id} onclick={() => choose(id)}>{name}</button>
      {/each}
    </div>
  </div>
  <div class="view">
    {#if show === 'both' || show === 'unfold'}{@render unfold()}{/if}
  </div>
</div>

<style>
  .split {
    display: grid;
    height: 100%;
    min-height: 0;
  }
  .view {
    min-height: 0;
    overflow: hidden;
  }
  .view {
    position: relative;
  }
  .under,
  .over {
    height: 100%;
  }
  .over {
    position: absolute;
    inset: 0;
  }
  .away {
    visibility: hidden;
  }
  .bar {
    display: flex;
    align-items: stretch;
    border-block: 1px solid var(--rule);
    background: var(--chrome);
  }
  .grip {
    display: flex;
    flex: 1;
    align-items: center;
    justify-content: center;
    cursor: ns-resize;
    touch-action: none;
    outline-offset: -3px;
  }
  .grip.fixed {
    cursor: default;
  }
  .grip span {
    width: 2.4rem;
    height: 3px;
    border-radius: 2px;
    background: var(--rule);
  }
  .grip.fixed span {
    visibility: hidden;
  }
  .shows,
  .tools {
    display: flex;
  }
  .bar :global(button) {
    min-width: 3.2rem;
    min-height: max(24px, var(--touch));
    padding: 0 0.6rem;
    border: 0;
    border-left: 1px solid var(--rule);
    background: none;
    color: var(--soft);
    cursor: pointer;
    font-size: 13px;
  }
  .tools :global(button) {
    border-right: 1px solid var(--rule);
    border-left: 0;
  }
  button[aria-pressed='true'] {
    color: var(--text);
    font-weight: 500;
    text-decoration: underline;
    text-decoration-color: var(--clay);
    text-decoration-thickness: 2px;
    text-underline-offset: 5px;
  }
  @media (max-width: 600px) {
    .tools {
      display: none;
    }
  }
</style>
