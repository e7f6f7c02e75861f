<script lang="ts">
  import { tick } from 'svelte';
  import { frontOfItem, insideDrawing, rowsNow, shopLength, type MadeItem } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Drawing from './Drawing.svelte';
  import type { BuildChoice } from './build-choice.svelte';

  /** A cabinet's front with what is behind it, and cut through: a row is taken by a press, or with the arrow keys. */
  let { item, choice }: { item: MadeItem; choice: BuildChoice } = $props();
  const { session } = useWorkspace();
  const length = $derived(shopLength(session.style));
  const fronts = $derived(frontOfItem(session.settled, item.record.id));
  const rows = $derived(rowsNow(session.settled, item.record.id));
  const chosen = $derived(rows ? Math.min(choice.row, rows.length - 1) : null);

  /** A row is in hand; its height is typed at once. */
  async function type(row: number) {
    choice.row = row;
    await tick();
    document.querySelector<HTMLInputElement>('input[name=row-high]')?.focus();
  }
  function keys(event: KeyboardEvent) {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (event.key === 'Enter' && chosen !== null) void type(chosen);
    if (by === 0 || !rows || chosen === null) return;
    event.preventDefault();
    choice.row = Math.max(0, Math.min(rows.length - 1, chosen + by));
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions (arrow keys walk its rows) -->
<div
  class="inside"
  role="group"
  aria-label="Front and inside of {item.record.code}"
  tabindex="0"
  onkeydown={keys}
>
  <Drawing
    label="{item.record.code}: its front with what is behind it, and cut through"
    draw={(scale) => insideDrawing(item, fronts, { scale, say: length, chosen })}
    onchoose={(source) => {
      const row = Number(source.replace('row-', ''));
      if (Number.isInteger(row)) void type(row);
    }}
  />
</div>

<style>
  .inside {
    display: grid;
    min-height: 0;
    outline-offset: -3px;
  }
</style>
