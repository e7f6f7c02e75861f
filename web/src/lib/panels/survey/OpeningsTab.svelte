<script lang="ts">
  import {
    formatLength,
    openingNames,
    type OpeningRecord,
    type OpeningShape,
    type OpeningType,
    openingTypes,
    placedOpenings,
    putOpening,
    roomShape,
    shapeOfOpening,
    usualOpening,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { tick } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import ChoiceList from '$ui/ChoiceList.svelte';

  const { session, screen, openingKinds } = useWorkspace();
  const shape = $derived(roomShape(session.document));
  const openings = $derived(placedOpenings(session.document));
  let note = $state('');

  /** Adds an opening in the middle of the free part of the chosen face, to be corrected in the facts. */
  const add = (type: OpeningType) => put(shapeOfOpening(usualOpening('', '', type, 0, session.style.unit)));

  function put(what: OpeningShape) {
    note = '';
    const selected = session.committed.records[screen.selected ?? ''];
    const faceId =
      selected?.kind === 'face'
        ? selected.id
        : selected?.kind === 'opening'
          ? selected.face
          : shape.faces[0]!.id;
    const id = `opening-${nanoid(8)}`;
    for (const face of [shape.byId.get(faceId)!, ...shape.faces]) {
      const width = Math.min(what.width, face.chord);
      for (const distance of places(face.length - width)) {
        const opening: OpeningRecord = {
          ...what,
          kind: 'opening',
          id,
          face: face.id,
          from: 'left',
          to: 'left',
          width,
          distance,
        };
        if (session.mayRun(putOpening, opening) !== '') continue;
        session.run(putOpening, opening);
        screen.select(opening.id);
        // Its place is what is typed next.
        void tick().then(() => document.querySelector<HTMLInputElement>('[name=opening-distance]')?.focus());
        return;
      }
    }
    note = 'No face has room for it. Make another opening narrower first.';
  }

  async function forget(id: string) {
    note = await openingKinds.forget(id);
  }

  /** Distances to try along what is free: the middle first, then the ends and quarters. */
  function places(free: number): number[] {
    return [0.5, 0, 1, 0.25, 0.75].map((share) => Math.round(free * share));
  }
</script>

<div class="adds">
  {#each openingTypes as type (type)}
    <Button onclick={() => add(type)}>Add {openingNames[type].toLowerCase()}</Button>
  {/each}
</div>
{#if openingKinds.kinds.length > 0}
  <h3>Kinds kept</h3>
  <ul>
    {#each openingKinds.kinds as { id, name, shape } (id)}
      <li>
        <button class="kind" onclick={() => put(shape)} aria-label="Add {name}">
          {name}
          <small
            >{formatLength(shape.width, session.style)} × {formatLength(shape.height, session.style)}</small
          >
        </button>
        <button class="forget" aria-label="Forget {name}" onclick={() => forget(id)}>×</button>
      </li>
    {/each}
  </ul>
{/if}
{#if note}<p class="help" role="alert">{note}</p>{/if}
<ChoiceList
  things={openings.map((opening) => ({ id: opening.record.id, ...opening }))}
  chosen={screen.selected}
  onchoose={(id) => screen.select(id)}
  empty="None yet. Choose a face, then add a door or a window and type its distance from the corner."
>
  {#snippet children({ record, face, name })}
    <span>{name}</span>
    {openingNames[record.type]} on face {face.letter}
  {/snippet}
</ChoiceList>

<style>
  .adds {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }
  ul {
    display: grid;
    gap: 0.3rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 30px;
    gap: 0.3rem;
  }
  li button {
    min-height: max(30px, var(--touch));
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
  }
  li button:hover {
    border-color: var(--clay);
  }
  .kind {
    display: flex;
    justify-content: space-between;
    gap: 0.4rem;
    align-items: center;
    padding: 0.15rem 0.5rem;
    text-align: left;
  }
  .kind small {
    color: var(--tide);
    white-space: nowrap;
  }
  h3 {
    font-size: 13px;
  }
  span {
    width: 2rem;
    font-weight: 500;
  }
</style>
