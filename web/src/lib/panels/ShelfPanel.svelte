<script lang="ts">
  import {
    kindGroups,
    kindOf,
    nextPlace,
    ranges,
    roomOf,
    searchShelf,
    setItem,
    setRoom,
    rangeName,
    formatLength,
    type KindGroup,
    type ShelfItem,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$session/context';
  import Length from '$ui/Length.svelte';
  import type { PlanPort } from '$views/plan/plan-port';
  import type { ItemDrag } from '../tools/drag-item';
  import ItemPicture from './ItemPicture.svelte';

  let { drag, port }: { drag: ItemDrag; port: PlanPort } = $props();
  const { session, screen } = useWorkspace();

  let text = $state('');
  let at = $state(0);
  let note = $state('');
  const range = $derived(roomOf(session.document).range);
  let group: KindGroup = $state('Base');
  /** What is typed is looked for in the whole range, else one group is shown. */
  const found = $derived(
    text.trim() === ''
      ? searchShelf(range, '').filter(({ type }) => kindOf(type).group === group)
      : searchShelf(range, text),
  );
  const groups = $derived.by(() => {
    const byName = new Map<string, { item: ShelfItem; index: number }[]>();
    found.forEach((item, index) =>
      byName.set(item.name, [...(byName.get(item.name) ?? []), { item, index }]),
    );
    return [...byName];
  });

  /** Its width, and its height where the range has it in more than one. */
  function sizeOf({ type, width, height }: ShelfItem): string {
    const tall = kindOf(type).group === 'Wall' || kindOf(type).group === 'Tall';
    const wide = formatLength(width, session.style);
    return tall ? `${wide} × ${formatLength(height, session.style)}` : wide;
  }

  /** Sets an item without a pointer: beside the chosen one, else in the first free place. */
  function setNext(item: ShelfItem) {
    const placement = nextPlace(
      session.committed,
      { width: item.width, depth: item.depth, low: item.up, high: item.up + item.height },
      screen.selected ?? undefined,
    );
    if (!placement) {
      note = `There is no free place for ${item.code}. Drag it where it should stand.`;
      return;
    }
    const id = `item-${nanoid(8)}`;
    if (session.run(setItem, { id, range: item.range, code: item.code, placement })) {
      screen.select(id);
      note = `${item.code} is set. Press Enter to set another beside it.`;
    }
  }

  function press(event: PointerEvent & { currentTarget: HTMLElement }, item: ShelfItem) {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.pressShelf(item, { x: event.clientX, y: event.clientY });
  }

  function move(event: PointerEvent) {
    const place = port.locate(event.clientX, event.clientY);
    drag.move({ x: event.clientX, y: event.clientY }, place?.at ?? null, place?.snap ?? 0);
  }

  function searchKeys(event: KeyboardEvent) {
    const chosen = found[at];
    if (event.key === 'Enter' && chosen) setNext(chosen);
    else if (event.key === 'ArrowDown') at = Math.min(found.length - 1, at + 1);
    else if (event.key === 'ArrowUp') at = Math.max(0, at - 1);
    else if (event.key === 'Escape') text = '';
    else return;
    event.preventDefault();
  }
</script>

<div class="shelf">
  <label class="range">
    Range
    <select value={range} onchange={(event) => session.run(setRoom, { range: event.currentTarget.value })}>
      {#each ranges as one (one.id)}<option value={one.id}>{one.name}, {one.construction}</option>{/each}
    </select>
  </label>
  <input
    class="search"
    type="search"
    placeholder="Code or words, then Enter"
    aria-label="Find in {rangeName(range)} by code or words"
    bind:value={text}
    oninput={() => {
      at = 0;
      note = '';
    }}
    onkeydown={searchKeys}
  />
  {#if text.trim() === ''}
    <div class="groups" role="group" aria-label="Kinds">
      {#each kindGroups as one (one)}
        <button aria-pressed={one === group} onclick={() => (group = one)}>{one}</button>
      {/each}
    </div>
  {/if}
  {#if note}<p class="note" role="status">{note}</p>{/if}
  <div class="list">
    {#each groups as [name, entries] (name)}
      <h3>{name}</h3>
      <ul>
        {#each entries as { item, index } (item.code)}
          <li>
            <button
              class="item"
              class:at={text !== '' && index === at}
              title="Drag onto the plan, or press Enter to set it in the next free place"
              onpointerdown={(event) => press(event, item)}
              onpointermove={move}
              onpointerup={() => drag.release()}
              onpointercancel={() => drag.cancel()}
              onkeydown={(event) => {
                if (event.key === 'Enter') setNext(item);
                if (event.key === 'Escape') drag.cancel();
              }}
            >
              <ItemPicture {item} />
              <span class="code">{item.code}</span>
              <span class="size"><Length text={sizeOf(item)} /></span>
            </button>
          </li>
        {/each}
      </ul>
    {:else}
      <p class="note">
        Nothing in {rangeName(range)} matches “{text}”. Try a width, such as 600, or a word, such as drawer.
      </p>
    {/each}
  </div>
</div>

<style>
  .shelf {
    display: flex;
    flex-direction: column;
    gap: 0.6rem;
    height: 100%;
    padding: 0.8rem 0 0;
  }
  .range,
  .search,
  .note {
    margin: 0 0.8rem;
  }
  .range {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    align-items: center;
    gap: 0.6rem;
    color: var(--soft);
  }
  select,
  .search {
    min-width: 0;
    min-height: 32px;
    padding: 0.15rem 0.45rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .search {
    border-color: var(--rule-strong);
  }
  .groups {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem;
    margin: 0 0.8rem;
  }
  .groups button {
    min-height: 28px;
    padding: 0.1rem 0.6rem;
    border: 1px solid var(--rule);
    border-radius: 14px;
    background: none;
    cursor: pointer;
    font-size: 13px;
  }
  .groups button:hover {
    border-color: var(--clay);
  }
  .groups button[aria-pressed='true'] {
    border-color: var(--clay);
    background: var(--sheet);
    font-weight: 500;
  }
  .note {
    color: var(--soft);
    font-size: 12.5px;
  }
  .list {
    flex: 1;
    min-height: 0;
    padding: 0 0.8rem 1rem;
    overflow-y: auto;
  }
  h3 {
    margin: 0.7rem 0 0.3rem;
    color: var(--soft);
    font-size: 12.5px;
  }
  h3:first-child {
    margin-top: 0;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.35rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  .item {
    display: grid;
    justify-items: center;
    width: 100%;
    padding: 0.35rem 0.1rem 0.25rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    cursor: grab;
    touch-action: none;
  }
  .item:hover,
  .item.at {
    border-color: var(--clay);
  }
  .item.at {
    box-shadow: inset 0 0 0 1px var(--clay);
  }
  .code {
    font-size: 12.5px;
    font-weight: 500;
  }
  .size {
    color: var(--soft);
    font-size: 12px;
    line-height: 1.2;
  }
</style>
