<script lang="ts">
  import { itemNumbers, recordsOf, roomOf, roomShape, searchShelf, type ShelfItem } from 'goodreach';
  import { onMount } from 'svelte';
  import { actions, searchActions, type PageActing } from '$lib/tools/actions';
  import { setNextItem } from '$lib/tools/set-next';
  import { useWorkspace } from '$lib/tools/context';

  /** Finds by name what can be done now, what can be set, and what is there. */
  let { acting, onclose }: { acting: PageActing; onclose: () => void } = $props();
  const { session, screen, shelf } = useWorkspace();

  interface Entry {
    id: string;
    name: string;
    aside: string;
    run(): void;
  }
  /** How many entries of each sort are shown. */
  const SHOWN = 8;

  let dialog: HTMLDialogElement;
  let text = $state('');
  let at = $state(0);

  onMount(() => dialog.showModal());

  const entries = $derived.by((): Entry[] => {
    const possible = actions.filter((action) => action.id !== 'palette' && action.when(acting));
    const named = searchActions(possible, text).map((action): Entry => ({
      id: action.id,
      name: action.name,
      aside: action.keys,
      run: () => action.run(acting),
    }));
    const wanted = text.trim().toLowerCase();
    if (wanted === '') return named;
    const known = shelf.known(session.document);
    const settable = searchShelf(roomOf(session.document).range, text, known).slice(0, SHOWN);
    return [...named.slice(0, SHOWN), ...there(wanted), ...settable.map(toSet)];
  });

  function toSet(item: ShelfItem): Entry {
    return {
      id: `set ${item.range} ${item.code}`,
      name: `Set ${item.code}, ${item.name.toLowerCase()}`,
      aside: 'shelf',
      run: () => setNextItem({ session, screen, shelf }, item),
    };
  }

  /** Faces by their letter, items by their number, code or name. */
  function there(wanted: string): Entry[] {
    const select = (id: string) => () => screen.select(id);
    const faces = roomShape(session.committed)
      .faces.filter(
        ({ letter }) => `face ${letter}`.toLowerCase().startsWith(wanted) || letter.toLowerCase() === wanted,
      )
      .map(({ id, letter }): Entry => ({ id, name: `Face ${letter}`, aside: 'choose', run: select(id) }));
    const numbers = itemNumbers(session.committed);
    const items = recordsOf(session.committed, 'item')
      .filter(
        ({ id, code, name }) =>
          String(numbers.get(id)) === wanted ||
          code.toLowerCase().startsWith(wanted) ||
          name?.toLowerCase().includes(wanted),
      )
      .slice(0, SHOWN)
      .map(({ id, code }): Entry => ({
        id,
        name: `${numbers.get(id)} ${code}`,
        aside: 'choose',
        run: select(id),
      }));
    return [...faces, ...items];
  }

  function act(entry: Entry | undefined) {
    if (!entry) return;
    dialog.close();
    entry.run();
  }

  function keys(event: KeyboardEvent) {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (by !== 0 && entries.length > 0) at = (at + by + entries.length) % entries.length;
    else if (event.key === 'Enter') act(entries[at]);
    else return;
    event.preventDefault();
  }

  function seen(index: number) {
    return (entry: HTMLElement) => {
      if (index === at) entry.scrollIntoView({ block: 'nearest' });
    };
  }
</script>

<!-- svelte-ignore a11y_click_events_have_key_events (a click beside it closes it, as Escape does) -->
<dialog
  bind:this={dialog}
  aria-label="Find a command"
  {onclose}
  onclick={(event) => event.target === dialog && dialog.close()}
>
  <div class="within">
    <input
      role="combobox"
      aria-label="Command, item or face"
      aria-expanded="true"
      aria-controls="palette-list"
      aria-activedescendant={entries[at] ? `palette-${at}` : undefined}
      placeholder="What would you like to do?"
      autocomplete="off"
      bind:value={text}
      oninput={() => (at = 0)}
      onkeydown={keys}
    />
    <ul id="palette-list" role="listbox" aria-label="What was found">
      {#each entries as entry, index (entry.id)}
        <!-- svelte-ignore a11y_click_events_have_key_events (the field above takes the keys) -->
        <li
          id="palette-{index}"
          role="option"
          aria-selected={index === at}
          {@attach seen(index)}
          onclick={() => act(entry)}
          onpointermove={() => (at = index)}
        >
          <span>{entry.name}</span><kbd>{entry.aside}</kbd>
        </li>
      {/each}
    </ul>
    {#if entries.length === 0}<p role="status">
        Nothing has this name. Try a code, a face’s letter, or “turn”.
      </p>{/if}
  </div>
</dialog>

<style>
  dialog {
    width: min(34rem, 92vw);
    margin-top: 12vh;
    padding: 0;
    border: 1px solid var(--rule-strong);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
    color: var(--text);
  }
  dialog::backdrop {
    background: rgb(29 38 37 / 25%);
  }
  input {
    width: 100%;
    min-height: 44px;
    padding: 0 1rem;
    border: 0;
    border-bottom: 1px solid var(--rule);
    background: none;
    font-size: 1.05rem;
  }
  input:focus-visible {
    outline: none;
    border-bottom-color: var(--clay);
  }
  ul {
    max-height: min(24rem, 55vh);
    margin: 0;
    padding: 0.3rem;
    overflow-y: auto;
    list-style: none;
  }
  li {
    display: flex;
    justify-content: space-between;
    gap: 1.4rem;
    padding: 0.3rem 0.7rem;
    border-radius: 3px;
    cursor: pointer;
  }
  li[aria-selected='true'] {
    background: var(--chrome);
  }
  kbd {
    color: var(--soft);
    font: inherit;
    font-size: 12.5px;
    white-space: nowrap;
  }
  p {
    padding: 0.6rem 1rem 0.9rem;
    color: var(--soft);
  }
</style>
