<script lang="ts">
  import {
    columnMeasures,
    columnsOf,
    scheduleColumns,
    scheduleIds,
    scheduleNames,
    type ScheduleColumnId,
    type ScheduleId,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import More from '$ui/More.svelte';
  import type { SheetChoice } from '$views/sheet/sheet-choice.svelte';

  /** What the room holds as lists: on screen as they are wanted, and as files. */
  let { choice, saved }: { choice: SheetChoice; saved: boolean } = $props();
  const { roomId } = useWorkspace();
  let id: ScheduleId = $state('items');
  const all = $derived(columnsOf[id]);
  const shown = $derived(choice.how.columns ?? all.filter((column) => column !== 'price'));

  function pick(of: ScheduleId) {
    id = of;
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

<h2>Schedules</h2>
<label class="row">
  Schedule
  <select value={id} onchange={(event) => pick(event.currentTarget.value as ScheduleId)}>
    {#each scheduleIds as one (one)}<option value={one}>{scheduleNames[one]}</option>{/each}
  </select>
</label>
<Button onclick={() => (choice.table = choice.table ? null : id)}
  >{choice.table ? 'Back to the sheets' : 'Show on screen'}</Button
>
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
    <a class="export" href="/api/rooms/{roomId}/schedules.xlsx" download>All as a workbook</a>
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
