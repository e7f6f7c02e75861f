<script lang="ts">
  import { findBox, formatLength, widthsOfFiller, type ItemRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Length from '$ui/Length.svelte';

  /** What is seen of a filler and what is cut, beside the gap between the boxes that it is made to. */
  let { item }: { item: ItemRecord } = $props();
  const { session } = useWorkspace();
  const widths = $derived.by(() => {
    const box = findBox(session.settled, item.id);
    // Where it closes nothing there is no gap to reconcile it with.
    return box ? widthsOfFiller(session.settled, box) : null;
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
