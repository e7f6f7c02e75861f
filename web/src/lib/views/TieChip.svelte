<script lang="ts">
  import { formatLength } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Length from '$ui/Length.svelte';
  import LengthField from '$ui/LengthField.svelte';

  /** A live distance on a drawing, at a pixel of it: click and type. */
  interface Props {
    /** The side it is on, as it is read out. */
    side: string;
    distance: number;
    x: number;
    y: number;
    /** While something is dragged it is only shown. */
    dragging: boolean;
    onset: (mm: number) => string;
  }
  let { side, distance, x, y, dragging, onset }: Props = $props();
  const { session, screen } = useWorkspace();
  let typing = $state(false);

  $effect(() => {
    void screen.selected;
    typing = false;
  });
</script>

<div class="tie" style="left: {x}px; top: {y}px">
  {#if typing && !dragging}
    <div class="chip-card">
      <LengthField
        label="Distance {side}"
        hideLabel
        focused
        value={distance}
        style={session.style}
        least={-30_000}
        {onset}
        onleave={() => (typing = false)}
      />
    </div>
  {:else}
    <button
      class="chip"
      onclick={() => (typing = true)}
      aria-label="Distance {side} {formatLength(distance, session.style)}, type to change"
    >
      <Length text={formatLength(distance, session.style)} />
    </button>
  {/if}
</div>

<style>
  .tie {
    position: absolute;
    /* What belongs to the chosen item lies over the chips of what is open. */
    z-index: 1;
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
