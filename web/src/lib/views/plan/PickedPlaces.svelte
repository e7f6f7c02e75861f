<script lang="ts">
  import { useWorkspace } from '$lib/tools/context';

  /** The places picked so far, and where the next would be. */
  let { scale }: { scale: number } = $props();
  const { pick } = useWorkspace();
  const now = $derived(pick.now);
  const line = $derived(now ? [...now.places, ...(pick.aimed ? [pick.aimed.at] : [])] : []);
</script>

{#if now}
  {#if now.purpose === 'outline' && line.length > 1}
    <polyline
      points={line.map(({ x, y }) => `${x},${-y}`).join(' ')}
      stroke-width={0.4 * scale}
      stroke-dasharray="{1.2 * scale} {0.8 * scale}"
    />
  {/if}
  {#each now.places as { x, y }, index (index)}
    <path
      d="M{x - 2 * scale} {-y}H{x + 2 * scale}M{x} {-y - 2 * scale}V{-y + 2 * scale}"
      stroke-width={0.4 * scale}
    />
  {/each}
  {#if pick.aimed}
    {@const { at, caught } = pick.aimed}
    <circle cx={at.x} cy={-at.y} r={(caught ? 1.6 : 0.8) * scale} stroke-width={0.4 * scale} />
  {/if}
{/if}

<style>
  path,
  circle,
  polyline {
    fill: none;
    stroke: var(--clay);
    pointer-events: none;
  }
</style>
