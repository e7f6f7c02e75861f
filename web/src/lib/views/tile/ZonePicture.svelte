<script lang="ts">
  import {
    boundsOf,
    borderOf,
    laidAs,
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

  const [WIDE, HIGH, LEAST] = [104, 68, 40];
  const bounds = $derived(boundsOf(area.rings.flat()));
  /** As wide as the zone is for its height, within limits. */
  const wide = $derived(
    Math.round(
      Math.max(LEAST, Math.min(WIDE, (HIGH * (bounds.right - bounds.left)) / (bounds.top - bounds.bottom))),
    ),
  );

  function painted(canvas: HTMLCanvasElement) {
    $effect(() => {
      const { record, rings, holes } = area;
      const zone = { ...laidAs(record, laying), origin };
      const border = borderOf(zone, rings, holes);
      const tiled = layZone(zone, border?.field ?? rings, { border, holes });
      if (!tiled.ok) return;
      const { left, right, bottom, top } = bounds;
      const k = Math.min(wide / (right - left), HIGH / (top - bottom));
      const camera = { k, x: wide / 2 - ((left + right) / 2) * k, y: HIGH / 2 + ((bottom + top) / 2) * k };
      const shown = {
        laid: tiled.value,
        rings: zoneRegion(rings),
        origin: originOf(zone),
        turn: 0,
        by: { x: 0, y: 0 },
        tiles: paintedTiles(session.document, zone, tiled.value),
      };
      const sliver = getComputedStyle(canvas).getPropertyValue('--clay').trim();
      paintZones(canvas, [shown], camera, { width: wide, height: HIGH, sliver });
    });
  }
</script>

<canvas style="width: {wide}px; height: {HIGH}px" {@attach painted} aria-hidden="true"></canvas>
