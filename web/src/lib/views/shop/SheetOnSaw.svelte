<script lang="ts">
  import { boardNames, materialCases, nestDrawing, shopLength } from 'goodreach';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import SelectField from '$ui/SelectField.svelte';
  import Drawing from './Drawing.svelte';
  import KeepSheet from './KeepSheet.svelte';
  import SheetHeader from './SheetHeader.svelte';
  import SheetOnRouter from './SheetOnRouter.svelte';
  import { HandMove } from './hand-move.svelte';
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

  const hand = new HandMove(
    untrack(() => choice),
    () =>
      nest && asked && !isOld && !choice.nester.busy
        ? { asked, sheets: nest.sheets, style: session.style }
        : null,
  );
  // What is in hand lies on the sheet that is shown.
  $effect(() => {
    void [shown?.case.id, choice.sheet, isOld];
    untrack(() => {
      if (!hand.held) hand.letGo();
    });
  });
  const held = $derived(hand.held);
  const isFixed = $derived(asked?.parts.find(({ id }) => id === held?.id)?.grain ?? true);

  function next(by: number) {
    if (!sheet) return;
    const at = (choice.cut ?? -1) + by;
    choice.cut = at < 0 ? null : Math.min(sheet.cuts.length - 1, at);
  }
  function say(id: string): string {
    const own = shown?.of.get(id);
    return own ? `${own.made.number} ${boardNames[own.part.name]}` : id;
  }
  /** The small picture of a sheet that something is dropped on. */
  function sheetUnder(over: Element | null): number | null {
    const at = over?.closest('[data-sheet]')?.getAttribute('data-sheet');
    return at === null || at === undefined ? null : Number(at);
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
      said="Sheet {choice.sheet + 1} of {nest.count}, {sheet.stock}, {sheet.parts.length} {sheet.parts
        .length === 1
        ? 'part'
        : 'parts'}"
      count={nest.count}
    >
      {#if !isOld}<KeepSheet {choice} material={shown.case.id} {sheet} />{/if}
      <Button disabled={choice.cut === null} onclick={() => next(-1)}>Cut before</Button>
      <Button disabled={choice.cut === sheet.cuts.length - 1} onclick={() => next(1)}>Next cut</Button>
    </SheetHeader>
    <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions (parts are moved by arrow keys, as by the pointer) -->
    <div
      class="ground"
      role="application"
      aria-label="Parts of the sheet. Press one to take it in hand, or N for the next; arrow keys move it to the next place where it can be cut free, Escape lets it go."
      tabindex="0"
      onkeydown={(event) => hand.key(event)}
    >
      <Drawing
        label="Sheet {choice.sheet + 1} of {nest.count} with its parts"
        draw={(scale) =>
          nestDrawing(hand.shown ?? sheet, asked, {
            ...{ scale, length, cut: choice.cut, chosen, say },
            hand: hand.part === null ? null : { part: hand.part, fits: hand.fits },
          })}
        onchoose={choose}
        ontake={(at) => !isOld && hand.take(at)}
        ondrag={(at) => hand.drag(at)}
        ondrop={(over) => hand.drop(sheetUnder(over))}
      />
    </div>
    {#if nest.count > 1}
      <div class="others" role="group" aria-label="Sheets of {shown.name}">
        {#each nest.sheets as one, index (index)}
          <button
            aria-pressed={index === choice.sheet}
            aria-label="Sheet {index + 1}"
            data-sheet={index}
            onclick={() => ((choice.sheet = index), (choice.cut = null))}
            ><Drawing
              label="Sheet {index + 1}"
              draw={() => nestDrawing({ ...one, cuts: [] }, asked, { scale: 4_000, length, chosen })}
            /></button
          >
        {/each}
      </div>
    {/if}
    <div class="foot">
      {#if held}
        <div class="hand">
          <span>{say(held.id)}, {length(held.l)} × {length(held.w)}</span>
          {#if !isFixed}<Button onclick={() => hand.turn()}>Turn it</Button>{/if}
          <SelectField
            label="To sheet"
            wide="4rem"
            value={String(choice.sheet)}
            onchoose={(to) => hand.toSheet(Number(to))}
          >
            {#each nest.sheets as _, index (index)}<option value={String(index)}>{index + 1}</option>{/each}
            <option value={String(nest.sheets.length)}>a new one</option>
          </SelectField>
          <Button onclick={() => hand.letGo()}>Done</Button>
        </div>
      {:else}
        <p role="status">
          {#if cut && choice.cut !== null}
            Cut {choice.cut + 1} of {sheet.cuts.length}: {'x' in cut
              ? `across the sheet, ${length(cut.x)} from its left`
              : `along the sheet, ${length(cut.y)} from its foot`}, {length(cut.to - cut.from)} long.
          {:else}{sheet.cuts.length} cuts; grain runs from left to right.{/if}
        </p>
      {/if}
      {#if hand.problem}<p class="problem" role="alert">{hand.problem}</p>{/if}
    </div>
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
  .ground {
    display: grid;
    min-height: 0;
  }
  .foot {
    grid-row: 4;
    display: flex;
    align-items: center;
    gap: 0.4rem 1rem;
    flex-wrap: wrap;
    min-height: 3.4rem;
    padding: 0 1rem;
  }
  .hand {
    display: flex;
    align-items: center;
    gap: 0.6rem;
    font-size: 13px;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
  }
  .hand :global(label) {
    width: 10rem;
  }
  .problem {
    color: var(--blocked);
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
  .empty {
    padding: 2rem;
  }
</style>
