<script lang="ts">
  import {
    MOST_TOP_CORNER,
    setTopCorner,
    type CornerShape,
    type TopCorner,
    type TopCornerPlace,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';
  import Ways from '$ui/Ways.svelte';

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
<Ways {ways} {now} onchoose={(way) => make(way, size)} />
{#if now !== 'square'}
  <LengthField
    hideLabel
    label={now === 'round' ? 'Radius' : 'Cut along both'}
    value={size}
    style={session.style}
    least={1}
    most={MOST_TOP_CORNER}
    onset={(mm) => make(now, mm)}
  />
{/if}
