<script lang="ts">
  import { roomShape, type FacePlace } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';

  /** Where an end of a line across the room is: the face it is on, and how far from its left end. */
  interface Props {
    place: FacePlace;
    end: 'Start' | 'End';
    onset: (place: FacePlace) => string;
  }
  let { place, end, onset }: Props = $props();
  const { session } = useWorkspace();
  const faces = $derived(roomShape(session.document).faces);
  const length = $derived(faces.find(({ id }) => id === place.face)!.length);

  /** Another face, nearer to its left end where it is too short for the distance. */
  function moveTo(face: string) {
    const { length: most } = faces.find(({ id }) => id === face)!;
    onset({ face, from: 'left', distance: Math.min(place.distance, most) });
  }
</script>

<label class="row">
  {end}s on
  <select value={place.face} onchange={(event) => moveTo(event.currentTarget.value)}>
    {#each faces as face (face.id)}<option value={face.id}>face {face.letter}</option>{/each}
  </select>
</label>
<LengthField
  label="{end}, from left"
  value={place.from === 'left' ? place.distance : length - place.distance}
  style={session.style}
  onset={(distance) => onset({ face: place.face, from: 'left', distance })}
/>
