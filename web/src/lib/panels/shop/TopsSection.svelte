<script lang="ts">
  import { roomOf, shopLength, slabLayouts, slabPieces, templateWords, usualPages } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import type { BuildChoice } from '$views/shop/build-choice.svelte';
  import Button from '$ui/Button.svelte';
  import ChoiceList from '$ui/ChoiceList.svelte';

  /** The pieces of the room’s tops, waterfalls and splashes, and their files for who makes them. */
  let { choice }: { choice: BuildChoice } = $props();
  const { session, saving, roomId } = useWorkspace();
  const length = $derived(shopLength(session.style));
  const pieces = $derived(slabPieces(session.settled).map((one, index) => ({ id: String(index), ...one })));
  const slabs = $derived(
    slabLayouts(session.settled).flatMap(({ material, slabs: of }, layout) =>
      of.map(({ parts }, slab) => ({
        ...{ id: `${layout} ${slab}`, layout, slab, parts: parts.length },
        said: templateWords.slabOf(material, templateWords.slab(slab + 1, of.length)),
      })),
    ),
  );
  const chosenSlab = $derived(choice.slab && `${choice.slab.layout} ${choice.slab.slab}`);
  const page = $derived(usualPages(session.style.unit).drawing);
</script>

<ChoiceList
  things={pieces}
  chosen={slabs.some(({ id }) => id === chosenSlab)
    ? null
    : String(Math.min(choice.piece, pieces.length - 1))}
  onchoose={(id) => {
    choice.piece = Number(id);
    choice.slab = null;
  }}
  empty="There is no countertop in this room yet."
>
  {#snippet children(one)}
    <span class="name">{templateWords.name(one)}</span>
    <span class="code">{length(one.length)} × {length(one.width)}</span>
  {/snippet}
</ChoiceList>
{#each pieces.filter(({ fitsSlab }) => !fitsSlab) as one (one.id)}
  <p class="problem">
    {templateWords.name(one)} is larger than a slab. {one.of === 'top'
      ? 'Give it a joint'
      : 'Choose a larger slab'} on the Surface step.
  </p>
{/each}
{#if slabs.length > 0}
  <h3>Slabs</h3>
  <ChoiceList
    things={slabs}
    chosen={chosenSlab}
    onchoose={(id) => {
      const { layout, slab } = slabs.find((one) => one.id === id)!;
      choice.slab = { layout, slab };
    }}
  >
    {#snippet children(one)}
      <span class="name">{one.said}</span>
      <span class="code">{one.parts} {one.parts === 1 ? 'piece' : 'pieces'}</span>
    {/snippet}
  </ChoiceList>
{/if}
{#if pieces.length > 0}
  <div class="exports">
    {#if saving.state === 'saved'}
      <a class="export" href="/api/rooms/{roomId}/sheet.pdf?show=templates&page={page}" target="_blank"
        >Templates, PDF</a
      >
    {/if}
    <Button
      disabled={choice.machines.busy}
      onclick={() =>
        choice.machines.files(
          { ask: 'tops', design: session.settled },
          `${choice.titles.job} ${roomOf(session.document).name} tops`,
          session.style,
        )}>Drawings, DXF</Button
    >
  </div>
{/if}

<style>
  .name {
    flex: 1;
  }
  .code {
    color: var(--soft);
    font-size: 12px;
    font-variant-numeric: tabular-nums;
  }
</style>
