<script lang="ts">
  import alone from 'lucide-static/icons/maximize-2.svg?raw';
  import moon from 'lucide-static/icons/moon.svg?raw';
  import left from 'lucide-static/icons/panel-left.svg?raw';
  import right from 'lucide-static/icons/panel-right.svg?raw';
  import redo from 'lucide-static/icons/redo-2.svg?raw';
  import fit from 'lucide-static/icons/scan.svg?raw';
  import sun from 'lucide-static/icons/sun.svg?raw';
  import search from 'lucide-static/icons/search.svg?raw';
  import undo from 'lucide-static/icons/undo-2.svg?raw';
  import { roomOf } from 'goodreach';
  import { onMount } from 'svelte';
  import type { RoomOption } from '$session/room-option';
  import OptionMenu from './OptionMenu.svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { steps } from '$session/screen.svelte';
  import type { PageActing } from '$lib/tools/actions';
  import Icon from '$ui/Icon.svelte';
  import Later from '$ui/Later.svelte';
  import { parts } from './parts.svelte';

  interface Props {
    jobName: string;
    options: readonly RoomOption[];
    acting: PageActing;
  }
  let { jobName, options, acting }: Props = $props();
  const { session, screen, live } = useWorkspace();

  onMount(() => {
    screen.dark = document.documentElement.dataset['theme'] === 'dark';
  });
  let shown = false;
  $effect(() => {
    const theme = screen.dark ? 'dark' : 'light';
    // As the page was painted, until somebody chooses otherwise.
    if (shown) document.documentElement.dataset['theme'] = theme;
    shown = true;
  });
</script>

<header>
  <nav aria-label="Where you are">
    <button
      class="fold"
      onclick={() => screen.fold('left')}
      aria-expanded={!screen.folded.left}
      title={screen.folded.left ? 'Show the left panel (Alt 8)' : 'Fold the left panel away (Alt 8)'}
    >
      <Icon svg={left} /><span class="visually-hidden">Left panel</span>
    </button>
    <a href="/studio">{jobName}</a>
    <span aria-hidden="true">/</span>
    <h1>{roomOf(session.document).name}</h1>
    <span aria-hidden="true">/</span>
    <OptionMenu {options} />
  </nav>
  <ol class="track" aria-label="Steps">
    {#each steps as { id, name } (id)}
      <li>
        <button
          class:current={screen.step === id}
          aria-current={screen.step === id ? 'step' : undefined}
          onclick={() => (screen.step = id)}>{name}</button
        >
      </li>
    {/each}
  </ol>
  <div class="tools">
    {#if live.colleagues.length > 0}<Later part={parts.colleagues} props={{}} coming={null} />{/if}
    <button
      onclick={() => session.undo()}
      disabled={!session.canUndo}
      title={session.canUndo ? `Undo: ${session.undoLabel} (Ctrl Z)` : 'Nothing to undo'}
    >
      <Icon svg={undo} /><span class="visually-hidden">Undo</span>
    </button>
    <button
      class="wide"
      onclick={() => session.redo()}
      disabled={!session.canRedo}
      title={session.canRedo ? `Redo: ${session.redoLabel} (Ctrl Shift Z)` : 'Nothing to redo'}
    >
      <Icon svg={redo} /><span class="visually-hidden">Redo</span>
    </button>
    <button onclick={() => acting.views.fit()} title="Show the whole drawing (Alt 0)">
      <Icon svg={fit} /><span class="visually-hidden">Show the whole drawing</span>
    </button>
    <button
      class="wide"
      onclick={() => screen.turnLight()}
      title={screen.dark ? 'Light paper' : 'Evening paper'}
      aria-pressed={screen.dark}
    >
      {#if screen.dark}<Icon svg={sun} />{:else}<Icon svg={moon} />{/if}
      <span class="visually-hidden">Evening paper</span>
    </button>
    <button onclick={() => acting.show('palette')} title="Find a command (Ctrl K)">
      <Icon svg={search} /><span class="visually-hidden">Find a command</span>
    </button>
    <button class="help wide" onclick={() => acting.show('shortcuts')} title="Shortcuts (?)"
      >?<span class="visually-hidden">Shortcuts</span></button
    >
    <button
      class="wide"
      onclick={() => screen.drawAlone()}
      aria-pressed={screen.alone}
      title={screen.alone ? 'Show the panels (Alt Enter)' : 'The drawing alone (Alt Enter)'}
    >
      <Icon svg={alone} /><span class="visually-hidden">The drawing alone</span>
    </button>
    <button
      onclick={() => screen.fold('right')}
      aria-expanded={!screen.folded.right}
      title={screen.folded.right ? 'Show the facts (Alt 9)' : 'Fold the facts away (Alt 9)'}
    >
      <Icon svg={right} /><span class="visually-hidden">Facts</span>
    </button>
  </div>
</header>

<style>
  header {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto minmax(0, 1fr);
    align-items: center;
    gap: 1rem;
    min-height: 44px;
    padding: 0 0.8rem 0 1rem;
    border-bottom: 1px solid var(--rule);
    background: var(--chrome);
  }
  nav {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-width: 0;
    color: var(--soft);
    white-space: nowrap;
  }
  nav a,
  h1 {
    overflow: hidden;
    text-overflow: ellipsis;
  }
  nav a {
    min-height: var(--touch);
    color: inherit;
    line-height: max(1.4em, var(--touch));
    text-decoration: none;
  }
  nav a:hover {
    color: var(--clay-strong);
    text-decoration: underline;
  }
  h1 {
    color: var(--text);
    font-size: inherit;
  }
  .track {
    display: flex;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  .track li {
    position: relative;
  }
  .track li:not(:last-child)::after {
    content: '';
    position: absolute;
    top: 50%;
    right: -0.35rem;
    width: 0.7rem;
    border-top: 1px solid var(--rule-strong);
  }
  .track button {
    min-height: 44px;
    padding: 0 1.1rem;
    border: 0;
    border-bottom: 3px solid transparent;
    background: none;
    color: var(--soft);
    cursor: pointer;
    font-weight: 500;
  }
  .track button:hover {
    color: var(--clay-strong);
  }
  .track .current {
    border-bottom-color: var(--clay);
    color: var(--text);
  }
  .tools {
    display: flex;
    align-items: center;
    justify-content: flex-end;
    gap: 0.15rem;
  }
  .tools button,
  .fold {
    display: grid;
    place-items: center;
    width: 34px;
    height: 34px;
    padding: 0;
    border: 0;
    border-radius: 4px;
    background: none;
    cursor: pointer;
  }
  .tools button:hover:not(:disabled),
  .fold:hover {
    background: var(--sheet);
    color: var(--clay-strong);
  }
  .tools button:disabled {
    cursor: default;
    opacity: 0.35;
  }
  .help {
    font-weight: 500;
  }
  .fold {
    flex: none;
    margin-left: -0.5rem;
    color: var(--text);
  }
  @media (pointer: coarse) {
    .tools button,
    .fold {
      width: 44px;
      height: 44px;
    }
  }
  @media (max-width: 900px) {
    header {
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 0 0.5rem;
      padding: 0 0.4rem;
    }
    .track {
      grid-row: 2;
      grid-column: 1 / -1;
      justify-content: center;
      border-top: 1px solid var(--rule);
    }
  }
  @media (max-width: 600px) {
    nav > :global(:not(.fold, h1)),
    .tools .wide {
      display: none;
    }
    .tools {
      gap: 0;
    }
    .track button {
      padding: 0 0.8rem;
    }
  }
</style>
