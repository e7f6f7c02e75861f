<script lang="ts">
  import { goto } from '$app/navigation';
  import CostCompared from '$lib/panels/CostCompared.svelte';
  import RoomPlan from '$lib/panels/RoomPlan.svelte';
  import { sendJson } from '$session/send-json';
  import { page } from '$ui/alive.svelte';
  import Button from '$ui/Button.svelte';
  import Length from '$ui/Length.svelte';
  import type { PageData } from './$types';

  let { data }: { data: PageData } = $props();
  let problem = $state('');
  /** The area of each option, by its id: known once it is drawn. */
  let areas: Record<string, string> = $state({});

  async function choose(id: string) {
    const answer = await sendJson('PATCH', `/api/rooms/${id}`, { chosen: true });
    if (answer.ok) location.assign(`/rooms/${id}`);
    else problem = answer.message;
  }
</script>

<svelte:head><title>Options of {data.name} – Good Reach</title></svelte:head>

<header>
  <nav aria-label="Where you are">
    <a href="/studio">Jobs</a> <span aria-hidden="true">/</span>
    <a href="/rooms/{data.sides[0]!.id}">{data.name}</a> <span aria-hidden="true">/</span>
    <strong>options {data.sides[0]!.option} and {data.sides[1]!.option}</strong>
  </nav>
</header>

<main>
  {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
  <div class="sides">
    {#each data.sides as side, index (side.id)}
      <section aria-labelledby="option-{side.option}">
        <div class="title">
          <h1 id="option-{side.option}">Option {side.option}</h1>
          {#if data.options.length > 2}
            <label>
              Show
              <select
                value={side.id}
                disabled={!page.isAlive}
                onchange={(event) => {
                  const shown = data.sides.map(({ id }) => id);
                  shown[index] = event.currentTarget.value;
                  void goto(`/rooms/${shown[0]}/compare/${shown[1]}`);
                }}
              >
                {#each data.options as { id, option } (id)}
                  <option value={id} disabled={id === data.sides[1 - index]!.id}>{option}</option>
                {/each}
              </select>
            </label>
          {/if}
          <a href="/rooms/{side.id}">Open</a>
          {#if side.chosen}<span class="chosen">chosen</span>
          {:else}<Button onclick={() => choose(side.id)}>Choose {side.option}</Button>{/if}
        </div>
        <div class="plan">
          {#key side.id}
            <RoomPlan
              id={side.id}
              revision={side.revision}
              chains
              onarea={(area) => (areas = { ...areas, [side.id]: area })}
            />
          {/key}
        </div>
        <p class="about">
          {#if areas[side.id]}{areas[side.id]} ·{/if} price in the ranges {side.total}{#if side.unpriced > 0}, {side.unpriced}
            to be asked for{/if}
          · revision {side.revision}
        </p>
      </section>
    {/each}
  </div>
  <CostCompared sides={[data.sides[0]!, data.sides[1]!]} />
  <table>
    <caption>Items, those that differ first</caption>
    <thead>
      <tr>
        <th scope="col">Code</th>
        <th scope="col">What</th>
        <th scope="col">Width × depth × height</th>
        {#each data.sides as { id, option } (id)}<th scope="col" class="count">{option}</th>{/each}
      </tr>
    </thead>
    <tbody>
      {#each data.items as item, index (index)}
        <tr class:differs={item.first !== item.second || item.moved > 0}>
          <th scope="row">{item.code}</th>
          <td>
            {item.name}{#if item.moved > 0}<span class="moved">, {item.moved} in another place</span>{/if}
          </td>
          <td><Length text={item.size} /></td>
          <td class="count">{item.first || '–'}</td>
          <td class="count">{item.second || '–'}</td>
        </tr>
      {:else}
        <tr><td colspan="5">Neither option has items yet.</td></tr>
      {/each}
    </tbody>
  </table>
</main>

<style>
  header {
    padding: 0.7rem 1.2rem;
    border-bottom: 1px solid var(--rule);
    background: var(--chrome);
  }
  nav {
    color: var(--soft);
  }
  nav a {
    color: inherit;
  }
  strong {
    color: var(--text);
    font-weight: 500;
  }
  main {
    display: grid;
    gap: 1.4rem;
    max-width: 90rem;
    margin: 0 auto;
    padding: 1.2rem;
  }
  .sides {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(26rem, 100%), 1fr));
    gap: 1.2rem;
  }
  section {
    min-width: 0;
    padding: 0.9rem;
    border: 1px solid var(--rule);
    background: var(--sheet);
  }
  .title {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.9rem;
    min-height: max(34px, var(--touch));
  }
  h1 {
    flex: 1;
    font-size: 1.1rem;
  }
  .chosen {
    color: var(--clear);
    font-weight: 500;
  }
  .plan {
    --plan-height: min(54vh, 34rem);
    margin-top: 0.6rem;
  }
  .about,
  label {
    color: var(--soft);
    font-size: 13px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  caption {
    padding-bottom: 0.4rem;
    font-weight: 500;
    text-align: left;
  }
  th,
  td {
    padding: 0.3rem 0.6rem;
    border-bottom: 1px solid var(--rule);
    font-weight: 400;
    text-align: left;
  }
  thead th {
    color: var(--soft);
    font-size: 13px;
  }
  .count {
    width: 4rem;
    text-align: right;
  }
  .differs {
    background: color-mix(in srgb, var(--clay) 7%, transparent);
  }
  .moved {
    color: var(--clay-strong);
  }
  .differs .count {
    font-weight: 600;
  }
  .problem {
    color: var(--blocked);
  }
</style>
