<script lang="ts">
  import { onMount } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { itemActions, type ItemAction } from '../tools/item-actions';

  /** What can be done with the chosen items, at a place of the plan. */
  let { at, onclose }: { at: { x: number; y: number }; onclose: () => void } = $props();
  const workspace = useWorkspace();
  const possible = itemActions.filter((action) => action.when(workspace));

  let menu: HTMLUListElement;
  let place = $state({ x: 0, y: 0 });

  onMount(() => {
    const { clientWidth, clientHeight } = menu.offsetParent ?? document.body;
    place = {
      x: Math.max(4, Math.min(at.x, clientWidth - menu.offsetWidth - 4)),
      y: Math.max(4, Math.min(at.y, clientHeight - menu.offsetHeight - 4)),
    };
    menu.querySelector('button')?.focus();
  });

  function act(action: ItemAction) {
    onclose();
    action.run(workspace);
  }

  function keys(event: KeyboardEvent) {
    const buttons = [...menu.querySelectorAll('button')];
    const now = buttons.indexOf(document.activeElement as HTMLButtonElement);
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (by !== 0) buttons[(now + by + buttons.length) % buttons.length]?.focus();
    else if (event.key === 'Escape' || event.key === 'Tab') onclose();
    else return;
    event.preventDefault();
    event.stopPropagation();
  }
</script>

<svelte:window onpointerdown={(event) => menu.contains(event.target as Node) || onclose()} />

<ul
  class="menu"
  role="menu"
  tabindex="-1"
  aria-label="Chosen items"
  bind:this={menu}
  style="left: {place.x}px; top: {place.y}px"
  onkeydown={keys}
>
  {#each possible as action (action.id)}
    <li role="none">
      <button role="menuitem" onclick={() => act(action)}
        ><span>{action.name}</span><kbd>{action.keys}</kbd></button
      >
    </li>
  {:else}
    <li class="empty">Choose an item, or copy one, to do something with it.</li>
  {/each}
</ul>

<style>
  .menu {
    position: absolute;
    z-index: 5;
    min-width: 13rem;
    margin: 0;
    padding: 0.3rem;
    border: 1px solid var(--rule-strong);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
    list-style: none;
  }
  button {
    display: flex;
    justify-content: space-between;
    gap: 1.4rem;
    width: 100%;
    min-height: max(30px, var(--touch));
    padding: 0.15rem 0.5rem;
    border: 0;
    border-radius: 3px;
    background: none;
    cursor: pointer;
    text-align: left;
  }
  button:hover,
  button:focus-visible {
    background: var(--chrome);
  }
  kbd {
    color: var(--soft);
    font: inherit;
    font-size: 12.5px;
  }
  .empty {
    padding: 0.3rem 0.5rem;
    color: var(--soft);
    font-size: 13px;
  }
</style>
