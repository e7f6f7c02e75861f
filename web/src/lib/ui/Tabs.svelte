<script lang="ts" generics="Id extends string">
  /** A row of tabs over a panel; arrow keys go along it. */
  interface Props {
    label: string;
    tabs: readonly { id: Id; name: string }[];
    chosen: Id;
    onchoose: (id: Id) => void;
  }
  let { label, tabs, chosen, onchoose }: Props = $props();

  function keys(event: KeyboardEvent & { currentTarget: HTMLElement }) {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (by === 0) return;
    event.preventDefault();
    const at = tabs.findIndex(({ id }) => id === chosen);
    const next = (at + by + tabs.length) % tabs.length;
    onchoose(tabs[next]!.id);
    event.currentTarget.querySelectorAll<HTMLElement>('[role=tab]')[next]?.focus();
  }
</script>

<div class="tabs" role="tablist" aria-label={label} tabindex="-1" onkeydown={keys}>
  {#each tabs as { id, name } (id)}
    <button
      role="tab"
      aria-selected={id === chosen}
      tabindex={id === chosen ? 0 : -1}
      onclick={() => onchoose(id)}>{name}</button
    >
  {/each}
</div>

<style>
  .tabs {
    display: flex;
    gap: 0.1rem;
    border-bottom: 1px solid var(--rule);
  }
  button {
    flex: 1;
    min-height: max(32px, var(--touch));
    padding: 0.2rem 0.2rem;
    border: 0;
    border-bottom: 2px solid transparent;
    background: none;
    color: var(--soft);
    cursor: pointer;
    font-size: 13px;
  }
  button:hover {
    color: var(--clay-strong);
  }
  [aria-selected='true'] {
    border-bottom-color: var(--clay);
    color: var(--text);
    font-weight: 500;
  }
</style>
