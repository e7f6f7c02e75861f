<script lang="ts">
  import Moon from '@lucide/svelte/icons/moon';
  import Redo from '@lucide/svelte/icons/redo-2';
  import Fit from '@lucide/svelte/icons/scan';
  import Sun from '@lucide/svelte/icons/sun';
  import Undo from '@lucide/svelte/icons/undo-2';
  import { roomOf } from 'goodreach';
  import type { RoomOption } from '$session/room-option';
  import Colleagues from './Colleagues.svelte';
  import OptionMenu from './OptionMenu.svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { steps, type StepId } from '$session/screen.svelte';
  import type { PlanPort } from '$lib/tools/plan-port';

  interface Props {
    jobName: string;
    options: readonly RoomOption[];
    port: PlanPort;
    onstep: (step: StepId) => void;
    onshortcuts: () => void;
  }
  let { jobName, options, port, onstep, onshortcuts }: Props = $props();
  const { session, screen } = useWorkspace();

  $effect(() => {
    const kept = localStorage.getItem('goodreach-evening');
    screen.dark = kept === null ? matchMedia('(prefers-color-scheme: dark)').matches : kept === 'yes';
  });
  $effect(() => {
    document.documentElement.dataset['theme'] = screen.dark ? 'dark' : 'light';
  });

  function turnLight() {
    screen.dark = !screen.dark;
    localStorage.setItem('goodreach-evening', screen.dark ? 'yes' : 'no');
  }
</script>

<header>
  <nav aria-label="Where you are">
    <a href="/studio">{jobName}</a>
    <span aria-hidden="true">/</span>
    <strong>{roomOf(session.document).name}</strong>
    <span aria-hidden="true">/</span>
    <OptionMenu {options} />
  </nav>
  <ol class="track" aria-label="Steps">
    {#each steps as { id, name } (id)}
      <li>
        <button
          class:current={screen.step === id}
          aria-current={screen.step === id ? 'step' : undefined}
          onclick={() => onstep(id)}>{name}</button
        >
      </li>
    {/each}
  </ol>
  <div class="tools">
    <Colleagues />
    <button
      onclick={() => session.undo()}
      disabled={!session.canUndo}
      title={session.canUndo ? `Undo: ${session.undoLabel} (Ctrl Z)` : 'Nothing to undo'}
    >
      <Undo size={18} aria-hidden="true" /><span class="visually-hidden">Undo</span>
    </button>
    <button
      onclick={() => session.redo()}
      disabled={!session.canRedo}
      title={session.canRedo ? `Redo: ${session.redoLabel} (Ctrl Shift Z)` : 'Nothing to redo'}
    >
      <Redo size={18} aria-hidden="true" /><span class="visually-hidden">Redo</span>
    </button>
    <button onclick={() => port.fit()} disabled={screen.step === 'draw'} title="Show the whole plan (Alt 0)">
      <Fit size={18} aria-hidden="true" /><span class="visually-hidden">Show the whole plan</span>
    </button>
    <button
      onclick={turnLight}
      title={screen.dark ? 'Light paper' : 'Evening paper'}
      aria-pressed={screen.dark}
    >
      {#if screen.dark}<Sun size={18} aria-hidden="true" />{:else}<Moon size={18} aria-hidden="true" />{/if}
      <span class="visually-hidden">Evening paper</span>
    </button>
    <button class="help" onclick={onshortcuts} title="Shortcuts (?)"
      >?<span class="visually-hidden">Shortcuts</span></button
    >
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
  strong {
    overflow: hidden;
    text-overflow: ellipsis;
  }
  nav a {
    color: inherit;
    text-decoration: none;
  }
  nav a:hover {
    color: var(--clay-strong);
    text-decoration: underline;
  }
  strong {
    color: var(--text);
    font-weight: 500;
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
  .tools button {
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
  .tools button:hover:not(:disabled) {
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
</style>
