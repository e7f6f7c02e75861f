<script lang="ts">
  import {
    labelOf,
    lostDimensions,
    nounOf,
    ownViewIds,
    recordsOf,
    removeThings,
    roomShape,
    rowNames,
    rowOfFigure,
    say,
    sayFirst,
    setRowWay,
    type DimensionRecord,
    type RowWayRecord,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import type { DimensionDraw, DimensionWish } from '$lib/tools/dimension-draw.svelte';
  import Button from '$ui/Button.svelte';
  import { dimensionNames, viewName } from './draw-words';

  /** What is put on paper by hand, and what was said of what is drawn by itself. */
  let { draw }: { draw: DimensionDraw } = $props();
  const { session, screen } = useWorkspace();
  const design = $derived(session.document);

  const wishes: readonly { name: string; wish: DimensionWish }[] = [
    { name: 'Across', wish: { type: 'length', way: 'across' } },
    { name: 'Up', wish: { type: 'length', way: 'up' } },
    { name: 'Straight', wish: { type: 'length', way: 'aligned' } },
    { name: 'Baseline', wish: { type: 'baseline', way: 'across' } },
    { name: 'Angle', wish: { type: 'angle' } },
    { name: 'Radius', wish: { type: 'radius' } },
    { name: 'Level', wish: { type: 'level' } },
    { name: 'Area', wish: { type: 'area' } },
    { name: 'Note', wish: { type: 'note' } },
    { name: 'Detail', wish: { type: 'detail' } },
  ];
  const isOn = ({ type, way }: DimensionWish) => draw.wish?.type === type && draw.wish.way === way;

  const ways = $derived(recordsOf(design, 'row-way'));
  const own = $derived(recordsOf(design, 'dimension'));
  const lost = $derived(new Set(lostDimensions(design, new Set(ownViewIds(design))).map(({ id }) => id)));

  function rowName({ view, row: own }: RowWayRecord): string {
    const whole = rowOfFigure(own);
    const row = whole ?? own;
    const labelled = labelOf(row);
    if (labelled !== null) {
      const of = design.records[labelled] ? say(nounOf(design, { of: labelled })) : 'what is gone';
      return `${viewName(design, view)}: label of ${of}`;
    }
    const key = row.split(' ').find((part) => part in rowNames) as keyof typeof rowNames | undefined;
    const face = roomShape(design).byId.get(row.split(' ')[0]!);
    const of = face ? `face ${face.letter}, ` : '';
    return `${viewName(design, view)}: ${whole === null ? '' : 'a number of '}${of}${key ? rowNames[key] : row}`;
  }
  function dimensionName({ type, view, ends, text }: DimensionRecord): string {
    const what = type === 'note' && text ? `“${text.split('\n')[0]}”` : dimensionNames[type];
    const of = design.records[ends[0]!.of] ? `, ${say(nounOf(design, { of: ends[0]!.of }))}` : '';
    return `${viewName(design, view)}: ${what}${type === 'note' ? '' : of}`;
  }
  const show = ({ view, row, id }: RowWayRecord) =>
    session.run(setRowWay, { id, view, row, hidden: false, off: 0, over: 0 });
</script>

<h2>Dimensions and notes</h2>
<div class="ways" role="group" aria-label="Put on paper">
  {#each wishes as { name, wish } (name)}
    <button aria-pressed={isOn(wish)} onclick={() => draw.begin(wish)}>{name}</button>
  {/each}
</div>
{#if draw.wish}
  <p class="asks" role="status">
    {draw.asks} Arrow keys go from place to place, Enter takes one; Escape ends it.
    {#if draw.next}<br />{sayFirst(nounOf(design, { of: draw.next.end.of }))}.{/if}
  </p>
{:else}
  <p class="help">Press a number on paper to change it, leave its row away or move it.</p>
{/if}
{#if ways.length > 0}
  <ul aria-label="Rows and labels that are not as drawn by themselves">
    {#each ways as way (way.id)}
      <li>
        <span>{rowName(way)}, {way.hidden ? 'left away' : 'moved'}</span>
        <Button look="quiet" onclick={() => show(way)}>Back</Button>
      </li>
    {/each}
  </ul>
{/if}
{#if own.length > 0}
  <ul aria-label="Put by hand">
    {#each own as one (one.id)}
      <li class:lost={lost.has(one.id)}>
        <button class="pick" aria-pressed={screen.isSelected(one.id)} onclick={() => screen.select(one.id)}>
          {dimensionName(one)}{lost.has(one.id) ? ': measures what is no longer there' : ''}
        </button>
        <Button look="quiet" onclick={() => session.run(removeThings, [one.id])}>Remove</Button>
      </li>
    {/each}
  </ul>
{/if}

<style>
  .ways {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.3rem;
  }
  .ways button {
    min-height: max(30px, var(--touch));
    padding: 0 0.3rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
    cursor: pointer;
    font-size: 13px;
  }
  .ways button:hover {
    border-color: var(--tide);
  }
  .ways button[aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: inset 0 -2px var(--clay);
  }
  .asks {
    padding: 0.3rem 0.5rem;
    border-left: 3px solid var(--tide);
    background: var(--sheet);
    font-size: 13px;
  }
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  ul {
    display: grid;
    gap: 0.15rem;
    margin: 0;
    padding: 0;
    list-style: none;
    font-size: 13px;
  }
  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.4rem;
  }
  .pick {
    min-height: max(28px, var(--touch));
    padding: 0;
    border: 0;
    background: none;
    color: inherit;
    cursor: pointer;
    text-align: left;
  }
  .pick:hover,
  .pick[aria-pressed='true'] {
    color: var(--clay-strong);
  }
  .lost {
    color: var(--blocked);
  }
</style>
