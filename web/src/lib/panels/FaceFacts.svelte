<script lang="ts">
  import {
    barPieces,
    blockOut,
    cornerName,
    editFaces,
    resizeFace,
    roomOf,
    roomShape,
    setBar,
    setFaceLength,
    type FaceChange,
    type FaceRecord,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import AngleField from '$ui/AngleField.svelte';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import RoomMeasures from './RoomMeasures.svelte';
  import FaceReshape from './survey/FaceReshape.svelte';
  import FaceWall from './survey/FaceWall.svelte';

  let { face }: { face: FaceRecord } = $props();
  const { session, screen } = useWorkspace();
  /** Its fields follow when a drag rests; what is dragged tells its own distance. */
  const shape = $derived(roomShape(session.settled));
  const placed = $derived(shape.byId.get(face.id)!);
  const index = $derived(shape.faces.indexOf(placed));
  const room = $derived(roomOf(session.document));
  const chosen = $derived([face.id, ...screen.also]);
  const letters = $derived(chosen.map((id) => shape.byId.get(id)?.letter ?? '').join(', '));

  /** Rough counters where nothing stands yet; each can be trimmed by its ties, or turned into cabinets by a proposal. */
  function blockCounters(faces: readonly string[]) {
    session.run(blockOut, { faces, prefix: `block-${nanoid(8)}` });
  }

  /** A raised bar over the half wall, over the knees of those who sit on one side of it, if any. */
  function setBarFor(seats: string) {
    const where = seats === 'this-side' || seats === 'far-side' ? ({ seats } as const) : {};
    const pieces = barPieces(shape.byId.get(face.id)!);
    const ids = Array.from({ length: pieces }, () => `item-${nanoid(8)}`);
    session.run(setBar, { face: face.id, ids, ...where });
  }

  /** The chosen faces in walking order, where each begins at the corner the one before it ends at. */
  const inLine = $derived.by(() => {
    const { faces } = shape;
    const follows = (id: string) =>
      chosen.includes(faces.at(faces.findIndex((one) => one.id === id) - 1)!.id);
    const starts = chosen.filter((id) => !follows(id));
    if (starts.length !== 1) return null;
    const from = faces.findIndex(({ id }) => id === starts[0]);
    return chosen.map((_, index) => faces[(from + index) % faces.length]!.id);
  });

  function change(part: FaceChange): string {
    return session.run(editFaces, { faces: chosen, change: part }) ? '' : session.message;
  }
  function setLength(length: number): string {
    return session.run(setFaceLength, { face: face.id, length }) ? '' : session.message;
  }
  function resize(length: number, moves: 'left' | 'right'): string {
    return session.run(resizeFace, { face: face.id, length, moves }) ? '' : session.message;
  }
</script>

{#if chosen.length > 1}
  <h2>Faces {letters}</h2>
  <p class="about">What is typed here changes all {chosen.length} of them.</p>
  {#if inLine}
    <div class="runs">
      <Button onclick={() => blockCounters(inLine)}>Block out counters</Button>
      <Button onclick={() => screen.propose({ faces: inLine, band: 'base' })}>Propose a run</Button>
    </div>
  {/if}
  <FaceWall {face} faces={chosen} />
{:else}
  <h2>Face {placed.letter}</h2>
  <p class="about">Left and right as seen from inside, facing the wall.</p>
  <LengthField
    label={placed.arc ? 'Corner to corner' : 'Measured length'}
    value={placed.chord}
    style={session.style}
    least={50}
    onset={setLength}
  />
  <label class="row wide">
    Counts as
    <select
      value={face.lengthFrom}
      onchange={(event) => change({ lengthFrom: event.currentTarget.value as FaceRecord['lengthFrom'] })}
    >
      <option value="measured">Measured</option>
      <option value="outline">Follows from the others</option>
      <option value="excluded">Measured, not believed</option>
    </select>
  </label>
  <LengthField
    label="Trusted to"
    value={face.lengthUncertainty ?? room.lengthUncertainty}
    style={{ ...session.style, step: session.style.step / 2 }}
    least={0.01}
    most={100}
    hint={face.lengthUncertainty === undefined ? 'as the room' : ''}
    onset={(lengthUncertainty) => change({ lengthUncertainty })}
    onclear={() => change({ lengthUncertainty: null })}
  />
  <AngleField
    label="Corner {cornerName(index, shape.letters)}"
    value={placed.corner}
    least={3}
    most={357}
    hint={{ measured: 'measured', assumed: 'assumed', excluded: 'not believed' }[face.cornerFrom]}
    onset={(corner) => change({ corner, cornerFrom: 'measured' })}
  />
  {#if face.cornerFrom !== 'assumed'}
    <AngleField
      label="Corner trusted to"
      value={face.cornerUncertainty ?? room.cornerUncertainty}
      least={0.001}
      most={11}
      hint={face.cornerUncertainty === undefined ? 'as the room' : ''}
      onset={(cornerUncertainty) => change({ cornerUncertainty })}
      onclear={() => change({ cornerUncertainty: null })}
    />
    <div>
      <button class="link" onclick={() => change({ cornerFrom: 'assumed' })}
        >Take the corner as assumed</button
      >
    </div>
  {/if}

  <div class="runs">
    <Button onclick={() => blockCounters([face.id])}>Block out a counter</Button>
    <Button onclick={() => screen.propose({ faces: [face.id], band: 'base' })}>Propose a run</Button>
    {#if placed.wallHeight !== null}
      <label class="row">
        Set a bar on it
        <select
          value=""
          onchange={(event) => {
            setBarFor(event.currentTarget.value);
            event.currentTarget.value = '';
          }}
        >
          <option value="" disabled>for seats</option>
          <option value="this-side">on this side</option>
          <option value="far-side">on the far side</option>
          <option value="none">on neither: alike on both</option>
        </select>
      </label>
    {/if}
  </div>

  <h3>Change the room</h3>
  <LengthField
    label="Left end moves"
    value={placed.chord}
    style={session.style}
    least={50}
    onset={(mm) => resize(mm, 'left')}
  />
  <LengthField
    label="Right end moves"
    value={placed.chord}
    style={session.style}
    least={50}
    onset={(mm) => resize(mm, 'right')}
  />
  {#key face.id}<FaceReshape {face} />{/key}
  <h3>Room</h3>
  <RoomMeasures />
  <h3>Wall</h3>
  <FaceWall {face} faces={chosen} />
{/if}

<style>
  .runs {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
  }
  .runs :global(button) {
    min-height: max(28px, var(--touch));
    padding: 0.1rem 0.55rem;
    font-size: 13px;
  }
  .link {
    padding: 0;
    border: 0;
    background: none;
    color: var(--tide);
    cursor: pointer;
    font-size: 13px;
  }
</style>
