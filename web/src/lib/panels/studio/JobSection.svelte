<script lang="ts">
  import { readJson, refusalText, type LengthUnit } from 'goodreach';
  import type { ComponentProps } from 'svelte';
  import { postJson, sendJson } from '$session/send-json';
  import { unitNames } from '$ui/unit-names';
  import FileLink from '$ui/FileLink.svelte';
  import CardMenu from './CardMenu.svelte';
  import NameForm from './NameForm.svelte';
  import RoomCard from './RoomCard.svelte';
  import type { ListedThing, StudioActs } from './acts';

  /** A job with its rooms, or the first of them. */
  interface Props {
    job: ListedThing & { unit: LengthUnit; total: number; rooms: ComponentProps<typeof RoomCard>['room'][] };
    /** Where all its rooms are listed; empty where they are here. */
    all: string;
    acts: StudioActs;
  }
  let { job, all, acts }: Props = $props();
  let renaming = $state(false);
  let problem = $state('');

  /** The largest design file that is sent, bytes. */
  const MOST_FILE = 5_000_000;

  async function importDesign(file: File) {
    problem = '';
    if (file.size > MOST_FILE) {
      const size = (file.size / 1e6).toFixed(1);
      problem = `${file.name} is ${size} MB; a design has at most 5 MB. Choose a file made with Export design.`;
      return;
    }
    const design = readJson(await file.text());
    const answer = design.ok
      ? await postJson<{ id: string }>(`/api/jobs/${job.id}/rooms`, { design: design.value })
      : ({ ok: false, message: refusalText(design.refusal) } as const);
    if (answer.ok) await acts.renew();
    else problem = `${file.name}: ${answer.message}`;
  }

  async function rename(name: string) {
    const answer = await sendJson('PATCH', `/api/jobs/${job.id}`, { name });
    if (answer.ok) await acts.renew();
    return answer;
  }
</script>

<section aria-labelledby="job-{job.id}">
  <div class="job">
    <h2 id="job-{job.id}" class:visually-hidden={renaming}>{job.name}</h2>
    {#if renaming}<NameForm name={job.name} of="job" save={rename} onclose={() => (renaming = false)} />
    {:else}<span class="units">{unitNames[job.unit]}</span>{/if}
    <span class="actions">
      <a class="action" href="/studio/jobs/{job.id}/new-room">New room</a>
      <FileLink label="Import design" accept=".json,application/json" onfile={importDesign} />
      <CardMenu
        of={job.name}
        entries={[
          { label: 'Rename', run: () => (renaming = true) },
          { label: 'Duplicate', run: () => acts.copy('job', job) },
          { label: 'Remove', run: () => acts.remove('job', job) },
        ]}
      />
    </span>
  </div>
  {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
  {#if job.total === 0}
    <p class="empty">
      No room yet. <a href="/studio/jobs/{job.id}/new-room">Measure the first one</a>, or import a design
      file.
    </p>
  {:else}
    <ul>
      {#each job.rooms as room (room.id)}<li><RoomCard {room} {acts} /></li>{/each}
    </ul>
    {#if all && job.total > job.rooms.length}<p class="all">
        <a href={all}>All {job.total} rooms of {job.name}</a>
      </p>{/if}
  {/if}
</section>

<style>
  section {
    margin-top: 1.8rem;
  }
  .job {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.4rem 0.9rem;
    padding-bottom: 0.4rem;
    border-bottom: 1px solid var(--rule);
  }
  h2 {
    font-size: 1.12rem;
    overflow-wrap: anywhere;
  }
  .units {
    color: var(--soft);
    font-size: 13px;
  }
  .actions {
    display: flex;
    align-items: baseline;
    gap: 1.1rem;
    margin-left: auto;
  }
  .action {
    padding: 0.15rem 0;
    color: var(--tide);
    text-decoration: none;
  }
  .action:hover {
    color: var(--clay-strong);
    text-decoration: underline;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
    gap: 1.1rem;
    margin: 1rem 0 0;
    padding: 0;
    list-style: none;
  }
  .empty,
  .all {
    margin-top: 1rem;
    color: var(--soft);
  }
  .problem {
    margin-top: 0.6rem;
    padding: 0.4rem 0.7rem;
    border-left: 3px solid var(--blocked);
    background: var(--sheet);
    color: var(--blocked);
    overflow-wrap: anywhere;
  }
</style>
