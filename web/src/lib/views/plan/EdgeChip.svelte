<script lang="ts">
  import type { Point } from 'goodreach';
  import type { Snippet } from 'svelte';
  import Length from '$ui/Length.svelte';

  /** A number that stands at an edge of the drawing, and the card it opens in its place. */
  interface Props {
    at: Point;
    text: string;
    label: string;
    /** Set by hand; with something that is not there as yet. */
    own: boolean;
    faint?: boolean;
    opened: boolean;
    onopen: () => void;
    onover?: (over: boolean) => void;
    /** A small drawing before the number. */
    icon?: string;
    children: Snippet;
  }
  let { at, text, label, own, faint = false, opened, onopen, onover, icon, children }: Props = $props();
</script>

<div class="edge" class:own style="left: {at.x}px; top: {at.y}px">
  {#if opened}
    <div class="card">{@render children()}</div>
  {:else}
    <button
      class="chip"
      class:faint
      onpointerenter={() => onover?.(true)}
      onpointerleave={() => onover?.(false)}
      onfocus={() => onover?.(true)}
      onblur={() => onover?.(false)}
      onclick={onopen}
      aria-label={label}
    >
      {#if icon}<svg viewBox="0 0 12 12" aria-hidden="true"><path d={icon} /></svg>{/if}
      <Length {text} />
    </button>
  {/if}
</div>

<style>
  .edge {
    position: absolute;
    transform: translate(-50%, -50%);
  }
  .edge:focus-within {
    z-index: 3;
  }
  .chip {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    gap: 3px;
    min-width: 24px;
    min-height: 24px;
    padding: 0 0.35rem;
    border: 1px solid transparent;
    border-radius: 3px;
    background: color-mix(in srgb, var(--paper) 80%, transparent);
    color: var(--tide);
    cursor: text;
    font-size: 12.5px;
    font-weight: 500;
  }
  .chip:hover,
  .chip:focus-visible {
    border-color: var(--tide);
    background: var(--sheet);
  }
  .faint {
    color: var(--soft);
  }
  svg {
    width: 12px;
    height: 12px;
  }
  path {
    fill: none;
    stroke: currentColor;
    stroke-width: 1.6;
  }
  /* What was set by hand wears a small tick. */
  .own .chip::before {
    content: '';
    display: inline-block;
    width: 5px;
    height: 9px;
    margin-right: 5px;
    border-right: 2px solid var(--clay);
    border-bottom: 2px solid var(--clay);
    transform: rotate(40deg);
  }
  .card {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.3rem;
    width: max-content;
    max-width: 21rem;
    padding: 0.3rem;
    border: 1px solid var(--tide);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
  }
  .card :global(input) {
    width: 5.5rem;
  }
</style>
