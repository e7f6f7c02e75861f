<script lang="ts">
  import {
    criteria,
    drawingBounds,
    formatLength,
    sayFirst,
    svgMarks,
    type DescribedProposal,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import Length from '$ui/Length.svelte';
  import VerdictMark from '$ui/VerdictMark.svelte';
  import { criterionNames } from './criterion-names';

  /** One proposal: how the faces would look, what it is worth, what it brings; shown on the plan while it is pointed at. */
  let {
    proposal,
    place,
    hasCentre,
    onshow,
    onset,
  }: {
    proposal: DescribedProposal;
    place: number;
    hasCentre: boolean;
    onshow: (shown: boolean) => void;
    onset: () => void;
  } = $props();
  const { session } = useWorkspace();
  const bounds = $derived(drawingBounds(proposal.elevation, 1));
  /** So many room millimetres are one of paper: lines keep their weight in every size of elevation. */
  const scale = $derived(Math.max(18, (bounds.right - bounds.left) / 62));
  const marks = $derived(svgMarks(proposal.elevation, scale));
  const edge = $derived(scale * 0.6);
  const viewBox = $derived(
    `${bounds.left - edge} ${-bounds.top - edge} ${bounds.right - bounds.left + 2 * edge} ${bounds.top - bounds.bottom + 2 * edge}`,
  );
  const shown = $derived(criteria.filter((one) => one !== 'filler' && (one !== 'symmetry' || hasCentre)));
</script>

<li
  onpointerenter={() => onshow(true)}
  onpointerleave={() => onshow(false)}
  onfocusin={() => onshow(true)}
  onfocusout={() => onshow(false)}
>
  <!-- eslint-disable svelte/no-at-html-tags -- drawn by core, every text escaped -->
  <svg class="drawing" {viewBox} role="img" aria-label="Elevation of proposal {place}">{@html marks}</svg>
  <dl>
    <div>
      <dt>filler</dt>
      <dd><Length text={formatLength(proposal.values.filler, session.style)} /></dd>
    </div>
    {#each shown as one (one)}
      <div>
        <dt>{criterionNames[one].value}</dt>
        <dd>
          {#if one === 'symmetry'}<Length text={formatLength(proposal.values.symmetry, session.style)} />
          {:else}{proposal.values[one]}{/if}
        </dd>
      </div>
    {/each}
  </dl>
  {#if proposal.corners.length > 0}<p>{proposal.corners.map(sayFirst).join('; ')}</p>{/if}
  {#each proposal.findings as { verdict, text }, index (index)}
    <p class="finding"><VerdictMark {verdict} size={14} /> {text}</p>
  {/each}
  <Button onclick={onset} aria-label="Set proposal {place}">Set this</Button>
</li>

<style>
  li {
    display: grid;
    gap: 0.4rem;
    padding: 0.5rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
  }
  li:hover,
  li:focus-within {
    border-color: var(--clay);
  }
  svg {
    width: 100%;
    max-height: 8rem;
  }
  dl {
    display: flex;
    flex-wrap: wrap;
    gap: 0.1rem 0.8rem;
    margin: 0;
    font-size: 12.5px;
  }
  dl div {
    display: flex;
    gap: 0.3rem;
  }
  dt {
    order: 2;
    color: var(--soft);
  }
  dd {
    margin: 0;
    font-weight: 500;
    font-variant-numeric: tabular-nums;
  }
  p {
    color: var(--soft);
    font-size: 12.5px;
  }
  .finding {
    display: flex;
    gap: 0.35rem;
    color: var(--text);
  }
</style>
