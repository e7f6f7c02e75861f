<script lang="ts">
  import {
    frameScales,
    frameWay,
    layerNames,
    placeFrames,
    recordsOf,
    setFrame,
    viewLayers,
    type FrameRecord,
    type ViewOnPage,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import { overlapping, placesOf } from '$views/sheet/frame-moves';
  import type { SheetChoice } from '$views/sheet/sheet-choice.svelte';
  import type { ShownSheet } from '$views/sheet/sheets.worker';
  import { scalesFor, viewName } from './draw-words';

  /** How the chosen drawing lies on its sheet, which drawings are left out, and which lie over one another. */
  let { choice, sheets }: { choice: SheetChoice; sheets: readonly ShownSheet[] } = $props();
  const { session } = useWorkspace();
  const design = $derived(session.document);
  const all = $derived(sheets.flatMap((sheet) => sheet.frames.map((frame) => ({ frame, sheet }))));
  const found = $derived(all.find(({ frame }) => frame.drawing === choice.framed));
  const way = $derived(found && frameWay(design, found.frame.drawing));
  const page = $derived(sheets[0]?.page.id ?? '');
  const scales = $derived(scalesFor(frameScales, session.style.unit));
  /** The sheets a drawing that lies among others can go to: those there are, and one more. */
  const among = $derived(
    [...new Set(all.flatMap(({ frame }) => (frame.packed && isAlike(frame) ? [frame.sheet] : [])))].sort(
      (a, b) => a - b,
    ),
  );
  const isAlike = ({ drawing }: ViewOnPage) => isDetail(drawing) === isDetail(choice.framed ?? '');
  const isDetail = (drawing: string) => design.records[drawing]?.kind === 'dimension';
  const hidden = $derived(recordsOf(design, 'frame').filter((one) => one.hidden));
  const over = $derived(sheets.flatMap(({ frames }) => overlapping(frames)));

  type Change = Omit<Parameters<typeof setFrame.run>[1], 'drawing' | 'id'>;
  const set = (change: Change, drawing = choice.framed ?? '') =>
    session.run(setFrame, { id: `frame-${nanoid(8)}`, drawing, ...change });
  function show(layer: (typeof viewLayers)[number], shown: boolean) {
    const without = (way?.without ?? []).filter((one) => one !== layer);
    set({ without: shown ? without : [...without, layer] });
  }
  function toSheet(sheet: number) {
    if (!found) return;
    const there = all.find(({ frame }) => frame.packed && isAlike(frame) && frame.sheet === sheet);
    const frames = [
      ...placesOf(found.sheet.frames, found.frame.drawing, { x: 0, y: 0 }, sheet),
      ...(there && there.sheet !== found.sheet ? placesOf(there.sheet.frames, '', { x: 0, y: 0 }) : []),
    ];
    session.run(placeFrames, { page, frames });
  }
  /** All drawings of its sheet lie as of themselves again. */
  function release() {
    const free = (found?.sheet.frames ?? []).map(({ drawing }) => drawing);
    session.run(placeFrames, { page, frames: [], free });
  }
  const nameOf = ({ drawing }: FrameRecord) => viewName(design, drawing);
</script>

{#if found}
  <h2>{found.frame.name}</h2>
  <p class="help">Drag it on its sheet, or its edges to crop it. Arrow keys move it by a millimetre.</p>
  <label class="row">
    Scale
    <select
      value={String(way?.ratio ?? '')}
      onchange={({ currentTarget: { value } }) => set({ ratio: value ? Number(value) : null })}
    >
      <option value="">As the set</option>
      {#each scales as { ratio, text } (ratio)}<option value={String(ratio)}>{text}</option>{/each}
    </select>
  </label>
  {#if found.frame.packed}
    <label class="row">
      Sheet
      <select
        value={String(found.frame.sheet)}
        onchange={({ currentTarget: { value } }) => toSheet(Number(value))}
      >
        {#each among as sheet, at (sheet)}<option value={String(sheet)}>{at + 1}</option>{/each}
        <option value={String(among.at(-1)! + 1)}>One of its own</option>
      </select>
    </label>
  {/if}
  <fieldset>
    <legend>Shows</legend>
    {#each viewLayers as layer (layer)}
      <label>
        <input
          type="checkbox"
          checked={!way?.without?.includes(layer)}
          onchange={({ currentTarget: { checked } }) => show(layer, checked)}
        />
        {layerNames[layer]}
      </label>
    {/each}
    <label>
      <input
        type="checkbox"
        checked={!way?.plain}
        onchange={({ currentTarget: { checked } }) => set({ plain: checked ? null : true })}
      />
      Hatches
    </label>
  </fieldset>
  <div class="exports">
    {#if way?.crop}<Button onclick={() => set({ crop: null })}>Show all of it</Button>{/if}
    {#if way?.place}<Button onclick={release}>Lay the sheet out again</Button>{/if}
    {#if found.frame.packed}<Button
        look="quiet"
        onclick={() => {
          if (set({ hidden: true })) choice.framed = null;
        }}>Leave it out</Button
      >{/if}
    <Button look="quiet" onclick={() => (choice.framed = null)}>Done</Button>
  </div>
{/if}
{#if hidden.length > 0}
  <ul aria-label="Drawings that are left out">
    {#each hidden as one (one.id)}
      <li>
        <span>{nameOf(one)}, left out</span>
        <Button look="quiet" onclick={() => set({ hidden: null }, one.drawing)}>Back</Button>
      </li>
    {/each}
  </ul>
{/if}
{#each over as [one, other], at (at)}
  <p class="problem" role="status">{one} and {other} lie over one another.</p>
{/each}

<style>
  fieldset {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0 0.4rem;
    margin: 0;
    padding: 0;
    border: 0;
    font-size: 13px;
  }
  legend {
    padding: 0;
    color: var(--soft);
  }
  fieldset label {
    display: flex;
    align-items: center;
    gap: 0.35rem;
    min-height: max(24px, var(--touch));
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
    font-size: 13px;
  }
  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
  }
</style>
