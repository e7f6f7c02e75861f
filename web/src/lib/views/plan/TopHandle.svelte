<script lang="ts">
  import type { Point } from 'goodreach';
  import type { Snippet } from 'svelte';

  /** A handle of a top at a pixel of the drawing, and the card it opens. */
  interface Props {
    at: Point;
    label: string;
    shape: 'round' | 'diamond';
    /** Set by hand; with something wrong about it. */
    own: boolean;
    wrong?: boolean;
    opened: boolean;
    ontoggle: () => void;
    children: Snippet;
  }
  let { at, label, shape, own, wrong = false, opened, ontoggle, children }: Props = $props();
</script>

<div class="handle" class:opened style="left: {at.x}px; top: {at.y}px">
  <button class={shape} class:own class:wrong aria-expanded={opened} aria-label={label} onclick={ontoggle}
  ></button>
  {#if opened}<div class="card">{@render children()}</div>{/if}
</div>

<style>
  .handle {
    position: absolute;
    transform: translate(-50%, -50%);
  }
  .opened {
    z-index: 3;
  }
  button {
    display: grid;
    width: 24px;
    height: 24px;
    padding: 0;
    place-items: center;
    border: 0;
    background: none;
    cursor: pointer;
  }
  button::before {
    content: '';
    width: 8px;
    height: 8px;
    border: 1.5px solid var(--tide);
    background: var(--sheet);
  }
  .round::before {
    border-radius: 50%;
  }
  .diamond::before {
    transform: rotate(45deg);
  }
  button:hover::before,
  .opened > button::before {
    background: var(--tide);
  }
  .own::before {
    border-color: var(--clay);
    background: var(--clay);
  }
  .wrong::before {
    border-color: var(--tight);
  }
  .card {
    position: absolute;
    top: 20px;
    left: 50%;
    display: flex;
    align-items: center;
    gap: 0.4rem;
    width: max-content;
    max-width: 20rem;
    padding: 0.35rem;
    border: 1px solid var(--tide);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
    transform: translateX(-50%);
  }
  .card :global(input) {
    width: 5rem;
  }
</style>
