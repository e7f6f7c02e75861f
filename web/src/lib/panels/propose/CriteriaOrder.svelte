<script lang="ts">
  import arrowDown from 'lucide-static/icons/arrow-down.svg?raw';
  import arrowUp from 'lucide-static/icons/arrow-up.svg?raw';
  import { criterionNames, type Judged } from './criterion-names';
  import Icon from '$ui/Icon.svelte';

  /** The criteria in the order they count, each moved up or down. */
  let { order, onchange }: { order: readonly Judged[]; onchange: (order: Judged[]) => void } = $props();

  function move(index: number, by: 1 | -1) {
    const next = [...order];
    next.splice(index + by, 0, ...next.splice(index, 1));
    onchange(next);
  }
</script>

<ol>
  {#each order as criterion, index (criterion)}
    <li>
      <span class="place">{index + 1}</span>
      <span>{criterionNames[criterion].name}</span>
      <button
        disabled={index === 0}
        aria-label="{criterionNames[criterion].name} counts more"
        title="Counts more"
        onclick={() => move(index, -1)}><Icon svg={arrowUp} size={14} /></button
      >
      <button
        disabled={index === order.length - 1}
        aria-label="{criterionNames[criterion].name} counts less"
        title="Counts less"
        onclick={() => move(index, 1)}><Icon svg={arrowDown} size={14} /></button
      >
    </li>
  {/each}
</ol>

<style>
  ol {
    display: grid;
    gap: 1px;
    margin: 0.3rem 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: grid;
    grid-template-columns: 1.2rem 1fr 26px 26px;
    align-items: center;
    font-size: 13px;
  }
  .place {
    color: var(--soft);
    font-variant-numeric: tabular-nums;
  }
  ol button {
    display: grid;
    place-items: center;
    width: 26px;
    height: 26px;
    margin: 0;
    padding: 0;
    border: 0;
    border-radius: 3px;
    background: none;
    color: var(--tide);
    cursor: pointer;
  }
  ol button:disabled {
    opacity: 0.3;
    cursor: default;
  }
  ol button:hover:not(:disabled) {
    background: var(--sheet);
  }
</style>
