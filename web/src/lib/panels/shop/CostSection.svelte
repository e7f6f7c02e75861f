<script lang="ts">
  import { costByGroup, costGroupNames, costOf } from 'goodreach';
  import QuoteSection from './QuoteSection.svelte';
  import { onDestroy, untrack } from 'svelte';
  import type { BuildChoice } from '$views/shop/build-choice.svelte';
  import { useWorkspace } from '$lib/tools/context';
  import FileEntry from '$ui/FileEntry.svelte';
  import { sayDate } from '$ui/say-date';
  import TableFaults from '$ui/TableFaults.svelte';

  /** What the room costs, by the parts of the job; with nothing chosen all of it, else what the chosen things take of it. */
  let { choice, saved }: { choice: BuildChoice; saved: boolean } = $props();
  const books = $derived(choice.books);
  const { session, saving, screen, roomId } = useWorkspace();
  const cost = $derived(costOf(session.settled, books.prices?.book));
  /** What came to it since it was last looked at. */
  const before = untrack(() => choice.seenCost);
  const came = $derived(before ? cost.cents - before.cents : 0);
  onDestroy(() => (choice.seenCost = { cents: cost.cents, revision: saving.revision }));
  const chosen = $derived(
    new Set(screen.chosen.filter((id) => session.document.records[id]?.kind === 'item')),
  );

  const groups = $derived(costByGroup(cost, chosen.size > 0 ? chosen : null));
  const most = $derived(Math.max(1, ...groups.map(({ amount }) => amount)));
  const total = $derived(groups.reduce((sum, { amount }) => sum + amount, 0));
</script>

<p class="total">
  <span
    >{chosen.size === 0 ? 'The room' : chosen.size === 1 ? 'What is chosen' : `${chosen.size} chosen`}</span
  >
  <strong>{total.toFixed(2)}</strong>
</p>
{#if before && came !== 0}
  <p class="help" role="status">
    {came > 0 ? '+' : '−'}{(Math.abs(came) / 100).toFixed(2)} since revision {before.revision}, when this was
    last looked at.
  </p>
{/if}
<dl>
  {#each groups as { group, amount } (group)}
    <div>
      <dt>{costGroupNames[group]}</dt>
      <dd>{amount.toFixed(2)}</dd>
      <span class="bar" style:width="{(amount / most) * 100}%" aria-hidden="true"></span>
    </div>
  {:else}
    <p class="help">Nothing here costs anything yet.</p>
  {/each}
</dl>
{#each cost.asked as { code, ids } (code)}
  <p class="problem">
    {code} has no price: it is not in the sum.
    <button onclick={() => screen.choose(ids)}>Show {ids.length === 1 ? 'it' : 'them'}</button>
  </p>
{/each}
{#if saved}
  <div class="exports">
    <a class="export" href="/api/rooms/{roomId}/schedule.csv?of=cost" download>Export as CSV</a>
  </div>
{/if}
<QuoteSection {books} job={choice.fields()} />
<h2>Prices</h2>
<p class="help">
  {#if books.prices}
    The studio’s, kept by {books.prices.keptBy} on {sayDate(books.prices.keptAt)}: {books.prices.book.rows
      .length} of them.
  {:else}
    Made up, in no currency, until the studio keeps a book of its own: take this one as a table, change it,
    and read it here.
  {/if}
</p>
<div class="exports">
  <a class="export" href="/api/shop/prices.csv" download>Take as CSV</a>
  <FileEntry
    label="Read a table"
    accept=".csv,text/csv"
    disabled={books.busy}
    onfile={(file) => books.readPrices(file)}
  />
</div>
{#if books.problem}<p class="problem" role="alert">{books.problem}</p>{/if}
{#if books.faults.length > 0}
  <p class="problem" role="alert">Nothing was taken. Mend these lines, and read the table again.</p>
  <TableFaults faults={books.faults} />
{/if}

<style>
  .total {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    color: var(--soft);
  }
  strong {
    color: var(--text);
    font-size: 20px;
    font-variant-numeric: tabular-nums;
  }
  dl {
    display: grid;
    gap: 0.35rem;
    margin: 0;
    font-size: 13px;
    font-variant-numeric: tabular-nums;
  }
  dl div {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0.1rem 0.6rem;
  }
  dd {
    margin: 0;
    font-weight: 500;
  }
  .bar {
    grid-column: 1 / -1;
    height: 3px;
    border-radius: 2px;
    background: var(--tide);
  }
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  .problem {
    padding: 0.4rem 0.6rem;
    border-left: 3px solid var(--tight);
    background: var(--sheet);
    font-size: 12.5px;
  }
  .problem button {
    min-height: max(24px, var(--touch));
    border: 0;
    background: none;
    color: var(--tide);
    cursor: pointer;
  }
</style>
