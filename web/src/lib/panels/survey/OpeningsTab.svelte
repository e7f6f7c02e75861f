<script lang="ts">
  import {
    openingTypes,
    placedOpenings,
    putOpening,
    roomShape,
    usualOpening,
    type OpeningType,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$session/context';
  import { openingNames } from '$ui/opening-names';
  import Button from '$ui/Button.svelte';
  import ChoiceList from '$ui/ChoiceList.svelte';

  const { session, screen } = useWorkspace();
  const shape = $derived(roomShape(session.document));
  const openings = $derived(placedOpenings(session.document));
  let note = $state('');

  /** Adds an opening of its usual size in the middle of the free part of the chosen face, to be corrected in the facts. */
  function add(type: OpeningType) {
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
      const usual = usualOpening(id, face.id, type, 0, session.style.unit);
      const width = Math.min(usual.width, face.length);
      for (const distance of places(face.length - width)) {
        const opening = { ...usual, width, distance };
        if (session.mayRun(putOpening, opening) !== '') continue;
        session.run(putOpening, opening);
        screen.select(opening.id);
        return;
      }
    }
    note = 'No face has room for it. Make another opening narrower first.';
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
  span {
    width: 2rem;
    font-weight: 500;
  }
</style>
