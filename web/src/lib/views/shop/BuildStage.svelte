<script lang="ts">
  import { untrack } from 'svelte';
  import ScheduleTable from '$views/sheet/ScheduleTable.svelte';
  import CabinetApart from './CabinetApart.svelte';
  import SheetOnSaw from './SheetOnSaw.svelte';
  import TopOnBench from './TopOnBench.svelte';
  import type { BuildChoice } from './build-choice.svelte';

  /** The stage of the Build step: a cabinet taken apart, a list, a sheet on the saw, or what it all costs. */
  let { choice }: { choice: BuildChoice } = $props();
  void untrack(() => choice.begin());
</script>

{#if choice.leaf === 'lists'}<ScheduleTable
    {choice}
    id={choice.table ?? 'cut'}
    prices={choice.books.prices?.book}
  />{:else if choice.leaf === 'cost'}<ScheduleTable
    choice={choice.cost}
    id="cost"
    prices={choice.books.prices?.book}
  />{:else if choice.leaf === 'sheets'}<SheetOnSaw {choice} />{:else if choice.leaf === 'tops'}<TopOnBench
    {choice}
  />{:else}<CabinetApart {choice} />{/if}
