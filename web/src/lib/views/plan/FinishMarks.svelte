<script lang="ts">
  import { boxOf, facePath, recordOf, roomShape } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { ringPath, type Camera } from '../camera';
  import LitRings from './LitRings.svelte';

  /** What the finish that is tried would cover, lit up on the plan. */
  let { camera }: { camera: Camera } = $props();
  const { session, screen } = useWorkspace();

  /** How far into the room a wall is lit, pixels. */
  const WALL = 6;
  const rings = $derived.by(() => {
    const shape = roomShape(session.document);
    return screen.covered.flatMap((id) => {
      const face = shape.byId.get(id);
      if (face)
        return [
          ringPath(camera, [...facePath(face), ...facePath(face, 0, face.length, WALL / camera.k).reverse()]),
        ];
      const record = recordOf(session.document, 'item', id);
      return record ? [ringPath(camera, boxOf(record, shape).footprint)] : [];
    });
  });
</script>

<LitRings {rings} colour="clay" />
