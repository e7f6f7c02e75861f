<script lang="ts">
  import {
    makeRoom,
    outlineFaces,
    outlineNames,
    outlines,
    roomShape,
    usualStyle,
    type ChosenOutline,
    type OutlineId,
  } from 'goodreach';
  import flipHorizontal from 'lucide-static/icons/flip-horizontal-2.svg?raw';
  import rotateCw from 'lucide-static/icons/rotate-cw.svg?raw';
  import Icon from '$ui/Icon.svelte';

  interface Props {
    /** The outline chosen, or null for a room walked face by face. */
    outline: ChosenOutline | null;
    onchoose: (outline: ChosenOutline | null) => void;
  }
  let { outline, onchoose }: Props = $props();

  /** A small picture of an outline as it lies: an SVG path in a unit box. */
  function picture(id: OutlineId): string {
    const { turns, mirrored } = outline ?? { turns: 0, mirrored: false };
    const faces = outlineFaces({ id, turns, mirrored }, [], 'mm').map((face) => ({
      ...face,
      measured: true,
    }));
    const made = makeRoom({ name: 'x', ...usualStyle('mm'), ceilingHeight: 2400, faces });
    if (!made.ok) return '';
    const corners = roomShape(made.value).outline;
    const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => -y)];
    const [left, top] = [Math.min(...xs), Math.min(...ys)];
    const size = Math.max(Math.max(...xs) - left, Math.max(...ys) - top);
    return `M${corners.map(({ x, y }) => `${(((x - left) / size) * 26 + 3).toFixed(1)} ${(((-y - top) / size) * 26 + 3).toFixed(1)}`).join('L')}Z`;
  }

  const choose = (id: OutlineId) => onchoose({ turns: 0, mirrored: false, ...outline, id });
</script>

<div class="outlines" role="radiogroup" aria-label="Outline">
  {#each outlines as { id } (id)}
    <button
      type="button"
      role="radio"
      aria-checked={outline?.id === id}
      title={outlineNames[id]}
      aria-label={outlineNames[id]}
      onclick={() => choose(id)}
    >
      <svg viewBox="0 0 32 32" aria-hidden="true"><path d={picture(id)} /></svg>
    </button>
  {/each}
  <button
    type="button"
    role="radio"
    aria-checked={outline === null}
    title="Walk it face by face"
    aria-label="Walk it face by face"
    onclick={() => onchoose(null)}
  >
    <svg viewBox="0 0 32 32" aria-hidden="true"><path class="walk" d="M4 8H20L27 15V27H14" /></svg>
  </button>
</div>
{#if outline}
  <div class="ways">
    <button type="button" onclick={() => onchoose({ ...outline, turns: (outline.turns + 1) % 4 })}>
      <Icon svg={rotateCw} size={15} /> Turn
    </button>
    <button
      type="button"
      aria-pressed={outline.mirrored}
      onclick={() => onchoose({ ...outline, mirrored: !outline.mirrored })}
    >
      <Icon svg={flipHorizontal} size={15} /> Mirror
    </button>
  </div>
{/if}

<style>
  .outlines,
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem;
  }
  button {
    display: flex;
    align-items: center;
    gap: 0.35rem;
    min-height: max(30px, var(--touch));
    padding: 0.15rem 0.5rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    cursor: pointer;
    font-size: 13px;
  }
  .outlines button {
    width: 34px;
    height: 34px;
    padding: 2px;
  }
  button:hover {
    border-color: var(--clay);
  }
  [aria-checked='true'],
  [aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: inset 0 0 0 1px var(--clay);
  }
  path {
    fill: color-mix(in srgb, var(--tide) 12%, transparent);
    stroke: var(--ink);
    stroke-width: 2.4;
  }
  .walk {
    fill: none;
    stroke-dasharray: 4 2;
  }
</style>
