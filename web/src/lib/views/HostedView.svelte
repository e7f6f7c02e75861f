<script lang="ts">
  import { flushSync, onMount, type Snippet } from 'svelte';
  import type { HTMLAttributes } from 'svelte/elements';
  import type { ViewHost } from '$lib/tools/view-host.svelte';
  import ItemMenu from './ItemMenu.svelte';

  /** A drawing on the stage: takes the pointer and the keys for its host, and shows the menu of what is chosen. */
  interface Props extends Omit<HTMLAttributes<HTMLDivElement>, 'children'> {
    host: ViewHost;
    label: string;
    element?: HTMLElement;
    width?: number;
    height?: number;
    children: Snippet;
  }
  let {
    host,
    label,
    element = $bindable(),
    width = $bindable(0),
    height = $bindable(0),
    children,
    class: name,
    ...rest
  }: Props = $props();
  let view: HTMLDivElement;

  onMount(() => {
    element = view;
    return host.attach(view);
  });

  /**
   * What follows from a move is done at once: what waits for a microtask is kept by the browser, with all that was made of it, until it next collects everything, and each small
   * collection would carry it on, in the middle of a drag.
   */
  function move(event: PointerEvent) {
    flushSync(() => host.move(event));
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex (a drawing that takes keys: its things are also reached through the panels) -->
<div
  {...rest}
  class={['hosted', name, { panning: host.panning }]}
  role="application"
  aria-label={label}
  tabindex="0"
  bind:this={view}
  bind:clientWidth={width}
  bind:clientHeight={height}
  onpointerdown={(event) => host.press(event)}
  onpointerenter={() => host.takeCorner()}
  onpointermove={move}
  onpointerup={(event) => host.release(event)}
  onpointercancel={(event) => host.cancel(event)}
  onpointerleave={() => host.leave()}
  onclick={() => host.click()}
  oncontextmenu={(event) => host.openMenu(event)}
  onkeydown={(event) => host.key(event)}
  onkeyup={(event) => host.keyUp(event)}
  onblur={() => (host.panning = false)}
>
  {@render children()}
  {#if host.menu}<ItemMenu at={host.menu} onclose={() => host.closeMenu()} />{/if}
</div>

<style>
  .hosted {
    position: relative;
    width: 100%;
    height: 100%;
    overflow: hidden;
    background: var(--paper);
    touch-action: none;
    user-select: none;
    outline-offset: -3px;
  }
  .panning {
    cursor: grab;
  }
  .hosted > :global(svg.drawing) {
    position: absolute;
    inset: 0;
  }
  .hosted > :global(.drawing :is([data-layer='items'], [data-layer='numbers'])[data-source]) {
    cursor: grab;
  }
  .hosted > :global(.drawing :is([data-layer='openings'], [data-layer='labels'])[data-source]) {
    cursor: pointer;
  }
</style>
