<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import { type LengthUnit } from 'goodreach';
  import JobSection from '$lib/panels/studio/JobSection.svelte';
  import StudioHeader from '$lib/panels/studio/StudioHeader.svelte';
  import type { ListedThing } from '$lib/panels/studio/acts';
  import { postJson, sendJson } from '$session/send-json';
  import Button from '$ui/Button.svelte';
  import { unitNames } from '$ui/unit-names';
  import type { PageData } from './$types';

  let { data }: { data: PageData } = $props();
  let adding = $state(false);
  let name = $state('');
  let unit: LengthUnit = $state('mm');
  let problem = $state('');
  /** What was done last, and what takes it back. */
  let told: { words: string; back?: () => Promise<void> } = $state({ words: '' });

  const { find, job: one } = $derived(data.asked);
  const address = (asked: { page?: number; job?: string | null }) => {
    const search = new URLSearchParams();
    if (find) search.set('find', find);
    if (asked.job) search.set('job', asked.job);
    if (asked.page && asked.page > 1) search.set('page', String(asked.page));
    return `/studio${search.size > 0 ? `?${search}` : ''}`;
  };

  async function addJob(event: SubmitEvent) {
    event.preventDefault();
    const answer = await postJson<{ id: string }>('/api/jobs', { name, unit });
    if (!answer.ok) {
      problem = answer.message;
      return;
    }
    await goto(`/studio/jobs/${answer.value.id}/new-room`);
  }

  const acts = {
    renew: invalidateAll,
    async copy(of: 'job' | 'room', { id, name: copied }: ListedThing) {
      const answer = await postJson<{ name: string }>(`/api/${of}s/${id}/copies`, {});
      told = { words: answer.ok ? `${copied} is duplicated as “${answer.value.name}”.` : answer.message };
      await invalidateAll();
    },
    async remove(of: 'job' | 'room', { id, name: removed }: ListedThing) {
      const url = `/api/${of}s/${id}/removed`;
      const answer = await postJson(url, {});
      told = answer.ok
        ? {
            words: `${removed} is removed, and can be taken back for 30 days.`,
            async back() {
              const taken = await sendJson('DELETE', url);
              told = { words: taken.ok ? `${removed} is back.` : taken.message };
              await invalidateAll();
            },
          }
        : { words: answer.message };
      await invalidateAll();
    },
  };
</script>

<svelte:head><title>{data.studio} – Good Reach</title></svelte:head>

<StudioHeader studio={data.studio} person={data.person} />

<main>
  <div class="title">
    <h1>Jobs</h1>
    <form class="find" action="/studio" role="search">
      <input
        type="search"
        name="find"
        aria-label="Find a job or room"
        placeholder="Find a job or room"
        value={find}
      />
      <Button type="submit">Find</Button>
    </form>
    {#if !adding}
      <Button look="primary" onclick={() => (adding = true)}>New job</Button>
    {/if}
  </div>
  <p class="told" role="status">
    {told.words}
    {#if told.back}<Button onclick={told.back}>Take it back</Button>{/if}
  </p>

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
  {#if find || one}<p class="back"><a href="/studio">All jobs</a></p>{/if}

  {#each data.jobs as job (job.id)}
    <JobSection {job} all={one ? '' : address({ job: job.id })} {acts} />
  {:else}
    {#if find}<p class="empty">No job or room has “{find}” in its name.</p>
    {:else}<p class="empty">No job yet. Press New job to start one: a name and its units are enough.</p>{/if}
  {/each}
  {#if data.asked.page > 1 || data.more}
    <nav class="pages" aria-label="Pages">
      {#if data.asked.page > 1}<a href={address({ page: data.asked.page - 1, job: one })}>Back</a>{/if}
      <span>Page {data.asked.page}</span>
      {#if data.more}<a href={address({ page: data.asked.page + 1, job: one })}>More</a>{/if}
    </nav>
  {/if}
</main>

<style>
  main {
    max-width: 72rem;
    margin: 0 auto;
    padding: 1.6rem 1.5rem 4rem;
  }
  .title {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.8rem;
    min-height: max(34px, var(--touch));
  }
  .find {
    display: flex;
    gap: 0.4rem;
    margin-left: auto;
  }
  .find input {
    min-width: 8rem;
    min-height: max(32px, var(--touch));
    padding: 0.2rem 0.5rem;
    border: 1px solid var(--rule-strong);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  @media (max-width: 480px) {
    .title {
      justify-content: space-between;
    }
    .find {
      flex-basis: 100%;
      order: 1;
    }
    .find input {
      flex: 1;
    }
  }
  .told:not(:empty) {
    display: flex;
    align-items: center;
    gap: 0.8rem;
    margin-top: 0.6rem;
    color: var(--soft);
  }
  .back,
  .pages {
    margin-top: 1rem;
  }
  .pages {
    display: flex;
    gap: 1.2rem;
    margin-top: 2rem;
    color: var(--soft);
  }
  h1 {
    font-size: 1.5rem;
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
