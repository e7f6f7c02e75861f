<script lang="ts">
  import {
    columnMeasures,
    editItems,
    formatArea,
    formatLength,
    putOpening,
    recordOf,
    refusalText,
    roomOf,
    scheduleColumns,
    listName,
    type ArrangedSchedule,
    type ItemChange,
    type OpeningRecord,
    type PriceBook,
    type ScheduleColumnId,
    type ListId,
    type ScheduleLine,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';
  import type { SheetChoice } from './sheet-choice.svelte';
  import type { ScheduleAnswer, ScheduleQuestion } from './schedule.worker';
  import ScheduleWorker from './schedule.worker?worker';

  /** A schedule on screen: sorted by a press on a heading, what is the designer's to say typed where it stands. */
  interface Props {
    choice: Pick<SheetChoice, 'how'>;
    id: ListId;
    /** What things cost; as usual unless given. */
    prices?: PriceBook | undefined;
  }
  let { choice, id, prices }: Props = $props();
  const { session, screen } = useWorkspace();

  let table = $state.raw<ArrangedSchedule | null>(null);
  let problem = $state('');
  $effect(() => {
    const worker = new ScheduleWorker();
    const question: ScheduleQuestion = {
      ...{ design: session.document, id, how: choice.how },
      ...(prices && { prices }),
    };
    worker.onmessage = ({ data }: MessageEvent<ScheduleAnswer>) => {
      if (data.ok) table = data.value;
      problem = data.ok ? '' : refusalText(data.refusal, session.style);
    };
    worker.onerror = ({ message }) => (problem = `The schedule could not be made: ${message}.`);
    worker.postMessage(question);
    return () => worker.terminate();
  });

  /** Rows are as high as this, pixels; only those in sight are there. */
  const ROW = 38;
  const SPARE = 8;
  let view: HTMLElement | undefined = $state();
  let height = $state(600);
  let scrolled = $state(0);
  type Row = { title: string; totals: readonly (number | null)[] } | ScheduleLine;
  const rows: readonly Row[] = $derived(
    (table?.id === id ? table.groups : []).flatMap(({ title, lines, totals }): readonly Row[] =>
      choice.how.group ? [{ title, totals }, ...lines] : lines,
    ),
  );
  const first = $derived(Math.max(0, Math.floor(scrolled / ROW) - SPARE));
  const seen = $derived(rows.slice(first, first + Math.ceil(height / ROW) + 2 * SPARE));

  const columns = $derived(table?.columns ?? []);
  const wide: Partial<Record<ScheduleColumnId, string>> = {
    ...{ item: 'minmax(9rem, 1.6fr)', note: 'minmax(6rem, 2fr)', roughIns: 'minmax(14rem, 3fr)' },
    ...{ opens: 'minmax(9rem, 2fr)', parts: 'minmax(9rem, 2fr)', where: 'minmax(7rem, 2fr)' },
    ...{ finish: 'minmax(6rem, 1.4fr)', style: 'minmax(7rem, 1.2fr)', size: 'minmax(9rem, 1.2fr)' },
    ...{
      part: 'minmax(7rem, 1.4fr)',
      material: 'minmax(8.5rem, 1.8fr)',
      thickness: '3.4rem',
      edging: '5.4rem',
    },
    ...{ group: 'minmax(7rem, 1.2fr)', name: 'minmax(9rem, 2fr)', quantity: '6rem' },
    ...{ cutLength: '5.2rem', cutWidth: '5.2rem', items: 'minmax(6rem, 1.4fr)' },
    ...{ number: '2.6rem', hand: '3.4rem', count: '3.6rem', hinge: '3.8rem', code: 'minmax(6.4rem, 1fr)' },
  };
  /** A number that names its line begins it; others stand one under the other. */
  const isFigures = (column: ScheduleColumnId) => columnMeasures[column] !== undefined && column !== 'number';
  const template = $derived(columns.map((column) => wide[column] ?? 'minmax(4.4rem, 1fr)').join(' '));

  function sort(by: ScheduleColumnId) {
    const now = choice.how.sort;
    const next = now?.by !== by ? { by } : now.down ? undefined : { by, down: true };
    const { sort: _, ...how } = choice.how;
    choice.how = next ? { ...how, sort: next } : how;
  }
  const sorted = (column: ScheduleColumnId) =>
    choice.how.sort?.by !== column ? 'none' : choice.how.sort.down ? 'descending' : 'ascending';

  function said(column: ScheduleColumnId, total: number | null): string {
    if (total === null) return '';
    const measure = columnMeasures[column];
    if (measure === 'length') return formatLength(total, session.style);
    if (measure === 'area') return formatArea(total, roomOf(session.document).unit);
    return measure === 'amount' ? total.toFixed(2) : String(total);
  }

  const SIZES: ReadonlySet<ScheduleColumnId> = new Set<ScheduleColumnId>([
    'width',
    'depth',
    'height',
    'sill',
  ]);
  /** What of a line is typed where it stands: sizes of items and openings, what an item is called. */
  function edited(line: ScheduleLine, column: ScheduleColumnId): 'length' | 'name' | null {
    if (line.ids.length !== 1) return null;
    const kind = session.document.records[line.ids[0]!]?.kind;
    if (id === 'items' && kind === 'item' && column === 'item') return 'name';
    const isSize = SIZES.has(column) && line.cells[columns.indexOf(column)]!.value !== undefined;
    return isSize && ((id === 'items' && kind === 'item') || (id === 'openings' && kind === 'opening'))
      ? 'length'
      : null;
  }
  function setLength([of]: readonly string[], column: ScheduleColumnId, mm: number): string {
    const opening = recordOf(session.document, 'opening', of!);
    const done = opening
      ? session.run(putOpening, { ...opening, [column]: mm } as OpeningRecord)
      : session.run(editItems, { ids: [of!], change: { [column]: mm } as ItemChange });
    return done ? '' : session.message;
  }
  const setName = ([of]: readonly string[], name: string) =>
    session.run(editItems, { ids: [of!], change: { name } });

  function choose({ ids }: ScheduleLine) {
    const there = ids.filter((one) => session.document.records[one]);
    if (there.length === 1) screen.select(there[0]!);
    else if (there.length > 0) screen.choose(there);
  }
</script>

<section class="schedule" aria-label={listName(id)}>
  <h2>{listName(id)}</h2>
  {#if problem}<p role="alert">{problem}</p>{/if}
  {#if table?.id !== id}
    <p role="status">Listing…</p>
  {:else if rows.length === 0}
    <p>There is nothing to list here yet.</p>
  {:else}
    <div
      class="table"
      style:--least="{Math.min(44, columns.length * 7.5)}rem"
      role="table"
      aria-label={listName(id)}
      aria-rowcount={rows.length + 2}
      bind:this={view}
      bind:clientHeight={height}
      onscroll={() => (scrolled = view?.scrollTop ?? 0)}
    >
      <div class="row head" role="row" style:grid-template-columns={template}>
        {#each columns as column (column)}
          <div role="columnheader" aria-sort={sorted(column)} class:figures={isFigures(column)}>
            <button onclick={() => sort(column)}
              >{scheduleColumns[column]}{sorted(column) === 'ascending'
                ? ' ↑'
                : sorted(column) === 'descending'
                  ? ' ↓'
                  : ''}</button
            >
          </div>
        {/each}
      </div>
      <div role="rowgroup" style:height="{rows.length * ROW}px">
        <div style:transform="translateY({first * ROW}px)">
          {#each seen as row, index (first + index)}
            {#if 'title' in row}
              <div class="row part" role="row" style:grid-template-columns={template} style:height="{ROW}px">
                {#each columns as column, at (column)}
                  <div role="cell" class:figures={isFigures(column)}>
                    {at === 0 ? row.title : said(column, row.totals[at]!)}
                  </div>
                {/each}
              </div>
            {:else}
              <!-- svelte-ignore a11y_click_events_have_key_events, a11y_interactive_supports_focus (its fields are reached by keys; what it is of also through the panels) -->
              <div
                class="row"
                class:chosen={row.ids.some((one) => screen.isSelected(one))}
                role="row"
                aria-rowindex={first + index + 2}
                style:grid-template-columns={template}
                style:height="{ROW}px"
                onclick={() => choose(row)}
              >
                {#each row.cells as cell, at (at)}
                  {@const column = columns[at]!}
                  {@const way = edited(row, column)}
                  <div role="cell" class:figures={isFigures(column)}>
                    {#if way === 'length'}
                      <LengthField
                        label="{scheduleColumns[column]}, {row.cells[0]!.said}"
                        hideLabel
                        value={cell.value!}
                        style={session.style}
                        onset={(mm) => setLength(row.ids, column, mm)}
                      />
                    {:else if way === 'name'}
                      <input
                        aria-label="{scheduleColumns[column]}, {row.cells[0]!.said}"
                        value={cell.said}
                        maxlength="60"
                        onchange={(event) => setName(row.ids, event.currentTarget.value)}
                      />
                    {:else}{cell.said}{/if}
                  </div>
                {/each}
              </div>
            {/if}
          {/each}
        </div>
      </div>
      {#if table.totals.some((total) => total !== null)}
        <div class="row foot" role="row" style:grid-template-columns={template}>
          {#each columns as column, at (column)}
            <div role="cell" class:figures={isFigures(column)}>
              {at === 0 ? `${table.lines.length} in all` : said(column, table.totals[at]!)}
            </div>
          {/each}
        </div>
      {/if}
    </div>
  {/if}
</section>

<style>
  .schedule {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    gap: 0.6rem;
    height: 100%;
    padding: 1rem 1.2rem;
    background: var(--sheet);
  }
  h2 {
    font-size: 16px;
  }
  .table {
    overflow: auto;
    font-size: 13.5px;
    font-variant-numeric: tabular-nums;
  }
  .row {
    display: grid;
    gap: 0 0.5rem;
    align-items: center;
    min-width: var(--least);
    padding: 0 0.4rem;
    border-bottom: 1px solid var(--rule);
  }
  .row > div {
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .row > .figures {
    padding-right: 0.5rem;
    text-align: right;
  }
  .row > .figures:has(input) {
    padding-right: 0;
  }
  .head,
  .foot {
    position: sticky;
    z-index: 1;
    min-height: 36px;
    background: var(--sheet);
    font-weight: 500;
  }
  .head {
    top: 0;
    border-bottom: 2px solid var(--rule-strong);
  }
  .foot {
    bottom: 0;
    border-top: 2px solid var(--rule-strong);
  }
  .head button {
    min-height: max(32px, var(--touch));
    padding: 0;
    border: 0;
    background: none;
    color: inherit;
    cursor: pointer;
    font-weight: 500;
  }
  .head button:hover {
    color: var(--clay-strong);
  }
  .part > :first-child,
  .foot > :first-child {
    overflow: visible;
  }
  .part {
    background: var(--chrome);
    font-weight: 500;
  }
  .row.chosen {
    background: color-mix(in srgb, var(--clay) 12%, transparent);
  }
  .row :global(.field) {
    justify-items: end;
  }
  .row :global(.entry) {
    justify-content: end;
  }
  .row :global(input) {
    width: 100%;
    max-width: 100%;
    min-height: 28px;
    border-color: transparent;
    background: transparent;
  }
  .row :global(input:hover),
  .row :global(input:focus) {
    border-color: var(--rule-strong);
    background: var(--paper);
  }
  .row > div > input {
    padding: 0.1rem 0.3rem;
    border: 1px solid transparent;
    border-radius: 3px;
    color: var(--text);
  }
  .row :global(.problem) {
    position: absolute;
    z-index: 2;
    max-width: 22rem;
    white-space: normal;
  }
</style>
