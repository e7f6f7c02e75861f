<script lang="ts">
  import { setTopCorner, type CornerShape, type TopCorner, type TopCornerPlace } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';

  /** The three ways a corner of a top can be made, as small drawings, and its size. */
  let { corner, shape, onclose }: { corner: TopCornerPlace; shape: TopCorner | null; onclose: () => void } =
    $props();
  const { session } = useWorkspace();

  const ways = [
    { id: 'square', name: 'Square', d: 'M4 20V4H20' },
    { id: 'round', name: 'Round', d: 'M4 20V14A10 10 0 0 1 14 4H20' },
    { id: 'cut', name: 'Cut', d: 'M4 20V13L13 4H20' },
  ] as const;
  const now = $derived(shape === null ? 'square' : shape.radius === undefined ? 'cut' : 'round');
  const size = $derived(shape?.radius ?? shape?.chamfer ?? 60);

  const shapeOf = (way: (typeof ways)[number]['id'], mm: number): CornerShape | null =>
    way === 'square' ? null : way === 'round' ? { radius: mm } : { chamfer: mm };

  function make(way: (typeof ways)[number]['id'], mm: number): string {
    return session.run(setTopCorner, { at: corner.at, shape: shapeOf(way, mm) }) ? '' : session.message;
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && onclose()} />
<div class="card" role="group" aria-label="Corner">
  <div class="ways">
    {#each ways as { id, name, d } (id)}
      <button aria-pressed={now === id} title={name} onclick={() => make(id, size)}>
        <svg viewBox="0 0 24 24" aria-hidden="true"><path {d} /></svg>
        <span class="visually-hidden">{name}</span>
      </button>
    {/each}
  </div>
  {#if now !== 'square'}
    <LengthField
      hideLabel
      label={now === 'round' ? 'Radius' : 'Cut along both'}
      value={size}
      style={session.style}
      least={1}
      most={2000}
      onset={(mm) => make(now, mm)}
    />
  {/if}
</div>

<style>
  .card {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    padding: 0.2rem;
  }
  .card :global(input) {
    width: 5rem;
  }
  .ways {
    display: flex;
    gap: 0.3rem;
  }
  button {
    width: 34px;
    height: 34px;
    padding: 4px;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
  }
  button:hover {
    border-color: var(--tide);
  }
  button[aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: inset 0 -2px var(--clay);
  }
  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
</style>
