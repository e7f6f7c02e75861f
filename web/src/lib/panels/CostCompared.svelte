<script lang="ts">
  import { costGroupNames, type CostGroup } from 'goodreach';
  import type { ChartConfiguration } from 'chart.js';
  import { askServer } from '../outcome';
  import Chart, { type ChartColours } from '$ui/Chart.svelte';

  /** What two options cost at the studio's prices, by the parts of the job, and what one comes to over the other. Reckoned where it holds up nobody. */
  interface Side {
    id: string;
    option: string;
    revision: number;
  }
  interface Told {
    cents: number;
    groups: readonly { group: CostGroup; amount: number }[];
    unpriced: number;
  }
  let { sides }: { sides: readonly [Side, Side] } = $props();

  let told = $state.raw<readonly Told[] | null>(null);
  let problem = $state('');

  $effect(() => {
    const asked = sides.map(({ id, revision }) => `/api/rooms/${id}/cost.json?revision=${revision}`);
    const leaving = new AbortController();
    void ask(asked, leaving.signal);
    return () => leaving.abort();
  });

  async function ask(addresses: readonly string[], signal: AbortSignal) {
    [told, problem] = [null, ''];
    try {
      const answers = await Promise.all(addresses.map((address) => askServer(address, { signal })));
      if (answers.some((answer) => !answer.ok)) throw new Error('refused');
      told = await Promise.all(answers.map(async (answer) => (await answer.json()) as Told));
    } catch {
      if (!signal.aborted) problem = 'What they cost could not be reckoned. Load the page again in a while.';
    }
  }

  const rows = $derived.by(() => {
    if (!told) return [];
    const amounts = told.map(({ groups }) => new Map(groups.map(({ group, amount }) => [group, amount])));
    return (Object.keys(costGroupNames) as CostGroup[]).flatMap((group) => {
      const [first, second] = amounts.map((of) => of.get(group) ?? 0) as [number, number];
      return first === 0 && second === 0 ? [] : [{ group, first, second }];
    });
  });
  const money = (amount: number) => amount.toFixed(2);
  const more = (amount: number) =>
    Math.abs(amount) < 0.005 ? '–' : `${amount > 0 ? '+' : '−'}${money(Math.abs(amount))}`;
  const totals = $derived(told?.map(({ cents }) => cents / 100) ?? []);

  const config = ({ text, soft, rule, tide, clay }: ChartColours): ChartConfiguration => ({
    type: 'bar',
    data: {
      labels: rows.map(({ group }) => costGroupNames[group]),
      datasets: [
        { label: sides[0].option, data: rows.map(({ first }) => first), backgroundColor: tide },
        { label: sides[1].option, data: rows.map(({ second }) => second), backgroundColor: clay },
      ],
    },
    options: {
      indexAxis: 'y',
      maintainAspectRatio: false,
      scales: {
        x: { beginAtZero: true, ticks: { color: soft }, grid: { color: rule } },
        y: { ticks: { color: text }, grid: { display: false } },
      },
      plugins: { legend: { labels: { color: text, boxWidth: 12 } } },
    },
  });
</script>

<section aria-label="What they cost">
  {#if problem}<p role="alert">{problem}</p>
  {:else if !told}<p>Reckoning what they cost…</p>
  {:else if rows.length === 0}<p>Neither option costs anything yet.</p>
  {:else}
    <div class="both">
      <table>
        <caption>What they cost</caption>
        <thead>
          <tr>
            <th scope="col">Part of the job</th>
            {#each sides as { id, option } (id)}<th scope="col" class="amount">{option}</th>{/each}
            <th scope="col" class="amount">{sides[1].option} over {sides[0].option}</th>
          </tr>
        </thead>
        <tbody>
          {#each rows as { group, first, second } (group)}
            <tr class:differs={Math.abs(second - first) >= 0.005}>
              <th scope="row">{costGroupNames[group]}</th>
              <td class="amount">{first ? money(first) : '–'}</td>
              <td class="amount">{second ? money(second) : '–'}</td>
              <td class="amount">{more(second - first)}</td>
            </tr>
          {/each}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row">All</th>
            {#each totals as total, index (index)}<td class="amount">{money(total)}</td>{/each}
            <td class="amount">{more(totals[1]! - totals[0]!)}</td>
          </tr>
        </tfoot>
      </table>
      <Chart
        {config}
        label="Bars of what each part of the job costs in either option"
        height={Math.max(200, rows.length * 34 + 60)}
      />
    </div>
    {#if told.some(({ unpriced }) => unpriced > 0)}
      <p>
        {told
          .map(({ unpriced }, index) => ({ unpriced, option: sides[index]!.option }))
          .filter(({ unpriced }) => unpriced > 0)
          .map(({ unpriced, option }) => `${unpriced} of ${option}`)
          .join(' and ')} without a price: not in these sums.
      </p>
    {/if}
  {/if}
</section>

<style>
  .both {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(26rem, 100%), 1fr));
    gap: 1.2rem;
    align-items: start;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    font-size: 13.5px;
    font-variant-numeric: tabular-nums;
  }
  caption {
    padding-bottom: 0.4rem;
    color: var(--soft);
    text-align: left;
  }
  th,
  td {
    padding: 0.3rem 0.5rem;
    border-bottom: 1px solid var(--rule);
    text-align: left;
    font-weight: 400;
  }
  thead th {
    color: var(--soft);
    font-size: 12.5px;
  }
  .amount {
    text-align: right;
  }
  .differs th,
  .differs .amount:last-child,
  tfoot th,
  tfoot td {
    font-weight: 500;
  }
  p {
    color: var(--soft);
    font-size: 13px;
  }
</style>
