<script lang="ts">
  import {
    placedOpenings,
    putOpening,
    roomShape,
    setFaceLength,
    usualOpening,
    type OpeningRecord,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$session/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';

  const { session, screen } = useWorkspace();
  const shape = $derived(roomShape(session.document));
  const openings = $derived(placedOpenings(session.document));
  let note = $state('');

  /** Adds an opening of its usual size in the middle of the free part of the chosen face, to be corrected in the facts. */
  function add(type: OpeningRecord['type']) {
    note = '';
    const selected = session.committed.records[screen.selected ?? ''];
    const faceId =
      selected?.kind === 'face'
        ? selected.id
        : selected?.kind === 'opening'
          ? selected.face
          : shape.faces[0]!.id;
    const candidates = [shape.byId.get(faceId)!, ...shape.faces];
    for (const face of candidates) {
      const usual = usualOpening(type, session.style.unit);
      const width = Math.min(usual.width, face.length);
      for (const distance of places(face.length - width)) {
        const opening: OpeningRecord = {
          kind: 'opening',
          id: `opening-${nanoid(8)}`,
          face: face.id,
          type,
          from: 'left',
          distance,
          ...usual,
          width,
          hinge: 'left',
          swing: 'in',
        };
        if (session.mayRun(putOpening, opening) !== '') continue;
        session.run(putOpening, opening);
        screen.select(opening.id);
        return;
      }
    }
    note = 'No face has room for it. Make another opening narrower first.';
  }

  /** Distances to try along what is free: the middle first, then the ends and quarters. */
  function places(free: number): number[] {
    return [0.5, 0, 1, 0.25, 0.75].map((share) => Math.round(free * share));
  }

  function setLength(face: string, length: number): string {
    return session.run(setFaceLength, { face, length }) ? '' : session.message;
  }

  function degrees(corner: number): string {
    return `${((corner * 180) / Math.PI).toFixed(Math.abs(((corner * 180) / Math.PI) % 90) < 0.005 ? 0 : 2)}°`;
  }
</script>

<div class="panel">
  <h2>Faces</h2>
  <div class="faces">
    {#each shape.faces as face (face.id)}
      <div class="face" class:selected={screen.selected === face.id} onfocusin={() => screen.select(face.id)}>
        <LengthField
          label="Face {face.letter}"
          value={face.length}
          style={session.style}
          least={50}
          onset={(mm) => setLength(face.id, mm)}
          hint={face.record.lengthFrom === 'measured'
            ? degrees(face.corner)
            : `${degrees(face.corner)} follows`}
        />
      </div>
    {/each}
  </div>
  <p class="help">
    Lengths to finished faces; the angle is the corner before each face. A length that “follows” is worked out
    from the others until you type it.
  </p>

  <h2>Openings</h2>
  <div class="adds">
    <Button onclick={() => add('door')}>Add door</Button>
    <Button onclick={() => add('window')}>Add window</Button>
  </div>
  {#if note}<p class="help" role="alert">{note}</p>{/if}
  <ul>
    {#each openings as { record, face, name } (record.id)}
      <li>
        <button class:selected={screen.selected === record.id} onclick={() => screen.select(record.id)}>
          <span>{name}</span>
          {record.type === 'window' ? 'Window' : record.type === 'door' ? 'Door' : 'Cased opening'} on face {face.letter}
        </button>
      </li>
    {:else}
      <li class="help">
        None yet. Choose a face, then add a door or a window and type its distance from the corner.
      </li>
    {/each}
  </ul>
</div>

<style>
  .panel {
    display: grid;
    align-content: start;
    gap: 0.6rem;
    height: 100%;
    padding: 0.8rem;
    overflow-y: auto;
  }
  h2 {
    font-size: 14px;
  }
  .faces {
    display: grid;
    gap: 0.15rem;
  }
  .face {
    padding: 0.1rem 0.3rem;
    border-left: 3px solid transparent;
  }
  .face :global(.field) {
    grid-template-columns: 3.6rem minmax(0, 1fr);
  }
  .face.selected {
    border-left-color: var(--clay);
  }
  .adds {
    display: flex;
    gap: 0.5rem;
  }
  .help {
    color: var(--soft);
    font-size: 12.5px;
  }
  ul {
    display: grid;
    gap: 0.2rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li button {
    width: 100%;
    padding: 0.3rem 0.5rem;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    cursor: pointer;
    text-align: left;
  }
  li button:hover,
  li button.selected {
    border-color: var(--clay);
    background: var(--sheet);
  }
  li span {
    display: inline-block;
    width: 2rem;
    font-weight: 500;
  }
</style>
