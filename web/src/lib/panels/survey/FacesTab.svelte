<script lang="ts">
  import { formatDegrees, roomShape, setFaceLength, type PlacedFace } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';

  const { session, screen } = useWorkspace();
  /** Forty rows of numbers take longer to renew than a frame: they follow when a drag rests. */
  const shape = $derived(roomShape(session.settled));

  function setLength(face: string, length: number): string {
    return session.run(setFaceLength, { face, length }) ? '' : session.message;
  }

  function hint({ corner, record, arc }: PlacedFace): string {
    const standing = { measured: '', outline: ' follows', excluded: ' not believed' }[record.lengthFrom];
    return formatDegrees(corner) + (arc ? ' bent' : '') + standing;
  }
</script>

<div class="faces">
  {#each shape.faces as face (face.id)}
    <div class="face" class:selected={screen.isSelected(face.id)}>
      <label>
        <input
          type="checkbox"
          aria-label="Choose face {face.letter}"
          checked={screen.isSelected(face.id)}
          onchange={() => screen.toggle([face.id], (id) => shape.byId.has(id))}
        />
      </label>
      <div onfocusin={() => screen.isSelected(face.id) || screen.select(face.id)}>
        <LengthField
          label="Face {face.letter}"
          value={face.chord}
          style={session.style}
          least={50}
          onset={(mm) => setLength(face.id, mm)}
          hint={hint(face)}
        />
      </div>
    </div>
  {/each}
</div>
<p class="help">
  Lengths to finished faces; the angle is the corner before each face. A length that “follows” is worked out
  from the others until you type it. Tick several faces to change them together.
</p>

<style>
  .faces {
    display: grid;
    gap: 0.15rem;
  }
  .face {
    display: grid;
    grid-template-columns: max(1.3rem, var(--touch)) minmax(0, 1fr);
    align-items: center;
    padding: 0.1rem 0.3rem;
    border-left: 3px solid transparent;
  }
  .face :global(.field) {
    grid-template-columns: 3.4rem minmax(0, 1fr);
  }
  .face :global(.field input) {
    width: 5.2rem;
  }
  .face.selected {
    border-left-color: var(--clay);
  }
  label {
    display: grid;
    place-items: center start;
    min-width: var(--touch);
    min-height: max(24px, var(--touch));
  }
  input[type='checkbox'] {
    width: 15px;
    height: 15px;
    margin: 0;
    accent-color: var(--clay);
  }
</style>
