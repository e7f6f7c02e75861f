<script lang="ts">
  import { placeAt, roomShape, surveyReport } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';

  /** Taped distances as thin lines, and on request how well each corner is known: ellipses drawn twenty times their size. */
  let { scale }: { scale: number } = $props();
  const { session, screen } = useWorkspace();
  /** Hidden while a drag moves: the many ends of taped lines take longer to renew than a frame. */
  const shape = $derived(roomShape(session.settled));
  const current = $derived(session.document === session.settled);
  /** What the measurements say of themselves takes longer than a frame of a drag: it is told of the design at rest. */
  const report = $derived(surveyReport(session.settled));
  const suspects = $derived(new Set(report.suspects.map(({ observation }) => observation.id)));
  const taped = $derived(
    shape.observations.flatMap((one) => {
      if (one.of !== 'distance') return [];
      const { id, standing } = one;
      return {
        id,
        from: placeAt(shape.corners, one.from),
        to: placeAt(shape.corners, one.to),
        excluded: standing === 'excluded',
        suspect: suspects.has(id),
      };
    }),
  );
  const ENLARGED = 20;
</script>

<g class:current>
  {#each taped as { id, from, to, excluded, suspect } (id)}
    <line
      data-source={id}
      class:suspect
      class:chosen={screen.selected === id}
      x1={from.x}
      y1={-from.y}
      x2={to.x}
      y2={-to.y}
      stroke-width={(screen.selected === id ? 0.5 : 0.25) * scale}
      stroke-dasharray={excluded ? `${0.6 * scale} ${1.2 * scale}` : `${3 * scale} ${0.8 * scale}`}
    />
  {/each}
</g>
{#if screen.ellipses && screen.surveyTab === 'checks'}
  {#each report.corners as { at, ellipse, name } (name)}
    <ellipse
      cx={at.x}
      cy={-at.y}
      rx={Math.max(0.6 * scale, ellipse.major * ENLARGED)}
      ry={Math.max(0.6 * scale, ellipse.minor * ENLARGED)}
      transform="rotate({(-ellipse.turn * 180) / Math.PI} {at.x} {-at.y})"
      stroke-width={0.35 * scale}
    >
      <title>{name}</title>
    </ellipse>
  {/each}
{/if}

<style>
  g:not(.current) {
    visibility: hidden;
  }
  line,
  ellipse {
    fill: color-mix(in srgb, var(--tide) 14%, transparent);
    stroke: var(--tide);
  }
  line {
    cursor: pointer;
  }
  .suspect {
    stroke: var(--blocked);
  }
  .chosen {
    stroke: var(--clay);
  }
</style>
