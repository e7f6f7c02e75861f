<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import RoomPlan from '$lib/panels/RoomPlan.svelte';
  import { askServer } from '$lib/outcome';
  import { labelOf } from '$session/edits';
  import { postJson } from '$session/send-json';
  import { page } from '$ui/alive.svelte';
  import Button from '$ui/Button.svelte';
  import { sayTime } from '$ui/say-date';
  import type { PageData } from './$types';

  // What was done to a room, by whom and when; what it was at any revision is seen, taken out as a room of its own, or brought back.
  let { data }: { data: PageData } = $props();
  let earlier: typeof data.edits = $state([]);
  let isMore: boolean | null = $state(null);
  let chosen: number | null = $state(null);
  let area = $state('');
  let told = $state('');

  const edits = $derived([...data.edits, ...earlier]);
  const more = $derived(isMore ?? data.more);
  const shown = $derived(chosen ?? data.revision);
  const words = ({ action, ...edit }: (typeof edits)[number]) => {
    const label = labelOf(edit);
    if (action === 'do') return label;
    return action === 'undo' ? `Undo: ${label}` : `Redo: ${label}`;
  };

  function choose(revision: number) {
    [chosen, told] = [revision, ''];
  }

  async function goOn() {
    const before = edits.at(-1)!.revision;
    const answer = await askServer(`/api/rooms/${data.id}/history?before=${before}`).catch(() => null);
    if (!answer?.ok) {
      told = 'What came before could not be fetched. Try again.';
      return;
    }
    const next = (await answer.json()) as Pick<PageData, 'edits' | 'more'>;
    earlier = [...earlier, ...next.edits];
    isMore = next.more;
  }

  async function bringBack() {
    const revision = shown;
    const answer = await postJson<{ revision: number }>(`/api/rooms/${data.id}/revisions/${revision}`, {});
    if (!answer.ok) {
      told = answer.message;
      return;
    }
    [earlier, isMore, chosen] = [[], null, null];
    await invalidateAll();
    told = `The room is as it was at revision ${revision}. That is one more edit: what came since is kept here.`;
  }

  async function takeOut() {
    const answer = await postJson<{ id: string }>(`/api/rooms/${data.id}/copies`, { revision: shown });
    if (answer.ok) await goto(`/rooms/${answer.value.id}`);
    else told = answer.message;
  }
</script>

<svelte:head><title>History of {data.name} – Good Reach</title></svelte:head>

<header>
  <nav aria-label="Where you are">
    <a href="/studio">Jobs</a> <span aria-hidden="true">/</span>
    <a href="/rooms/{data.id}" data-sveltekit-reload>{data.name}</a> <span aria-hidden="true">/</span>
    <strong>history</strong>
  </nav>
</header>

<main>
  <section class="list" aria-labelledby="edits">
    <h1 id="edits">History of {data.name}</h1>
    <ol>
      {#each edits as edit (edit.revision)}
        <li>
          <button
            aria-pressed={shown === edit.revision}
            disabled={!page.isAlive}
            onclick={() => choose(edit.revision)}
          >
            <span class="revision">{edit.revision}</span>
            <span class="what">{words(edit)}</span>
            <span class="who">{edit.person}</span>
            <time datetime={new Date(edit.madeAt).toISOString()}>{sayTime(edit.madeAt)}</time>
          </button>
        </li>
      {/each}
      {#if !more}
        <li>
          <button aria-pressed={shown === 0} disabled={!page.isAlive} onclick={() => choose(0)}>
            <span class="revision">0</span>
            <span class="what">The room is made</span>
            <span class="who"></span>
            <time datetime={new Date(data.createdAt).toISOString()}>{sayTime(data.createdAt)}</time>
          </button>
        </li>
      {/if}
    </ol>
    {#if more}<Button onclick={goOn}>Earlier edits</Button>{/if}
  </section>
  <section class="shown" aria-labelledby="shown">
    <h2 id="shown">Revision {shown}{shown === data.revision ? ', as it is now' : ''}</h2>
    {#key shown}<RoomPlan id={data.id} revision={shown} onarea={(found) => (area = found)} />{/key}
    <p class="about">{area}</p>
    <div class="acts">
      {#if shown !== data.revision}
        <Button look="primary" onclick={bringBack}>Bring this back</Button>
      {/if}
      <Button onclick={takeOut}>Take it out as a room of its own</Button>
      <a href="/api/rooms/{data.id}/design.json?revision={shown}" download>Design file</a>
    </div>
    <p role="status">{told}</p>
  </section>
</main>

<style>
  header {
    padding: 0.6rem 1.5rem;
    border-bottom: 1px solid var(--rule);
    background: var(--chrome);
  }
  header a,
  .acts a {
    color: var(--tide);
  }
  main {
    display: grid;
    grid-template-columns: minmax(20rem, 1fr) minmax(20rem, 1.1fr);
    gap: 2rem;
    max-width: 76rem;
    margin: 0 auto;
    padding: 1.4rem 1.5rem 4rem;
  }
  h1,
  h2 {
    margin-bottom: 0.7rem;
    font-size: 1.2rem;
  }
  ol {
    margin: 0 0 1rem;
    padding: 0;
    list-style: none;
  }
  li button {
    display: grid;
    grid-template-columns: 3.2rem minmax(0, 1fr) auto 10rem;
    gap: 0.6rem;
    align-items: baseline;
    width: 100%;
    min-height: max(32px, var(--touch));
    padding: 0.3rem 0.5rem;
    border: 0;
    border-bottom: 1px solid var(--rule);
    border-left: 3px solid transparent;
    background: none;
    color: var(--text);
    cursor: pointer;
    text-align: left;
  }
  li button:hover {
    background: var(--chrome);
  }
  li button[aria-pressed='true'] {
    border-left-color: var(--clay);
    background: var(--sheet);
  }
  .revision,
  time {
    color: var(--soft);
    font-variant-numeric: tabular-nums;
  }
  .revision,
  time {
    text-align: right;
  }
  .what {
    overflow-wrap: anywhere;
  }
  .who,
  time,
  .about {
    color: var(--soft);
    font-size: 13px;
  }
  .shown {
    position: sticky;
    top: 1rem;
    align-self: start;
  }
  .shown :global(.plan) {
    height: min(60vh, 30rem);
    padding: 1rem;
    border: 1px solid var(--rule);
    background: var(--sheet);
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.8rem;
    margin: 0.8rem 0;
  }
  @media (max-width: 860px) {
    main {
      grid-template-columns: minmax(0, 1fr);
    }
    .shown {
      position: static;
      order: -1;
    }
    li button {
      grid-template-columns: 2.6rem minmax(0, 1fr) auto;
    }
    li time {
      grid-column: 2 / -1;
      text-align: left;
    }
  }
</style>
