<script lang="ts">
  import { LEAST_REPEAT, MOST_TILE, putZone, type ZoneRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';

  /** Whether the tiles of a zone come on sheets, as mosaic does, and how large those are, a joint with them. */
  let { zone }: { zone: ZoneRecord } = $props();
  const { session } = useWorkspace();

  /** A sheet is about so wide and high, mm. */
  const ABOUT = 300;
  const whole = (size: number) => Math.max(1, Math.round(ABOUT / (size + zone.joint))) * (size + zone.joint);
  function choose(isOn: boolean) {
    const { sheet: _, ...rest } = zone;
    const sheet = { w: whole(zone.tile.w), h: whole(zone.tile.h) };
    session.run(putZone, isOn ? { ...rest, sheet } : rest);
  }
  const run = (change: object) =>
    session.run(putZone, { ...zone, sheet: { ...zone.sheet!, ...change } }) ? '' : session.message;
</script>

<label class="on">
  <input
    type="checkbox"
    checked={zone.sheet !== undefined}
    onchange={({ currentTarget: { checked } }) => choose(checked)}
  /> On sheets
</label>
{#if zone.sheet}
  <LengthField
    label="Sheet, along"
    value={zone.sheet.w}
    style={session.style}
    least={LEAST_REPEAT}
    most={MOST_TILE}
    onset={(w) => run({ w })}
  />
  <LengthField
    label="Sheet, across"
    value={zone.sheet.h}
    style={session.style}
    least={LEAST_REPEAT}
    most={MOST_TILE}
    onset={(h) => run({ h })}
  />
{/if}

<style>
  .on {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-height: max(28px, var(--touch));
    color: var(--soft);
  }
</style>
