<script lang="ts">
  import { decidingCheck, findingPlaces, shortCheck, type Design, type UnfoldedPlace } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { verdictInks } from '$ui/verdict-inks';

  /** What findings are about, outlined on the unfolded faces; of the one that is asked for, with its number. */
  let { design, scale }: { design: Design; scale: number } = $props();
  const { findings, screen, session } = useWorkspace();

  const shown = $derived(
    findings.shown.map((finding) => {
      const isShown = finding.key === screen.finding;
      const check = isShown ? decidingCheck(finding) : undefined;
      const { measured, required } = check
        ? shortCheck(session.document, check)
        : { measured: null, required: null };
      return {
        ...{ finding, isShown, places: findingPlaces(design, finding) },
        text: measured === null ? '' : required === null ? measured : `${measured} of ${required}`,
      };
    }),
  );
  const box = ({ left, right, low, high }: UnfoldedPlace) =>
    `M${left} ${-low}L${right} ${-low}L${right} ${-high}L${left} ${-high}Z`;
</script>

{#each shown as { finding, isShown, places, text } (finding.key)}
  {#each places as place, index (index)}
    <path
      style:color="var({verdictInks[finding.verdict]})"
      class:shown={isShown}
      d={box(place)}
      stroke-width={(isShown ? 0.5 : 0.3) * scale}
      stroke-dasharray={finding.verdict === 'tight' ? `${1.4 * scale} ${0.9 * scale}` : undefined}
    />
  {/each}
  {#if text && places[0]}
    <text
      x={(places[0].left + places[0].right) / 2}
      y={-places[0].high - 1.6 * scale}
      font-size={3.2 * scale}
      stroke-width={scale}>{text}</text
    >
  {/if}
{/each}

<style>
  path {
    fill: none;
    stroke: currentcolor;
    pointer-events: none;
  }
  .shown {
    fill: color-mix(in srgb, currentcolor 14%, transparent);
  }
  text {
    fill: var(--text);
    stroke: var(--paper);
    font-weight: 500;
    paint-order: stroke;
    pointer-events: none;
    text-anchor: middle;
  }
</style>
