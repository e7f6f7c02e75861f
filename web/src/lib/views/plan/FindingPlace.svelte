<script lang="ts">
  import type { Finding } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { verdictInks } from '$ui/verdict-inks';

  /** The ground that findings are about, shaded. */
  let { scale }: { scale: number } = $props();
  const { findings, screen } = useWorkspace();

  function points({ place }: Finding): string {
    return place.map(({ x, y }) => `${x},${-y}`).join(' ');
  }
</script>

{#each findings.shown as finding (finding.key)}
  <polygon
    class={finding.verdict}
    style:color="var({verdictInks[finding.verdict]})"
    class:shown={finding.key === screen.finding}
    points={points(finding)}
    stroke-width={(finding.key === screen.finding ? 0.5 : 0.25) * scale}
    stroke-dasharray={finding.verdict === 'tight' ? `${1.4 * scale} ${0.9 * scale}` : undefined}
  />
{/each}

<style>
  polygon {
    fill: color-mix(in srgb, currentcolor 13%, transparent);
    stroke: currentcolor;
    pointer-events: none;
  }
  .shown {
    fill: color-mix(in srgb, currentcolor 24%, transparent);
  }
</style>
