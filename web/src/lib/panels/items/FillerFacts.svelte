<script lang="ts">
  import { fillerFor, formatLength, freeStretches, findBox, type ItemRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Length from '$ui/Length.svelte';

  /** What is seen of a filler and what is cut, beside the gap between the boxes that it is made to. */
  let { item }: { item: ItemRecord } = $props();
  const { session } = useWorkspace();
  const widths = $derived.by(() => {
    const design = session.settled;
    const box = findBox(design, item.id);
    if (!box?.against) return null;
    const { face, along } = box.against;
    const band = { depth: item.depth, low: box.low, high: box.high, except: new Set([item.id]) };
    const middle = along + item.width / 2;
    const stretch = freeStretches(design, face, band).find(({ from, to }) => middle > from && middle < to);
    // Where it closes nothing there is no gap to reconcile it with.
    if (!stretch || Math.abs(stretch.length - item.width) > 3) return null;
    return fillerFor(design, { ...stretch, depth: item.depth, high: box.high });
  });
  const style = $derived({
    ...session.style,
    step: Math.min(session.style.step, Math.max(0.5, session.style.step / 2)),
  });
</script>

{#if widths}
  <p class="about">
    Seen <Length text={formatLength(widths.visible, style)} />, cut to <Length
      text={formatLength(widths.cut, style)}
    />, between boxes <Length text={formatLength(widths.gap, style)} />.
  </p>
{/if}
