<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import StudioHeader from '$lib/panels/studio/StudioHeader.svelte';
  import { sendJson } from '$session/send-json';
  import Button from '$ui/Button.svelte';
  import { sayDate } from '$ui/say-date';
  import type { PageData } from './$types';

  let { data }: { data: PageData } = $props();
  let told = $state('');

  async function takeBack({ of, id, name }: (typeof data.removed)[number]) {
    const answer = await sendJson('DELETE', `/api/${of}s/${id}/removed`);
    told = answer.ok ? `${name} is back.` : answer.message;
    await invalidateAll();
  }
</script>

<svelte:head><title>Removed – {data.studio} – Good Reach</title></svelte:head>

<StudioHeader studio={data.studio} person={data.person} />

<main>
  <h1>Removed</h1>
  <p class="lead">Jobs and rooms that were removed can be taken back for {data.days} days.</p>
  <p role="status">{told}</p>
  {#if data.removed.length === 0}
    <p class="lead">Nothing is removed.</p>
  {:else}
    <table>
      <thead>
        <tr><th>What</th><th>Removed</th><th>Gone for good</th><th></th></tr>
      </thead>
      <tbody>
        {#each data.removed as thing (thing.id)}
          <tr>
            <td>
              <strong>{thing.name}</strong>
              <span>{thing.of === 'job' ? 'job with its rooms' : `room of ${thing.job}`}</span>
            </td>
            <td>{sayDate(thing.removedAt)}</td>
            <td>{sayDate(thing.goneAt)}</td>
            <td
              ><Button aria-label="Take {thing.name} back" onclick={() => takeBack(thing)}
                >Take it back</Button
              ></td
            >
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
</main>

<style>
  main {
    display: grid;
    gap: 0.8rem;
    max-width: 60rem;
    margin: 0 auto;
    padding: 1.6rem 1.5rem 4rem;
  }
  h1 {
    font-size: 1.5rem;
  }
  .lead,
  td span {
    color: var(--soft);
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th {
    color: var(--soft);
    font-size: 13px;
    font-weight: 400;
    text-align: left;
  }
  th,
  td {
    padding: 0.5rem 0.6rem 0.5rem 0;
    border-bottom: 1px solid var(--rule);
    overflow-wrap: anywhere;
  }
  td span {
    margin-left: 0.5rem;
    font-size: 13px;
  }
</style>
