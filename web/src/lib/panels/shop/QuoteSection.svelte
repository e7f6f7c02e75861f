<script lang="ts">
  import { costOf, moneyWords, quoteOf, usualPages, type JobFields, type QuoteTerms } from 'goodreach';
  import { onMount, untrack } from 'svelte';
  import { postJson } from '$lib/session/send-json';
  import type { ShopBooks } from '$lib/session/shop-books.svelte';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import More from '$ui/More.svelte';
  import { sayDate } from '$ui/say-date';

  /** What clients were quoted for the room, and quoting it as it is now. */
  let { books, job }: { books: ShopBooks; job: JobFields } = $props();
  const { session, saving, roomId } = useWorkspace();
  const MOST_CLIENT = 200;

  interface Quote {
    number: number;
    revision: number;
    date: string;
    by: string;
    total: number;
    terms: QuoteTerms;
  }
  let quotes: readonly Quote[] = $state.raw([]);
  let problem = $state('');
  let busy = $state(false);
  let terms = $state<QuoteTerms & { allowances: { name: string; amount: number }[] }>({
    ...{ currency: 'EUR', days: 30, allowances: [], excluded: '', terms: '' },
    client: untrack(() => [job.client, job.site].filter(Boolean).join('\n').slice(0, MOST_CLIENT)),
  });
  const last = $derived(quotes.at(-1));
  const now = $derived(quoteOf(costOf(session.settled, books.prices?.book), terms));
  /** What the last quote would come to now, by the same terms. */
  const again = $derived(last && quoteOf(costOf(session.settled, books.prices?.book), last.terms).total);

  onMount(async () => {
    const answer = await fetch(`/api/rooms/${roomId}/quotes`).catch(() => null);
    if (!answer?.ok) {
      problem = 'What was quoted could not be asked for. Open this again when the server is back.';
      return;
    }
    quotes = (await answer.json()) as Quote[];
    // The next begins with the words of the last.
    const before = quotes.at(-1)?.terms;
    if (before) terms = { ...before, allowances: before.allowances.map((one) => ({ ...one })) };
  });

  async function make(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    problem = '';
    const page = usualPages(session.style.unit).hand;
    const body = { ...$state.snapshot(terms), page };
    const answer = await postJson<Quote>(`/api/rooms/${roomId}/quotes`, body);
    busy = false;
    if (answer.ok) quotes = [...quotes, answer.value];
    else problem = answer.message;
  }
  const add = () => terms.allowances.push({ name: '', amount: 0 });
  const remove = (index: number) => terms.allowances.splice(index, 1);
</script>

<h2>Quotes</h2>
{#if quotes.length > 0}
  <ol>
    {#each quotes as one (one.number)}
      <li>
        <a href="/api/rooms/{roomId}/quotes/{one.number}/quote.pdf" target="_blank">Quote {one.number}</a>
        <strong>{moneyWords(one.total, one.terms.currency)}</strong>
        <span>{sayDate(one.date)}, {one.by}, revision {one.revision}</span>
      </li>
    {/each}
  </ol>
{/if}
{#if last && again !== undefined && saving.revision !== last.revision}
  <p class="help" role="status">
    The room has changed since quote {last.number}: {again === last.total
      ? 'it would come to the same.'
      : `it would come to ${moneyWords(again, last.terms.currency)} now.`}
  </p>
{/if}
<form onsubmit={make}>
  <label class="field"
    ><span>Client</span><textarea bind:value={terms.client} maxlength={MOST_CLIENT} rows="2"
    ></textarea></label
  >
  <div class="pair">
    <label class="field"
      ><span>Currency</span><input bind:value={terms.currency} maxlength="8" required /></label
    >
    <label class="field"
      ><span>Valid, days</span><input
        type="number"
        bind:value={terms.days}
        min="1"
        max="365"
        required
      /></label
    >
  </div>
  <More title={terms.allowances.length > 0 ? `Allowances: ${terms.allowances.length}` : 'Allowances'}>
    {#each terms.allowances as allowance, index (index)}
      <div class="allowance" role="group" aria-label="Allowance {index + 1}">
        <label class="field"
          ><span>For</span><input bind:value={allowance.name} maxlength="80" required /></label
        >
        <label class="field"
          ><span>Amount</span><input
            type="number"
            step="0.01"
            bind:value={allowance.amount}
            required
          /></label
        >
        <Button look="quiet" onclick={() => remove(index)}>Remove</Button>
      </div>
    {/each}
    <Button onclick={add}>Add an allowance</Button>
  </More>
  <More title="Not included, and terms">
    <label class="field"
      ><span>Not included</span><textarea bind:value={terms.excluded} maxlength="3000" rows="4"
      ></textarea></label
    >
    <label class="field"
      ><span>Terms</span><textarea bind:value={terms.terms} maxlength="8000" rows="6"></textarea></label
    >
  </More>
  {#if !books.prices}
    <p class="problem">These prices are made up. Read the studio’s own below before a client sees a quote.</p>
  {/if}
  {#if now.unpriced.length > 0}
    <p class="problem">Without {now.unpriced.join(', ')}: they have no price, and the quote says so.</p>
  {/if}
  <Button type="submit" disabled={busy || saving.state !== 'saved'}
    >{busy
      ? 'Quoting…'
      : `Make quote ${(last?.number ?? 0) + 1}: ${moneyWords(now.total, terms.currency)}`}</Button
  >
</form>
<p class="help">A quote is kept as it was sent, with its number and revision. It never changes.</p>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}

<style>
  ol {
    display: grid;
    gap: 0.3rem;
    margin: 0;
    padding: 0;
    list-style: none;
    font-size: 13px;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: baseline;
  }
  li a {
    display: inline-flex;
    align-items: center;
    min-height: max(24px, var(--touch));
    color: var(--tide);
    font-weight: 500;
  }
  li strong {
    font-weight: 500;
    font-variant-numeric: tabular-nums;
  }
  li span,
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  form,
  .allowance {
    display: grid;
    gap: 0.4rem;
  }
  .allowance {
    justify-items: start;
    padding: 0.4rem 0;
    border-bottom: 1px solid var(--rule);
  }
  .allowance .field {
    width: 100%;
  }
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem;
  }
  .field {
    display: grid;
    gap: 0.2rem;
    color: var(--soft);
    font-size: 13px;
  }
  input,
  textarea {
    min-width: 0;
    min-height: max(30px, var(--touch));
    padding: 0.2rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
    font: inherit;
  }
  textarea {
    resize: vertical;
  }
</style>
