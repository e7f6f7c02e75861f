<script lang="ts">
  import type { Verdict } from 'goodreach';
  import { verdictInks } from './verdict-inks';

  /** Clear: a ring; tight: a half-filled ring; blocked: a filled disc with a bar; what cannot be judged: a broken ring. */
  let { verdict, size = 14 }: { verdict: Verdict; size?: number } = $props();

  const names: Record<Verdict, string> = {
    clear: 'clear',
    tight: 'tight',
    blocked: 'blocked',
    unjudged: 'cannot be judged',
  };
</script>

<svg
  class={verdict}
  style:color="var({verdictInks[verdict]})"
  width={size}
  height={size}
  viewBox="-8 -8 16 16"
  role="img"
  aria-label={names[verdict]}
>
  {#if verdict === 'blocked'}
    <circle r="7" class="full" />
    <rect x="-4" y="-1.2" width="8" height="2.4" class="bar" />
  {:else}
    <circle r="6" class="ring" />
    {#if verdict === 'tight'}<path d="M0-6A6 6 0 0 0 0 6Z" class="full" />{/if}
  {/if}
</svg>

<style>
  svg {
    flex: none;
  }
  .ring {
    fill: none;
    stroke: currentcolor;
    stroke-width: 2;
  }
  .full {
    fill: currentcolor;
  }
  .bar {
    fill: var(--sheet);
  }
  .unjudged .ring {
    stroke-dasharray: 3.2 3.1;
  }
</style>
