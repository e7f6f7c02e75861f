<script lang="ts">
  import {
    fillGap,
    formatLength,
    itemBoxes,
    openLengths,
    facePoint,
    trimToGap,
    type OpenLength,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$session/context';
  import Button from '$ui/Button.svelte';
  import Length from '$ui/Length.svelte';
  import { toScreen, type Camera } from './camera';

  let { camera }: { camera: Camera } = $props();
  const { session, screen } = useWorkspace();

  const gaps = $derived(openLengths(session.document));

  /** The chip stands a little off the face, in the middle of what is free. */
  function style({ face, from, to }: OpenLength): string {
    const middle = toScreen(camera, facePoint(face, (from + to) / 2));
    const out = 20;
    return `left: ${middle.x + face.n.x * out}px; top: ${middle.y - face.n.y * out}px`;
  }

  function isShown({ face, from, to }: OpenLength): boolean {
    return screen.gap?.face === face.id && screen.gap.at >= from && screen.gap.at <= to;
  }

  /** What can be done with an open length: each with why it can't, if so. */
  function choices({ face, from, to, left, right }: OpenLength) {
    const at = { face: face.id, at: (from + to) / 2 };
    const codeOf = (id: string) =>
      itemBoxes(session.committed).find((box) => box.id === id)?.record.code ?? '';
    const beside = [left, right].flatMap((by) => (by?.kind === 'item' ? [by.id] : []));
    const fillId = `item-${nanoid(8)}`;
    return [
      {
        label: 'Close with a filler',
        problem: session.mayRun(fillGap, { ...at, id: fillId }),
        act: () => session.run(fillGap, { ...at, id: fillId }) && screen.select(fillId),
      },
      ...beside.map((id) => ({
        label: `Trim ${codeOf(id)} to the gap`,
        problem: session.mayRun(trimToGap, { ...at, id }),
        act: () => session.run(trimToGap, { ...at, id }) && screen.select(id),
      })),
    ];
  }
</script>

{#each gaps as gap (`${gap.face.id} ${gap.from.toFixed(3)}`)}
  <div class="gap" class:shown={isShown(gap)} style={style(gap)}>
    <button
      class="chip"
      aria-expanded={isShown(gap)}
      aria-label="Open length {formatLength(gap.length, session.style)} on face {gap.face.letter}"
      onclick={() => screen.showGap(isShown(gap) ? null : { face: gap.face.id, at: (gap.from + gap.to) / 2 })}
    >
      <Length text={formatLength(gap.length, session.style)} />
    </button>
    {#if isShown(gap)}
      <div class="chip-card" role="group" aria-label="Close the open length">
        {#if gap.alongFace - gap.length > session.style.step}
          <p>Out of square: <Length text={formatLength(gap.alongFace, session.style)} /> along the wall.</p>
        {/if}
        {#each choices(gap) as { label, problem, act } (label)}
          <Button onclick={act} disabled={problem !== ''}>{label}</Button>
          {#if problem}<p>{problem}</p>{/if}
        {/each}
      </div>
    {/if}
  </div>
{/each}

<style>
  .gap {
    position: absolute;
    transform: translate(-50%, -50%);
  }
  .gap.shown {
    z-index: 3;
  }
  .chip {
    min-width: 24px;
    min-height: 24px;
    padding: 0 0.45rem;
    border: 1px dashed var(--clay);
    border-radius: 12px;
    background: var(--paper);
    color: var(--clay-strong);
    cursor: pointer;
    font-size: 12.5px;
    font-weight: 500;
  }
  .chip:hover,
  .shown .chip {
    border-style: solid;
    background: var(--clay);
    color: var(--on-clay);
  }
  .chip-card {
    position: absolute;
    top: calc(100% + 6px);
    left: 50%;
    display: grid;
    gap: 0.4rem;
    width: 15.5rem;
    padding: 0.6rem;
    transform: translateX(-50%);
    border: 1px solid var(--rule-strong);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
  }
  p {
    color: var(--soft);
    font-size: 12px;
    line-height: 1.35;
  }
</style>
