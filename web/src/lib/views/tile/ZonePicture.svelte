<script lang="ts">
  import {
    boundsOf,
    finishNamed,
    layZone,
    originOf,
    zoneRegion,
    type ZoneArea,
    type ZonePlace,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { paintZones, secondOf } from './zone-painter';

  /** A zone as a set-out would lay it, small. */
  let { area, origin, joint }: { area: ZoneArea; origin: ZonePlace; joint: number } = $props();
  const { session } = useWorkspace();

  const [WIDE, HIGH] = [104, 68];

  function painted(canvas: HTMLCanvasElement) {
    $effect(() => {
      const { record, rings } = area;
      const tiled = layZone({ ...record, origin, joint }, rings);
      if (!tiled.ok) return;
      const { left, right, bottom, top } = boundsOf(rings.flat());
      const k = Math.min(WIDE / (right - left), HIGH / (top - bottom));
      const camera = { k, x: WIDE / 2 - ((left + right) / 2) * k, y: HIGH / 2 + ((bottom + top) / 2) * k };
      const finish = finishNamed(session.document, record.finish);
      const second = secondOf(session.document, record, tiled.value);
      const zone = {
        laid: tiled.value,
        rings: zoneRegion(rings),
        origin: originOf({ ...record, origin }),
        turn: 0,
        by: { x: 0, y: 0 },
        finish,
        second,
      };
      const sliver = getComputedStyle(canvas).getPropertyValue('--clay').trim();
      paintZones(canvas, [zone], camera, { width: WIDE, height: HIGH, sliver });
    });
  }
</script>

<canvas style="width: {WIDE}px; height: {HIGH}px" {@attach painted} aria-hidden="true"></canvas>
