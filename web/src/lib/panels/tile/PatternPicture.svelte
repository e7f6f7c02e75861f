<script lang="ts">
  import { layZone, originOf, type ZoneRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { paintZones, paintedTiles } from '$lib/views/tile/zone-painter';

  /** A piece of a pattern, laid with the tile in hand by the engine that lays the zone. */
  interface Props {
    zone: ZoneRecord;
    size?: number;
  }
  let { zone, size = 56 }: Props = $props();
  const { session } = useWorkspace();

  /** So many tiles are to be seen across it, of their mean side. */
  const ACROSS = 3.4;
  /** Its joints are at least so wide, pixels. */
  const SEEN = 1.3;

  function painted(canvas: HTMLCanvasElement) {
    $effect(() => {
      const { w, h } = zone.tile;
      const side = Math.max(ACROSS * Math.sqrt(w * h), 1.25 * Math.max(w, h));
      const ring = [
        { x: 0, y: 0 },
        { x: side, y: 0 },
        { x: side, y: side },
        { x: 0, y: side },
      ];
      const begun = { joint: Math.max(zone.joint, (SEEN * side) / size), sliver: 1 };
      const piece = { ...zone, ...begun, origin: { x: side * 0.13, y: side * 0.09 }, angle: 0 };
      const laid = layZone(piece, [ring]);
      if (!laid.ok) return;
      const tiles = paintedTiles(session.document, zone, laid.value);
      const value = { ...laid.value, slivers: new Set<never>() };
      const shown = [
        { laid: value, rings: [ring], origin: originOf(piece), turn: 0, by: { x: 0, y: 0 }, tiles },
      ];
      const k = size / side;
      paintZones(canvas, shown, { k, x: 0, y: size }, { width: size, height: size, sliver: '#000' });
    });
  }
</script>

<canvas style="width: {size}px; height: {size}px" {@attach painted} aria-hidden="true"></canvas>

<style>
  canvas {
    display: block;
  }
</style>
