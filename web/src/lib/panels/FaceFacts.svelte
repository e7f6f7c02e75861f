<script lang="ts">
  import { roomShape, setFaceLength, type FaceRecord } from 'goodreach';
  import { useWorkspace } from '$session/context';
  import LengthField from '$ui/LengthField.svelte';

  let { face }: { face: FaceRecord } = $props();
  const { session } = useWorkspace();
  const placed = $derived(roomShape(session.document).byId.get(face.id)!);
  const degrees = $derived((placed.corner * 180) / Math.PI);

  function setLength(length: number): string {
    return session.run(setFaceLength, { face: face.id, length }) ? '' : session.message;
  }
</script>

<h2>Face {placed.letter}</h2>
<p class="about">
  {face.lengthFrom === 'measured' ? 'Measured.' : 'Follows from the other faces until it is measured.'}
</p>
<LengthField label="Length" value={placed.length} style={session.style} least={50} onset={setLength} />
<div class="row">Corner at left <output>{degrees.toFixed(2)}°</output></div>
