<script lang="ts">
  import { askServer } from '$lib/outcome';
  import { invalidateAll } from '$app/navigation';
  import { sendJson } from '$session/send-json';
  import { page } from '$ui/alive.svelte';
  import Button from '$ui/Button.svelte';
  import FileLink from '$ui/FileLink.svelte';
  import TableFaults, { type TableFault } from '$ui/TableFaults.svelte';
  import Wordmark from '$ui/Wordmark.svelte';
  import type { PageData } from './$types';

  let { data }: { data: PageData } = $props();

  type Report =
    | { ok: true; range: { name: string }; families: number; items: number }
    | { ok: false; faults: TableFault[] };

  let file: { name: string; csv: string } | null = $state.raw(null);
  let report: Report | null = $state.raw(null);
  let problem = $state('');
  let note = $state('');

  /** Reads a table and shows what it would come to, before anything is kept. */
  async function check(chosen: File) {
    [report, problem, note] = [null, '', ''];
    if (chosen.size > 1_000_000) {
      problem = `${chosen.name} is ${(chosen.size / 1e6).toFixed(1)} MB; a table has at most 1 MB. Save one range at a time.`;
      return;
    }
    file = { name: chosen.name, csv: await chosen.text() };
    report = await ask(true);
  }

  function sizeOf({ families, items }: { families: number; items: number }): string {
    const count = (number: number, one: string, more: string) => `${number} ${number === 1 ? one : more}`;
    return `${count(families, 'family', 'families')}, ${count(items, 'item', 'items')}`;
  }

  async function keep() {
    report = await ask(false);
    if (!report?.ok) return;
    note = `${report.range.name} is kept: ${report.items} items. It is on the shelf of every room.`;
    [file, report] = [null, null];
    await invalidateAll();
  }

  async function ask(tryOnly: boolean): Promise<Report | null> {
    const answer = await askServer('/api/ranges', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ csv: file!.csv, tryOnly }),
    }).catch(() => null);
    if (!answer) {
      problem = 'No connection to the server. Try again when it is back; nothing was kept.';
      return null;
    }
    const said = (await answer.json()) as Report & { message?: string };
    if ('ok' in said) return said;
    problem = (said as { message?: string }).message ?? 'The server does not take this table.';
    return null;
  }

  async function allowSpecials(box: HTMLInputElement) {
    const answer = await sendJson('PATCH', '/api/studio', { specials: box.checked });
    [problem, note] = ['', ''];
    if (!answer.ok) problem = answer.message;
    await invalidateAll();
    box.checked = data.specials;
  }

  async function forget(id: string, name: string) {
    const answer = await sendJson('DELETE', `/api/ranges/${id}`);
    problem = answer.ok ? '' : answer.message;
    if (answer.ok) note = `${name} is forgotten. Rooms keep what they have of it.`;
    await invalidateAll();
  }
</script>

<svelte:head><title>Ranges – {data.studio} – Good Reach</title></svelte:head>

<header>
  <Wordmark />
  <nav aria-label="Where you are">
    <a href="/studio">{data.studio}</a> <span aria-hidden="true">/</span> ranges
  </nav>
</header>

