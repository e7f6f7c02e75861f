<script lang="ts">
  import type { Finding } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';

  let { scale }: { scale: number } = $props();
  const { session, screen } = useWorkspace();
  const findings = $derived.by(() => {
    const { judge, settled } = session;
    if (!judge) return [];
    return (screen.doorsOpen ? judge.checkReachOpen : judge.checkReach)(settled).findings;
  });
  const shown = $derived(
    (session.previewing ? screen.collisions : findings)
      .filter(({ verdict, key }) => verdict === 'tight' || verdict === 'blocked' || key === screen.finding)
      // The one that is shown lies over the others.
      .sort((a, b) => Number(a.key === screen.finding) - Number(b.key === screen.finding)),
  );

  function points({ place }: Finding): string {
    return place.map(({ x, y }) => `${x},${-y}`).join(' ');
  }
</script>

{#each shown as finding (finding.key)}
  <polygon
    class={finding.verdict}
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
  .unjudged {
    color: var(--soft);
  }
  .clear {
    color: var(--clear);
  }
  .tight {
    color: var(--tight-mark);
  }
  .blocked {
    color: var(--blocked);
  }
</style>
