<script lang="ts">
  import {
    columnMeasures,
    listColumns,
    listName,
    scheduleColumns,
    type Arrangement,
    type ListId,
    type ScheduleColumnId,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import More from '$ui/More.svelte';

  /** What the room holds, or the shop makes of it, as lists: on screen as they are wanted, and as files. */
  interface Props {
    choice: { table: ListId | null; how: Arrangement };
    saved: boolean;
    title: string;
    ids: readonly ListId[];
    /** What the workbook with all of them is asked for by. */
    book: 'all' | 'shop';
    /** What closes the list on screen again; none where that is all there is to see. */
    back?: string;
  }
  let { choice, saved, title, ids, book, back }: Props = $props();
  const { roomId } = useWorkspace();
  let picked: ListId | null = $state(null);
  const id = $derived(picked ?? choice.table ?? ids[0]!);
  const all = $derived(listColumns(id));
  const shown = $derived(choice.how.columns ?? all.filter((column) => column !== 'price'));

  function pick(of: ListId) {
    picked = of;
    choice.how = {};
    if (choice.table) choice.table = of;
  }
  function toggle(column: ScheduleColumnId, on: boolean) {
    const columns = all.filter((one) => (one === column ? on : shown.includes(one)));
    if (columns.length > 0) choice.how = { ...choice.how, columns };
  }
  function part(by: string) {
    const { group: _, ...how } = choice.how;
    choice.how = by ? { ...how, group: by as ScheduleColumnId } : how;
  }
  const query = $derived(
    [
      `of=${id}`,
      ...(choice.how.columns ? [`columns=${choice.how.columns.join(',')}`] : []),
      ...(choice.how.sort ? [`sort=${choice.how.sort.down ? '-' : ''}${choice.how.sort.by}`] : []),
    ].join('&'),
  );
</script>

<h2>{title}</h2>
<label class="row">
  {back ? 'Schedule' : 'List'}
  <select value={id} onchange={(event) => pick(event.currentTarget.value as ListId)}>
    {#each ids as one (one)}<option value={one}>{listName(one)}</option>{/each}
  </select>
</label>
{#if back}<Button onclick={() => (choice.table = choice.table ? null : id)}
    >{choice.table ? back : 'Show on screen'}</Button
  >{/if}
{#if choice.table}
  <label class="row">
    Parted by
    <select value={choice.how.group ?? ''} onchange={(event) => part(event.currentTarget.value)}>
      <option value="">nothing</option>
      {#each all.filter((column) => !columnMeasures[column]) as column (column)}<option value={column}
          >{scheduleColumns[column]}</option
        >{/each}
    </select>
  </label>
  <More title="Columns">
    {#each all as column (column)}
      <label class="column"
        ><input
          type="checkbox"
          checked={shown.includes(column)}
          onchange={(event) => toggle(column, event.currentTarget.checked)}
        />
        {scheduleColumns[column]}</label
      >
    {/each}
  </More>
{/if}
{#if saved}
  <div class="exports">
    <a class="export" href="/api/rooms/{roomId}/schedule.csv?{query}" download>Export as CSV</a>
    <a class="export" href="/api/rooms/{roomId}/schedules.xlsx?of={book}" download>All as a workbook</a>
  </div>
{/if}

<style>
  .column {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-height: max(28px, var(--touch));
    font-size: 13px;
  }
</style>