<main>
  <h1>Ranges</h1>
  <p class="about">
    A range is kept as a table, one family a line: its kind, the pattern of its codes, and the widths, heights
    and depths it is made in. Save one below to see the columns, change it, and import it under a name of your
    own.
  </p>
  {#if note}<p class="note" role="status">{note}</p>{/if}
  {#if problem}<p class="problem" role="alert">{problem}</p>{/if}

  <section aria-labelledby="own">
    <div class="title">
      <h2 id="own">The studio’s own</h2>
      <FileLink label="Import a table" accept=".csv,text/csv" onfile={check} />
    </div>
    {#if report?.ok}
      <div class="report" role="status">
        <p>
          {file?.name}: {report.range.name}, {sizeOf(report)}. No faults.
          {#if data.own.some(({ name }) => report?.ok && name === report.range.name)}It takes the place of the
            range of that name.{/if}
        </p>
        <Button look="primary" onclick={keep}>Keep {report.range.name}</Button>
        <Button look="quiet" onclick={() => ([file, report] = [null, null])}>Leave it</Button>
      </div>
    {:else if report}
      <div class="report faults" role="alert">
        <p>
          {file?.name} has {report.faults.length === 1 ? 'a fault' : `${report.faults.length} faults`}.
          Nothing was kept; mend the table and import it again.
        </p>
        <TableFaults faults={report.faults} />
      </div>
    {/if}
    {#each data.own as range (range.id)}
      {@render line(range, true)}
    {:else}
      <p class="about">None yet.</p>
    {/each}
  </section>

  <section aria-labelledby="given">
    <h2 id="given">With the program</h2>
    {#each data.given as range (range.id)}{@render line(range, false)}{/each}
  </section>

  <section aria-labelledby="specials">
    <h2 id="specials">Special widths</h2>
    <label class="check">
      <input
        type="checkbox"
        checked={data.specials}
        disabled={!page.isAlive}
        onchange={(event) => allowSpecials(event.currentTarget)}
      />
      New rooms may have cabinets in widths their range does not list
    </label>
    <p class="about">
      They are marked as special wherever they are listed. Rooms there are already keep their own setting, in
      the room’s facts.
    </p>
  </section>
</main>

{#snippet line(range: PageData['own'][number], own: boolean)}
  <div class="line">
    <strong>{range.name}</strong>
    <span class="about">
      {range.unit === 'in' ? 'inches' : 'millimetres'}{range.construction ? `, ${range.construction}` : ''} · {sizeOf(
        range,
      )}
    </span>
    <a class="action" href="/api/ranges/{range.id}" download>Save as a table</a>
    {#if own}<button class="action" onclick={() => forget(range.id, range.name)}>Forget</button>{/if}
  </div>
{/snippet}

<style>
  header {
    display: flex;
    align-items: center;
    gap: 1.2rem;
    padding: 0.6rem 1.5rem;
    border-bottom: 1px solid var(--rule);
    background: var(--chrome);
    color: var(--soft);
  }
  .check {
    display: flex;
    gap: 0.5rem;
    align-items: center;
    min-height: max(28px, var(--touch));
  }
  nav a {
    color: inherit;
  }
  main {
    max-width: 60rem;
    margin: 0 auto;
    padding: 1.6rem 1.5rem 4rem;
  }
  h1 {
    font-size: 1.5rem;
  }
  h2 {
    font-size: 1.12rem;
  }
  section {
    margin-top: 1.8rem;
  }
  .title,
  .line,
  .report {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem 1.1rem;
  }
  .title {
    justify-content: space-between;
  }
  .line {
    min-height: 40px;
    border-bottom: 1px solid var(--rule);
  }
  strong {
    min-width: 9rem;
    font-weight: 500;
  }
  .line .about {
    flex: 1;
  }
  .about {
    max-width: 46rem;
    color: var(--soft);
    font-size: 13.5px;
  }
  .action {
    padding: 0.15rem 0;
    border: 0;
    background: none;
    color: var(--tide);
    cursor: pointer;
    text-decoration: none;
  }
  .action:hover,
  .action:focus-within {
    color: var(--clay-strong);
    text-decoration: underline;
  }
  .report {
    margin: 0.7rem 0;
    padding: 0.8rem 1rem;
    border-left: 3px solid var(--clear);
    background: var(--sheet);
  }
  .faults {
    border-color: var(--blocked);
  }
  .report p {
    width: 100%;
  }
  .note,
  .problem {
    margin-top: 0.8rem;
    padding: 0.4rem 0.7rem;
    border-left: 3px solid var(--clear);
    background: var(--sheet);
  }
  .problem {
    border-color: var(--blocked);
    color: var(--blocked);
  }
</style>
