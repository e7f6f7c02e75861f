<script lang="ts">
  import {
    boundsOf,
    borderOf,
    layZone,
    originOf,
    zoneRegion,
    type ZoneArea,
    type ZoneLaying,
    type ZonePlace,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { paintZones, paintedTiles } from './zone-painter';

  /** A zone as a set-out would lay it, small. */
  let { area, origin, laying }: { area: ZoneArea; origin: ZonePlace; laying: ZoneLaying } = $props();
  const { session } = useWorkspace();

  const [WIDE, HIGH] = [104, 68];

  function painted(canvas: HTMLCanvasElement) {
    $effect(() => {
      const { record, rings, holes } = area;
      const zone = { ...record, ...laying, origin };
      const border = borderOf(zone, rings, holes);
      const tiled = layZone(zone, border?.field ?? rings, { border, holes });
      if (!tiled.ok) return;
      const { left, right, bottom, top } = boundsOf(rings.flat());
      const k = Math.min(WIDE / (right - left), HIGH / (top - bottom));
      const camera = { k, x: WIDE / 2 - ((left + right) / 2) * k, y: HIGH / 2 + ((bottom + top) / 2) * k };
      const shown = {
        laid: tiled.value,
        rings: zoneRegion(rings),
        origin: originOf(zone),
        turn: 0,
        by: { x: 0, y: 0 },
        tiles: paintedTiles(session.document, zone, tiled.value),
      };
      const sliver = getComputedStyle(canvas).getPropertyValue('--clay').trim();
      paintZones(canvas, [shown], camera, { width: WIDE, height: HIGH, sliver });
    });
  }
</script>

<canvas style="width: {WIDE}px; height: {HIGH}px" {@attach painted} aria-hidden="true"></canvas>
