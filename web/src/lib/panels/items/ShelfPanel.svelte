<script lang="ts">
  import star from 'lucide-static/icons/star.svg?raw';
  import {
    findItem,
    formatLength,
    groupNames,
    kindGroups,
    kindOf,
    rangeName,
    roomOf,
    searchShelf,
    type KindGroup,
    type Range,
    type ShelfItem,
  } from 'goodreach';
  import { onMount } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import { later } from '$ui/later';
  import Later from '$ui/Later.svelte';
  import Length from '$ui/Length.svelte';
  import { setNextItem } from '$lib/tools/set-next';
  import ItemPicture from './ItemPicture.svelte';
  import RangeChoice from './RangeChoice.svelte';

  const { session, screen, shelf, drag, views } = useWorkspace();

  let text = $state('');
  let at = $state(0);
  let note = $state('');
  const known = $derived(shelf.known(session.document));
  const chosen = $derived(roomOf(session.document).range);
  /** The range looked into, where it is not the room's. */
  let other: string | null = $state(null);
  const range = $derived(other ?? chosen);
  type Group = KindGroup | 'recent' | 'favourites' | 'objects';
  const names = { ...groupNames, recent: 'Recent', favourites: 'Favourites', objects: 'Objects' };
  let group: Group = $state('base');
  const shown = $derived<Group[]>([
    ...(shelf.recent.length > 0 ? (['recent'] as const) : []),
    ...(shelf.favourites.length > 0 ? (['favourites'] as const) : []),
    ...kindGroups,
    'objects',
  ]);
  const objects = $derived(shelf.objectsFor(session.document));
  const entry = later(() => import('./ObjectEntry.svelte'), { isAhead: false });
  let entering = $state(false);
  const byKind = $derived.by(() => {
    const groups = new Map<KindGroup, ShelfItem[]>();
    for (const item of searchShelf(range, '', known)) {
      const { group } = kindOf(item.type);
      groups.set(group, [...(groups.get(group) ?? []), item]);
    }
    return groups;
  });
  /** What is typed is looked for in the whole range, else one group is shown. */
  const found = $derived.by(() => {
    if (text.trim() !== '') return [...searchShelf(range, text, known), ...objects.filter(isMeant)];
    if (group === 'objects') return objects;
    if (group !== 'recent' && group !== 'favourites') return byKind.get(group) ?? [];
    return (group === 'recent' ? shelf.recent : shelf.favourites).flatMap(({ range: of, code }) => {
      const item = findItem(of, code, known);
      return item.ok ? [item.value] : [];
    });
  });
  /** Whether every word that is typed begins one of an object's code and name. */
  function isMeant({ code, name }: ShelfItem): boolean {
    const own = `${code} ${name}`.toUpperCase().split(/\s+/);
    return text
      .trim()
      .toUpperCase()
      .split(/\s+/)
      .every((word) => own.some((one) => one.startsWith(word)));
  }
  /** How many entries a long list shows, and how many while the page is being put together: what is in sight. */
  const SHOWN = 120;
  const IN_SIGHT = 30;
  let most = $state(IN_SIGHT);
  onMount(() => {
    const rest = setTimeout(() => (most = SHOWN));
    return () => clearTimeout(rest);
  });
  const groups = $derived.by(() => {
    const byName = new Map<string, { item: ShelfItem; index: number }[]>();
    found.slice(0, most).forEach((item, index) => {
      const entries = byName.get(item.name);
      if (entries) entries.push({ item, index });
      else byName.set(item.name, [{ item, index }]);
    });
    return [...byName];
  });

  /** Its width, and its height where the range has it in more than one. */
  function sizeOf({ family, width, height }: ShelfItem): string {
    const wide = formatLength(width, session.style);
    return family.heights.length > 1 ? `${wide} × ${formatLength(height, session.style)}` : wide;
  }

  /** Sets an item without a pointer: beside the chosen one, else in the first free place. */
  function setNext(item: ShelfItem) {
    drag.cancel();
    note = setNextItem({ session, screen, shelf }, item)
      ? `${item.code} is set. Press Enter to set another beside it.`
      : session.message;
  }

  function brought(object: Range) {
    group = 'objects';
    note = `${object.name} is kept as ${object.families[0]!.code}. Drag it into the room.`;
  }

  function press(event: PointerEvent & { currentTarget: HTMLElement }, item: ShelfItem) {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.pressShelf(item, { x: event.clientX, y: event.clientY }, shelf.own(item.range));
  }

  function move(event: PointerEvent) {
    const place = views.locate(event.clientX, event.clientY);
    drag.move({ x: event.clientX, y: event.clientY }, place?.at ?? null, place?.snap ?? 0, event.altKey);
  }

  /** Dropped on the plan it is set; only clicked, it hangs on the pointer. */
  function letGo(item: ShelfItem) {
    const set = drag.release();
    if (set || drag.claims) shelf.taken(item);
    // It is set in the drawing, which the drawer lies over on a tablet.
    if (drag.claims && screen.narrow) screen.fold('left', true);
    if (drag.claims)
      note = `${item.code} hangs on the pointer: click where it should stand. Escape drops it.`;
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

<!-- eslint-disable svelte/no-at-html-tags -- a file of the program's own -->
<div class="shelf">
  <!-- One star for all entries. -->
  <svg class="symbols" aria-hidden="true"
    ><symbol id="favourite" viewBox="0 0 24 24">{@html star}</symbol></svg
  >
  <RangeChoice {chosen} {known} bind:other onlook={() => (text = '')} />
  <input
    class="search"
    type="search"
    placeholder="Code or words, then Enter"
    aria-label="Find in {rangeName(range, known)} by code or words"
    bind:value={text}
    oninput={() => {
      at = 0;
      note = '';
    }}
    onkeydown={searchKeys}
  />
  {#if text.trim() === ''}
    <div class="groups" role="group" aria-label="Kinds">
      {#each shown as one (one)}
        <button aria-pressed={one === group} onclick={() => (group = one)}>{names[one]}</button>
      {/each}
    </div>
  {/if}
  {#if note}<p class="note" role="status">{note}</p>{/if}
  {#if group === 'objects' && text.trim() === ''}
    <div class="note"><Button onclick={() => (entering = true)}>Bring in an object…</Button></div>
  {/if}
  {#if entering}
    <Later part={entry} coming={null} props={{ onclose: () => (entering = false), onkept: brought }} />
  {/if}
  <div class="list">
    {#each groups as [name, entries] (name)}
      <h3>{name}</h3>
      <ul>
        {#each entries as { item, index } (item.code)}
          <li>
            <button
              class="item"
              class:at={text !== '' && index === at}
              title="Drag onto the plan, click to carry it there, or press Enter to set it in the next free place"
              onpointerdown={(event) => press(event, item)}
              onpointermove={move}
              onpointerup={() => letGo(item)}
              onpointercancel={() => drag.cancel()}
              onkeydown={(event) => {
                if (event.key === 'Enter') setNext(item);
                if (event.key === 'Escape') drag.cancel();
              }}
            >
              <ItemPicture {item} />
              <span class="code" class:long={item.code.length > 9}>{item.code}</span>
              <span class="size"><Length text={sizeOf(item)} /></span>
            </button>
            <button
              class="star"
              class:on={shelf.isFavourite(item)}
              aria-pressed={shelf.isFavourite(item)}
              aria-label="{item.code} is a favourite"
              title={shelf.isFavourite(item) ? 'Take out of the favourites' : 'Keep among the favourites'}
              onclick={() => shelf.toggleFavourite(item)}
            >
              <svg width="14" height="14" aria-hidden="true"><use href="#favourite" /></svg>
            </button>
          </li>
        {/each}
      </ul>
    {:else}
      <p class="note">
        {#if group === 'objects' && text.trim() === ''}Furniture, lamps and whatever else has a model: bring
          it in as glTF or OBJ, and it is here.{:else if text.trim() === ''}{rangeName(range, known)} has nothing
          of this kind.{:else}Nothing in {rangeName(range, known)} matches “{text}”. Try a width, such as 600,
          or a word, such as drawer.{/if}
      </p>
    {/each}
    {#if found.length > SHOWN}
      <p class="note">{found.length - SHOWN} more: type a code or words to find them.</p>
    {/if}
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
  .search,
  .note {
    margin: 0 0.8rem;
  }
  .search {
    min-width: 0;
    min-height: max(32px, var(--touch));
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
    min-height: max(28px, var(--touch));
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
  li {
    position: relative;
  }
  .star {
    position: absolute;
    top: 0;
    right: 0;
    display: grid;
    place-items: center;
    width: 24px;
    height: 24px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--soft);
    cursor: pointer;
    opacity: 0;
  }
  li:hover .star,
  .star:focus-visible,
  .star.on {
    opacity: 1;
  }
  .star.on {
    color: var(--clay);
  }
  .star.on {
    --fill: currentcolor;
  }
  .symbols {
    display: none;
  }
  symbol > :global(svg) {
    fill: var(--fill, none);
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
  .code.long {
    font-size: 11px;
    line-height: 1.7;
  }
  .size {
    color: var(--soft);
    font-size: 12px;
    line-height: 1.2;
  }
</style>
