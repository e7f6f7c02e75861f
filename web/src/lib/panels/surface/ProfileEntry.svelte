<script lang="ts">
  import {
    fixedProfile,
    forgetProfile,
    formatLength,
    isInchUnit,
    keepProfile,
    MOST_PROFILE,
    ownProfiles,
    refusalText,
    roomOf,
    roundedCorners,
    setRoom,
    shapeReach,
    trimNames,
    trimShape,
    type OwnProfile,
    type Point,
    type ProfileCorner,
    type TrimUse,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { untrack } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { profileOfDxf } from '$lib/tools/read-dxf';
  import Button from '$ui/Button.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import FileEntry from '$ui/FileEntry.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import TextField from '$ui/TextField.svelte';
  import ProfilePad from './ProfilePad.svelte';

  /** Profiles of the room's own for a trim: drawn by their corners, or read from a DXF drawing. */
  let { use, onclose }: { use: TrimUse; onclose: () => void } = $props();
  const { session } = useWorkspace();
  const inInches = $derived(isInchUnit(session.style.unit));
  const own = $derived(ownProfiles(session.document, use));
  const room = $derived(roomOf(session.document));
  /** Where each is fixed. */
  const fixed: Record<TrimUse, string> = {
    cornice: 'It stands on the boxes and comes out over the fronts.',
    lightRail: 'It hangs under the boxes, in line with the fronts.',
    skirting: 'It stands on the floor, its back to the wall.',
    cove: 'It hangs from the ceiling, its back to the wall.',
    capping: 'It lies on the lining, its back over the front of that: behind, it goes on to the wall.',
  };

  /** A new one begins as a plain board. */
  const plain = (): ProfileCorner[] =>
    trimShape(
      untrack(() => use),
      'square',
    )!.map(({ x, y }) => ({ out: x, up: y }));
  let corners: ProfileCorner[] = $state.raw(plain());
  let traced: readonly Point[] | null = $state.raw(null);
  const newId = (): OwnProfile => `profile-${nanoid(8)}`;
  let id = $state(newId());
  let name = $state('');
  let problem = $state('');
  let note = $state('');

  const shape = $derived(traced ?? roundedCorners(corners));
  const size = $derived.by(() => {
    const reach = shapeReach(shape);
    return [reach.out - reach.in, reach.high - reach.low]
      .map((mm) => formatLength(mm, session.style))
      .join(' × ');
  });
  const sound = $derived(fixedProfile(use, shape));

  function change(index: number, part: Partial<ProfileCorner>) {
    corners = corners.map((corner, at) => (at === index ? { ...corner, ...part } : corner));
  }
  /** Puts a corner in the middle of the side after one. */
  function insert(index: number) {
    const [a, b] = [corners[index]!, corners[(index + 1) % corners.length]!];
    corners = corners.toSpliced(index + 1, 0, { out: (a.out + b.out) / 2, up: (a.up + b.up) / 2 });
  }
  function mirror() {
    corners = corners.map((corner) => ({ ...corner, out: -corner.out })).reverse();
    traced = traced && traced.map(({ x, y }) => ({ x: -x, y }));
  }

  async function read(file: File) {
    [problem, note] = ['', ''];
    const shown = await profileOfDxf(file, inInches ? 25.4 : 1);
    if (!shown.ok) return (problem = refusalText(shown.refusal, session.style));
    traced = shown.value;
    name ||= file.name.replace(/\.\w+$/, '').slice(0, 60);
  }

  function fresh() {
    [corners, traced, name, id] = [plain(), null, '', newId()];
    [problem, note] = ['', ''];
  }
  function open(record: (typeof own)[number]) {
    fresh();
    [name, id] = [record.name, record.id];
    const places = record.shape;
    if (places.length <= 24) corners = places.map(({ out, up }) => ({ out, up }));
    else traced = places.map(({ out, up }) => ({ x: out, y: up }));
  }

  function keep() {
    [problem, note] = ['', ''];
    const kept = session.run(keepProfile, {
      ...{ id, name, use },
      shape: shape.map(({ x, y }) => ({ out: x, up: y })),
    });
    if (!kept) return (problem = session.message);
    const record = own.find((one) => one.name === name.trim());
    if (record && session.run(setRoom, { [use]: record.id }))
      note = `${record.name} is kept, and is the ${trimNames[use].toLowerCase()} of the room.`;
  }
  function forget(record: (typeof own)[number]) {
    [problem, note] = ['', ''];
    if (session.run(forgetProfile, { id: record.id })) note = `${record.name} is forgotten.`;
    else problem = session.message;
  }
</script>

<Dialog title="{trimNames[use]}: a profile of your own" wide="46rem" {onclose}>
  {#if own.length > 0}
    <ul>
      <li><button aria-pressed={!own.some((one) => one.id === id)} onclick={fresh}>+ New</button></li>
      {#each own as record (record.id)}
        <li>
          <button aria-pressed={record.id === id} onclick={() => open(record)}>{record.name}</button>
        </li>
      {/each}
    </ul>
  {/if}
  <form
    onsubmit={(event) => {
      event.preventDefault();
      keep();
    }}
  >
    <div class="drawn">
      <ProfilePad
        {corners}
        {traced}
        square={inInches ? 12.7 : 10}
        step={inInches ? 25.4 / 16 : 1}
        onmove={(index, to) => change(index, to)}
      />
      <p class="help">Its back is to the left. {fixed[use]} <b>{size}</b></p>
      <div class="buttons">
        <FileEntry label="From a DXF drawing" accept=".dxf" onfile={read} />
        <Button onclick={mirror}>Mirror</Button>
        {#if traced}<Button onclick={() => (traced = null)}>Draw it instead</Button>{/if}
      </div>
    </div>
    <div class="fields">
      <TextField label="Name" value={name} most={60} onset={(text) => (name = text)} />
      {#if !traced}
        <p class="help">Corners: out from the back, up, and rounded by.</p>
        {#each corners as corner, index (index)}
          <div class="corner" role="group" aria-label="Corner {index + 1}">
            <span>{index + 1}</span>
            {#each [['out', 'out', -MOST_PROFILE], ['up', 'up', -MOST_PROFILE], ['round', 'rounded by', 0]] as const as [key, label, least] (key)}
              <LengthField
                label="Corner {index + 1} {label}"
                hideLabel
                value={corner[key] ?? 0}
                style={session.style}
                {least}
                most={MOST_PROFILE}
                onset={(mm) => void change(index, { [key]: mm })}
              />
            {/each}
            <button
              type="button"
              onclick={() => insert(index)}
              aria-label="Put a corner after corner {index + 1}">+</button
            >
            <button
              type="button"
              disabled={corners.length <= 3}
              onclick={() => (corners = corners.toSpliced(index, 1))}
              aria-label="Take out corner {index + 1}">−</button
            >
          </div>
        {/each}
      {/if}
      {#if problem}<p class="problem" role="alert">{problem}</p>
      {:else if !sound.ok}<p class="problem" role="status">
          {refusalText(sound.refusal, session.style)}
        </p>{/if}
      {#if note}<p class="note" role="status">{note}</p>{/if}
      <div class="buttons">
        <Button type="submit" look="primary" disabled={!sound.ok}>Keep it</Button>
        {#each own.filter((record) => record.id === id) as record (record.id)}
          <Button disabled={room[use] === record.id} onclick={() => forget(record)}>Forget it</Button>
        {/each}
      </div>
    </div>
  </form>
</Dialog>

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    margin: 0 0 0.8rem;
    padding: 0;
    list-style: none;
  }
  li button {
    min-height: max(30px, var(--touch));
    padding: 0 0.6rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: none;
    color: var(--text);
    cursor: pointer;
    font-size: 13px;
  }
  li button[aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: inset 0 0 0 1px var(--clay);
  }
  form {
    display: grid;
    grid-template-columns: 322px minmax(240px, 1fr);
    gap: 1.4rem;
    align-items: start;
  }
  .fields {
    display: grid;
    gap: 0.4rem;
  }
  .corner {
    display: grid;
    grid-template-columns: 1.2rem 1fr 1fr 1fr 1.7rem 1.7rem;
    gap: 0.3rem;
    align-items: center;
  }
  .corner :global(.field) {
    margin-top: 0;
  }
  .corner :global(input) {
    width: 100%;
  }
  .corner :global(.understood) {
    display: none;
  }
  .corner span {
    color: var(--soft);
    font-size: 13px;
  }
  .corner button {
    min-height: max(28px, var(--touch));
    padding: 0;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
    cursor: pointer;
  }
  .buttons {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
    margin-top: 0.4rem;
  }
  b {
    color: var(--tide);
    font-weight: 500;
  }
  @media (max-width: 760px) {
    form {
      grid-template-columns: 1fr;
    }
  }
</style>
