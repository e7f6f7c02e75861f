<script lang="ts">
  import { boardNames, materialCases, nestDrawing, shopLength } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import Drawing from './Drawing.svelte';
  import SheetHeader from './SheetHeader.svelte';
  import SheetOnRouter from './SheetOnRouter.svelte';
  import type { BuildChoice } from './build-choice.svelte';

  /** A sheet as it lies on the saw: its parts, and the next cut. */
  let { choice }: { choice: BuildChoice } = $props();
  const { session, screen } = useWorkspace();
  const cases = $derived(materialCases(session.settled, choice.sawing));
  const shown = $derived(cases.find(({ case: { id } }) => id === choice.material) ?? cases[0]);
  const asked = $derived(choice.nester.asked.find(({ id }) => id === shown?.case.id));
  const nest = $derived(shown ? (choice.nester.found[shown.case.id]?.nest ?? null) : null);
  const sheet = $derived(nest?.sheets[Math.min(choice.sheet, nest.sheets.length - 1)] ?? null);
  const isOld = $derived(shown !== undefined && choice.isOld(shown));
  const chosen = $derived(
    new Set(
      [...(shown?.of ?? [])].flatMap(([id, { made }]) => (screen.isSelected(made.record.id) ? [id] : [])),
    ),
  );
  const length = $derived(shopLength(session.style));
  const cut = $derived(sheet && choice.cut !== null ? (sheet.cuts[choice.cut] ?? null) : null);

  function next(by: number) {
    if (!sheet) return;
    const at = (choice.cut ?? -1) + by;
    choice.cut = at < 0 ? null : Math.min(sheet.cuts.length - 1, at);
  }
  function say(id: string): string {
    const own = shown?.of.get(id);
    return own ? `${own.made.number} ${boardNames[own.part.name]}` : id;
  }
  function choose(id: string) {
    const own = shown?.of.get(id);
    if (own) screen.select(own.made.record.id);
  }
</script>

{#if shown && asked && nest && sheet && choice.cutOn === 'router' && !isOld}
  <SheetOnRouter {choice} of={shown} {nest} at={Math.min(choice.sheet, nest.sheets.length - 1)} />
{:else if shown && asked && nest && sheet}
  <section aria-label="Sheet on the saw">
    <SheetHeader
      {choice}
      title="{shown.name}, {length(shown.material.thick)}"
      said="Sheet {choice.sheet + 1} of {nest.count}, {sheet.stock}, {sheet.parts.length} parts"
      count={nest.count}
    >
      {#if !isOld}<Button
          aria-pressed={choice.isKept(shown.case.id, sheet)}
          onclick={() => choice.keep(shown.case.id, sheet)}
          >{choice.isKept(shown.case.id, sheet) ? 'Kept as it is' : 'Keep this sheet'}</Button
        >{/if}
      <Button disabled={choice.cut === null} onclick={() => next(-1)}>Cut before</Button>
      <Button disabled={choice.cut === sheet.cuts.length - 1} onclick={() => next(1)}>Next cut</Button>
    </SheetHeader>
    <Drawing
      label="Sheet {choice.sheet + 1} of {nest.count} with its parts"
      draw={(scale) => nestDrawing(sheet, asked, { scale, length, cut: choice.cut, chosen, say })}
      onchoose={choose}
    />
    {#if nest.count > 1}
      <div class="others" role="group" aria-label="Sheets of {shown.name}">
        {#each nest.sheets as one, index (index)}
          <button
            aria-pressed={index === choice.sheet}
            aria-label="Sheet {index + 1}"
            onclick={() => ((choice.sheet = index), (choice.cut = null))}
            ><Drawing
              label="Sheet {index + 1}"
              draw={() => nestDrawing({ ...one, cuts: [] }, asked, { scale: 4_000, length, chosen })}
            /></button
          >
        {/each}
      </div>
    {/if}
    <p class="cut" role="status">
      {#if cut && choice.cut !== null}
        Cut {choice.cut + 1} of {sheet.cuts.length}: {'x' in cut
          ? `across the sheet, ${length(cut.x)} from its left`
          : `along the sheet, ${length(cut.y)} from its foot`}, {length(cut.to - cut.from)} long.
      {:else}{sheet.cuts.length} cuts; grain runs from left to right.{/if}
    </p>
  </section>
{:else}
  <p class="empty">
    {#if cases.length === 0}Nothing of this room is cut from sheets yet.
    {:else if choice.nester.busy}Nesting…
    {:else}Press Nest: the parts of every material are laid on sheets.{/if}
  </p>
{/if}

<style>
  section {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto auto;
    height: 100%;
    background: var(--ink-paper);
  }
  p {
    color: var(--soft);
    font-size: 13px;
    font-variant-numeric: tabular-nums;
  }
  .others {
    display: flex;
    gap: 0.5rem;
    padding: 0.4rem 1rem;
    overflow-x: auto;
    border-top: 1px solid var(--rule);
  }
  .others button {
    display: grid;
    flex: none;
    width: 8.5rem;
    height: 5.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
  }
  .others button:hover,
  .others [aria-pressed='true'] {
    border-color: var(--clay);
  }
  .cut {
    grid-row: 4;
    padding: 0 1rem 0.7rem;
  }
  .empty {
    padding: 2rem;
  }
</style>
