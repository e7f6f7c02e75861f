<script lang="ts">
  import {
    boardNames,
    leftToDo,
    leftWords,
    playFaultWords,
    routerDrawing,
    shopLength,
    workPiece,
    type MaterialCase,
    type Nest,
  } from 'goodreach';
  import type { PlayedSheet } from '$session/machines.worker';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import Drawing from './Drawing.svelte';
  import KeepSheet from './KeepSheet.svelte';
  import SheetHeader from './SheetHeader.svelte';
  import { clampKey, type BuildChoice } from './build-choice.svelte';

  /** The router’s stand-in: the machine file of a sheet, played over it, and what of it is refused. */
  let { choice, of, nest, at }: { choice: BuildChoice; of: MaterialCase; nest: Nest; at: number } = $props();
  const { session, screen } = useWorkspace();
  const length = $derived(shopLength(session.style));
  const key = $derived(clampKey(of.case.id, at));
  const clamps = $derived(choice.clamps[key] ?? []);
  let shown = $state.raw<PlayedSheet | null>(null);
  /** So many movements are made. */
  let until = $state(0);
  let runs = $state(false);
  const strokes = $derived(shown?.played.strokes ?? []);
  const faults = $derived(shown?.played.faults ?? []);
  const sheet = $derived(nest.sheets[at]!);
  const chosen = $derived(
    new Set([...of.of].flatMap(([id, { made }]) => (screen.isSelected(made.record.id) ? [id] : []))),
  );
  /** What other machines and hands have still to do to the parts of this sheet. */
  const left = $derived(
    [...new Set(sheet.parts.map(({ id }) => id))].flatMap((id) => {
      const words = leftWords(leftToDo(workPiece(of.of.get(id)!.part)));
      return words.length > 0 ? [{ id, words: words.join(', ') }] : [];
    }),
  );

  $effect(() => {
    const asked = {
      ...{ ask: 'play' as const, design: session.settled, sawing: choice.sawing, material: of.case.id },
      ...{ nest: $state.snapshot(nest) as Nest, sheet: at, clamps, machine: choice.router },
    };
    let isOld = false;
    void choice.machines.play(asked, session.style).then((found) => {
      if (isOld) return;
      shown = found;
      until = found?.played.strokes.length ?? 0;
    });
    return () => {
      isOld = true;
      runs = false;
    };
  });
  $effect(() => {
    if (!runs) return;
    const count = strokes.length;
    // A whole sheet takes about this long to see, whatever it takes to cut.
    const each = Math.max(1, Math.ceil(count / ROUNDS));
    const timer = setInterval(() => {
      until = Math.min(count, until + each);
      if (until === count) runs = false;
    }, 60);
    return () => clearInterval(timer);
  });
  const ROUNDS = 250;

  function play() {
    if (until >= strokes.length) until = 0;
    runs = !runs;
  }
  function say(id: string): string {
    const own = of.of.get(id);
    return own ? `${own.made.number} ${boardNames[own.part.name]}` : id;
  }
  function choose(id: string) {
    const own = of.of.get(id);
    if (own) screen.select(own.made.record.id);
  }
</script>

<section aria-label="Sheet on the router">
  <SheetHeader
    {choice}
    title="{of.name}, {length(of.material.thick)}"
    said="Sheet {at + 1} of {nest.count}, {sheet.stock}, {sheet.parts.length} {sheet.parts.length === 1
      ? 'part'
      : 'parts'}"
    count={nest.count}
  >
    <KeepSheet {choice} material={of.case.id} {sheet} />
    <Button disabled={strokes.length === 0} onclick={play}>{runs ? 'Pause' : 'Play'}</Button>
  </SheetHeader>
  {#if shown}
    {@const scene = { ...shown.bed, strokes, tools: shown.tools, faults }}
    <Drawing
      label="Sheet {at + 1} of {nest.count} on the router, {until} of {strokes.length} movements made"
      draw={(scale) => routerDrawing(scene, { until, scale, chosen, say })}
      onchoose={choose}
    />
    <label class="along">
      Movement
      <input type="range" min="0" max={strokes.length} bind:value={until} oninput={() => (runs = false)} />
      <span>{until} of {strokes.length}</span>
    </label>
    <div class="told">
      <p role="status">
        {Math.max(1, Math.round(shown.played.minutes))} minutes on the machine.
        {faults.length === 0
          ? 'Nothing is refused.'
          : `${faults.length} ${faults.length === 1 ? 'movement is' : 'movements are'} refused:`}
      </p>
      {#if faults.length > 0}
        <ul>
          {#each faults.slice(0, 8) as fault, index (index)}
            <li>
              Line {fault.line}: {playFaultWords[fault.why](
                fault.why === 'part' ? say(fault.about) : fault.about,
              )}.
            </li>
          {/each}
          {#if faults.length > 8}<li>And {faults.length - 8} more.</li>{/if}
        </ul>
      {/if}
      {#if left.length > 0}
        <details>
          <summary>Left for other machines: {left.length} {left.length === 1 ? 'part' : 'parts'}</summary>
          <ul>
            {#each left as { id, words } (id)}<li>{say(id)}: {words}</li>{/each}
          </ul>
        </details>
      {/if}
    </div>
  {:else if choice.machines.problem}
    <p class="told" role="alert">{choice.machines.problem}</p>
  {:else}
    <p class="told">The machine file is being made…</p>
  {/if}
</section>

<style>
  section {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto auto;
    height: 100%;
    background: var(--ink-paper);
  }
  .along {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr) auto;
    align-items: center;
    gap: 0.6rem;
    padding: 0.3rem 1rem;
    border-top: 1px solid var(--rule);
    color: var(--soft);
    font-size: 12.5px;
    font-variant-numeric: tabular-nums;
  }
  input {
    min-height: var(--touch);
    accent-color: var(--clay);
  }
  .told {
    max-height: 11rem;
    padding: 0 1rem 0.7rem;
    overflow-y: auto;
    color: var(--soft);
    font-size: 13px;
  }
  ul {
    margin: 0.2rem 0 0;
    padding-left: 1.1rem;
    columns: 2;
  }
  summary {
    min-height: max(24px, var(--touch));
    color: var(--tide);
    cursor: pointer;
  }
</style>
