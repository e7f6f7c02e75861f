<script lang="ts">
  import { useWorkspace } from '$lib/tools/context';
  import type { TileReport } from '$session/studio-finishes.svelte';
  import Button from '$ui/Button.svelte';
  import FileLink from '$ui/FileLink.svelte';
  import TableFaults from '$ui/TableFaults.svelte';

  /** The studio's tiles as a table: read with what it would come to before anything is kept, or saved. */
  let { onkept }: { onkept: (note: string) => void } = $props();
  const { studioFinishes } = useWorkspace();

  let file: { name: string; csv: string } | null = $state.raw(null);
  let report: TileReport | null = $state.raw(null);
  let problem = $state('');
  const MOST = 1_000_000;

  async function ask(tryOnly: boolean): Promise<TileReport | null> {
    const answer = await studioFinishes.readTiles(file!.csv, tryOnly);
    problem = typeof answer === 'string' ? answer : '';
    return typeof answer === 'string' ? null : answer;
  }
  async function read(chosen: File) {
    [report, problem] = [null, ''];
    if (chosen.size > MOST) {
      problem = `${chosen.name} is ${(chosen.size / 1e6).toFixed(1)} MB; a table has at most 1 MB. Save a part of it.`;
      return;
    }
    file = { name: chosen.name, csv: await chosen.text() };
    report = await ask(true);
  }
  const count = (many: number) => `${many} ${many === 1 ? 'tile' : 'tiles'}`;
  async function keep() {
    report = await ask(false);
    if (!report?.ok) return;
    onkept(`${count(report.tiles.length)} kept. To be had in every room.`);
    [file, report] = [null, null];
  }
</script>

<p class="table">
  <FileLink label="Read tiles from a table" accept=".csv,text/csv" onfile={read} />
  <a href="/api/finishes/tiles.csv" download="tiles.csv">Save the tiles as a table</a>
</p>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
{#if report?.ok}
  <div class="report" role="status">
    <p>
      {file?.name}: {count(report.tiles.length)}{report.renewed > 0
        ? `, ${report.renewed} of them in place of one of that name`
        : ''}. No faults.
    </p>
    <Button look="primary" onclick={keep}>Keep {count(report.tiles.length)}</Button>
    <Button look="quiet" onclick={() => ([file, report] = [null, null])}>Leave it</Button>
  </div>
{:else if report}
  <div class="report faults" role="alert">
    <p>
      {file?.name} has {report.faults.length === 1 ? 'a fault' : `${report.faults.length} faults`}. Nothing
      was kept; mend the table and read it again.
    </p>
    <TableFaults faults={report.faults} />
  </div>
{/if}

<style>
  .table {
    display: flex;
    gap: 1.2rem;
    align-items: baseline;
    margin: 0;
    font-size: 13px;
  }
  a {
    color: var(--tide);
    text-decoration: none;
  }
  a:hover {
    color: var(--clay-strong);
    text-decoration: underline;
  }
  .report {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem 1.1rem;
    margin: 0.4rem 0 0.8rem;
    padding: 0.6rem 0.8rem;
    border-left: 3px solid var(--clear);
    background: var(--sheet);
  }
  .report p {
    width: 100%;
  }
  .faults {
    border-color: var(--blocked);
  }
  .problem {
    color: var(--blocked);
    font-size: 13px;
  }
</style>
