<script lang="ts">
  import '@fontsource/pt-sans-narrow/latin-400.css';
  import '@fontsource/pt-sans-narrow/latin-700.css';
  import '@fontsource/pt-serif/latin-400.css';
  import '@fontsource/pt-serif/latin-700.css';
  import ScheduleTable from './ScheduleTable.svelte';
  import SheetView from './SheetView.svelte';
  import type { SheetChoice } from './sheet-choice.svelte';

  /** The stage of the Draw step: the sheets on their desk, or a schedule. */
  let { choice }: { choice: SheetChoice } = $props();
</script>

{#if choice.table}<ScheduleTable {choice} id={choice.table} />{:else}<SheetView {choice} />{/if}
