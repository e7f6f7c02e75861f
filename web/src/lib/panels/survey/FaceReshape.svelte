<script lang="ts">
  import {
    insertCorner,
    moveFace,
    pushPart,
    removeCorner,
    roomShape,
    stretchRoom,
    place,
    type FaceRecord,
  } from 'goodreach';
  import { nanoid } from 'nanoid';
  import { useWorkspace } from '$lib/tools/context';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import More from '$ui/More.svelte';
  import FaceBend from './FaceBend.svelte';

  let { face }: { face: FaceRecord } = $props();
  const { session, screen } = useWorkspace();
  const placed = $derived(roomShape(session.document).byId.get(face.id)!);
  const id = () => `face-${nanoid(8)}`;

  let part = $state({ from: 'left' as 'left' | 'right', distance: 600, width: 900, depth: 300, into: false });
  let stretch = $state({ distance: 0, towards: 'right' as 'left' | 'right' });

  function move(by: number): string {
    return session.run(moveFace, { face: face.id, by }) ? '' : session.message;
  }

  function push() {
    const front = id();
    const ids = [id(), front, id(), id(), `measurement-${nanoid(8)}`] as const;
    const { from, distance, width, depth, into } = part;
    const args = { face: face.id, from, distance, width, depth: into ? -depth : depth, ids };
    // All of a face moves it: it is the one that stays chosen.
    if (session.run(pushPart, args)) screen.select(session.committed.records[front] ? front : face.id);
  }

  function split(distance: number): string {
    return session.run(insertCorner, { face: face.id, distance, id: id() }) ? '' : session.message;
  }

  function join() {
    if (session.run(removeCorner, { face: face.id })) screen.select(null);
  }

  function stretchBy(by: number): string {
    const through = place(placed.start, placed.u, stretch.distance, placed.n, 0);
    const towards = placed.turn + (stretch.towards === 'left' ? Math.PI : 0);
    return session.run(stretchRoom, { through, towards, by }) ? '' : session.message;
  }
</script>

<LengthField
  label="Move outwards"
  value={null}
  style={session.style}
  least={-30_000}
  placeholder="by"
  onset={move}
/>
<LengthField label="Corner at" value={null} style={session.style} placeholder="from left" onset={split} />
<FaceBend {placed} />
<More title="Push a part in or out">
  <label class="row wide">
    Way
    <select bind:value={part.into}>
      <option value={false}>Out: a bay or recess</option>
      <option value={true}>In: a breast or pier</option>
    </select>
  </label>
  <label class="row">
    From
    <select bind:value={part.from}>
      <option value="left">Left corner</option>
      <option value="right">Right corner</option>
    </select>
  </label>
  <LengthField
    label="Distance"
    value={part.distance}
    style={session.style}
    hint={part.distance === 0 ? 'in the corner' : ''}
    onset={(mm) => void (part.distance = mm)}
  />
  <LengthField
    label="Width"
    value={part.width}
    style={session.style}
    onset={(mm) => void (part.width = mm)}
  />
  <LengthField
    label="Depth"
    value={part.depth}
    style={session.style}
    onset={(mm) => void (part.depth = mm)}
  />
  <Button onclick={push}>Push</Button>
</More>
<More title="Stretch beyond a line">
  <LengthField
    label="Line at"
    value={stretch.distance}
    style={session.style}
    hint="from left"
    onset={(mm) => void (stretch.distance = mm)}
  />
  <label class="row">
    Moves what is
    <select bind:value={stretch.towards}>
      <option value="right">right of it</option>
      <option value="left">left of it</option>
    </select>
  </label>
  <LengthField
    label="By"
    value={null}
    style={session.style}
    least={-30_000}
    placeholder="type, Enter"
    onset={stretchBy}
  />
</More>
<div><Button onclick={join}>Remove the corner at left</Button></div>
