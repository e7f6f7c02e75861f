<script lang="ts">
  import { costOf } from 'goodreach';
  import { onDestroy, untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import ScheduleTable from '$views/sheet/ScheduleTable.svelte';
  import CabinetApart from './CabinetApart.svelte';
  import SheetOnSaw from './SheetOnSaw.svelte';
  import TopOnBench from './TopOnBench.svelte';
  import { buildChoice, type BuiltRoom } from './build-choice.svelte';

  /** The stage of the Build step: a cabinet taken apart, a list, a sheet on the saw, or what it all costs. */
  let { room }: { room: BuiltRoom } = $props();
  const choice = untrack(() => buildChoice(room));
  const { session, changeCost } = useWorkspace();
  const begun = untrack(() => choice.begin());
  let known = $state(false);
  void begun.then(() => (known = true));
  $effect(() => {
    if (!known) return;
    const [design, book] = [session.settled, choice.books.prices?.book];
    return changeCost.reckon(design, book, () => costOf(design, book).cents);
  });
  onDestroy(() => changeCost.rest());
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
