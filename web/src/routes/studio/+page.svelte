<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import { unitNames } from '$ui/unit-names';
  import { readJson, refusalText, type LengthUnit } from 'goodreach';
  import RoomPlan from '$lib/panels/RoomPlan.svelte';
  import { postJson } from '$session/send-json';
  import Button from '$ui/Button.svelte';
  import Wordmark from '$ui/Wordmark.svelte';
  import type { PageData } from './$types';

  let { data }: { data: PageData } = $props();
  let adding = $state(false);
  let name = $state('');
  let unit: LengthUnit = $state('mm');
  let problem = $state('');
  /** The area of each room, in words, where it is known. */
  let areas: Record<string, string> = $state({});
  const aboutRoom = ({ id, option, revision }: (typeof data.jobs)[number]['rooms'][number]) =>
    [areas[id], option, `revision ${revision}`].filter(Boolean).join(' · ');
  /** The job an imported file's problem belongs to, and the sentence. */
  let importProblem = $state({ job: '', message: '' });

  async function addJob(event: SubmitEvent) {
    event.preventDefault();
    const answer = await postJson<{ id: string }>('/api/jobs', { name, unit });
    if (!answer.ok) {
      problem = answer.message;
      return;
    }
    await goto(`/studio/jobs/${answer.value.id}/new-room`);
  }

  async function importDesign(job: string, input: HTMLInputElement) {
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    importProblem = { job, message: '' };
    if (file.size > 5_000_000) {
      const size = (file.size / 1e6).toFixed(1);
      importProblem = {
        job,
        message: `${file.name} is ${size} MB; a design has at most 5 MB. Choose a file made with Export design.`,
      };
      return;
    }
    const design = readJson(await file.text());
    if (!design.ok) {
      importProblem = { job, message: `${file.name}: ${refusalText(design.refusal)}` };
      return;
    }
    const answer = await postJson<{ id: string }>(`/api/jobs/${job}/rooms`, { design: design.value });
    if (answer.ok) await invalidateAll();
    else importProblem = { job, message: `${file.name}: ${answer.message}` };
  }
</script>

<svelte:head><title>{data.studio} – Good Reach</title></svelte:head>

<header>
  <Wordmark />
  <span class="studio">{data.studio}</span>
  <a class="ranges" href="/studio/ranges">Ranges</a>
  <form method="POST" action="/sign-out"><Button type="submit" look="quiet">Sign out</Button></form>
</header>

<main>
  <div class="title">
    <h1>Jobs</h1>
    {#if !adding}<Button look="primary" onclick={() => (adding = true)}>New job</Button>{/if}
  </div>

  {#if adding}
    <form class="new-job" onsubmit={addJob}>
      <!-- svelte-ignore a11y_autofocus (the form was just asked for) -->
      <label>Job name <input bind:value={name} required maxlength="80" autofocus /></label>
      <label>
        Units
        <select bind:value={unit}>
          {#each Object.entries(unitNames) as [id, words] (id)}<option value={id}>{words}</option>{/each}
        </select>
      </label>
      <Button type="submit" look="primary">Add job</Button>
      <Button look="quiet" onclick={() => (adding = false)}>Cancel</Button>
      {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
    </form>
  {/if}

  {#each data.jobs as job (job.id)}
    <section aria-labelledby="job-{job.id}">
      <div class="job">
        <h2 id="job-{job.id}">{job.name}</h2>
        <span class="units">{unitNames[job.unit]}</span>
        <span class="actions">
          <a class="action" href="/studio/jobs/{job.id}/new-room">New room</a>
          <label class="action">
            Import design
            <input
              class="visually-hidden"
              type="file"
              accept=".json,application/json"
              onchange={(event) => importDesign(job.id, event.currentTarget)}
            />
          </label>
        </span>
      </div>
      {#if importProblem.job === job.id && importProblem.message}<p class="problem" role="alert">
          {importProblem.message}
        </p>{/if}
      {#if job.rooms.length === 0}
        <p class="empty">
          No room yet. <a href="/studio/jobs/{job.id}/new-room">Measure the first one</a>, or import a design
          file.
        </p>
      {:else}
        <ul>
          {#each job.rooms as room (room.id)}
            <li>
              <a class="room" href="/rooms/{room.id}">
                <RoomPlan id={room.id} revision={room.revision} onarea={(area) => (areas[room.id] = area)} />
                <span class="name">{room.name}</span>
                <span class="about">{aboutRoom(room)}</span>
              </a>
            </li>
          {/each}
        </ul>
      {/if}
    </section>
  {:else}
    <p class="empty">No job yet. Press New job to start one: a name and its units are enough.</p>
  {/each}
</main>

<style>
  header {
    display: flex;
    align-items: center;
    gap: 1.2rem;
    padding: 0.6rem 1.5rem;
    border-bottom: 1px solid var(--rule);
    background: var(--chrome);
  }
  .ranges {
    color: var(--tide);
    text-decoration: none;
  }
  .ranges:hover {
    text-decoration: underline;
  }
  header form {
    margin-left: auto;
    white-space: nowrap;
  }
  .studio {
    overflow: hidden;
    color: var(--soft);
    min-width: 0;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  @media (max-width: 480px) {
    header {
      gap: 0.8rem;
      padding-inline: 1rem;
    }
  }
  main {
    max-width: 72rem;
    margin: 0 auto;
    padding: 1.6rem 1.5rem 4rem;
  }
  .title {
    display: flex;
    align-items: center;
    justify-content: space-between;
    min-height: max(34px, var(--touch));
  }
  h1 {
    font-size: 1.5rem;
  }
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
  }
  .units,
  .about {
    color: var(--soft);
    font-size: 13px;
  }
  .actions {
    display: flex;
    gap: 1.1rem;
    margin-left: auto;
  }
  .action {
    padding: 0.15rem 0;
    color: var(--tide);
    cursor: pointer;
    text-decoration: none;
  }
  .action:hover,
  .action:focus-within {
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
  .room {
    display: grid;
    gap: 0.1rem;
    padding: 0.9rem 1rem;
    border: 1px solid var(--rule);
    background: var(--sheet);
    color: inherit;
    text-decoration: none;
  }
  .room:hover {
    border-color: var(--clay);
  }
  .name {
    font-weight: 500;
  }
  .empty {
    margin-top: 1rem;
    color: var(--soft);
  }
  .new-job {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 0.8rem;
    margin-top: 1rem;
    padding: 1rem;
    border: 1px solid var(--rule);
    background: var(--sheet);
  }
  .new-job label {
    display: grid;
    gap: 0.2rem;
    color: var(--soft);
    font-size: 13px;
  }
  .new-job input,
  .new-job select {
    min-width: 15rem;
    min-height: max(34px, var(--touch));
    padding: 0.2rem 0.5rem;
    border: 1px solid var(--rule-strong);
    border-radius: 3px;
    background: var(--paper);
    color: var(--text);
    font-size: 14px;
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
