<script lang="ts">
  import FinishField from '../FinishField.svelte';
  import { editFaces, roomOf, roomShape, type FaceChange, type FaceRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';

  /** The wall behind some faces: the first one's values are shown, all take what is typed. An emptied field goes back to the room's. */
  let { face, faces }: { face: FaceRecord; faces: readonly string[] } = $props();
  const { session } = useWorkspace();
  const room = $derived(roomOf(session.document));
  const shape = $derived(roomShape(session.document));
  const next = $derived(
    shape.faces[(shape.faces.findIndex(({ id }) => id === face.id) + 1) % shape.faces.length]!,
  );

  function change(part: FaceChange, of: readonly string[] = faces): string {
    return session.run(editFaces, { faces: of, change: part }) ? '' : session.message;
  }
</script>

<LengthField
  label="Thickness"
  value={face.thickness ?? room.wallThickness}
  style={session.style}
  least={10}
  most={1500}
  hint={face.thickness === undefined ? 'as the room' : ''}
  onset={(thickness) => change({ thickness })}
  onclear={() => change({ thickness: null })}
/>
<LengthField
  label="Lining"
  value={face.lining ?? null}
  style={session.style}
  most={1500}
  placeholder="none"
  onset={(lining) => change({ lining })}
  onclear={() => change({ lining: null })}
/>
<LengthField
  label="Lining behind"
  value={face.backLining ?? null}
  style={session.style}
  most={1500}
  placeholder="none"
  onset={(backLining) => change({ backLining })}
  onclear={() => change({ backLining: null })}
/>
<LengthField
  label="Half wall"
  value={face.wallHeight ?? null}
  style={session.style}
  least={100}
  most={6000}
  placeholder="to ceiling"
  onset={(wallHeight) => change({ wallHeight })}
  onclear={() => change({ wallHeight: null, cap: null })}
/>
{#if face.wallHeight !== undefined}
  <LengthField
    label="Cap"
    value={face.cap ?? null}
    style={session.style}
    most={200}
    placeholder="none"
    onset={(cap) => change({ cap })}
    onclear={() => change({ cap: null })}
  />
{/if}
{#if faces.length === 1}
  <LengthField
    label="Ceiling, left"
    value={face.ceilingHeight ?? room.ceilingHeight}
    style={session.style}
    least={1500}
    most={6000}
    hint={face.ceilingHeight === undefined ? 'as the room' : ''}
    onset={(ceilingHeight) => change({ ceilingHeight })}
    onclear={() => change({ ceilingHeight: null })}
  />
  <LengthField
    label="Ceiling, right"
    value={next.record.ceilingHeight ?? room.ceilingHeight}
    style={session.style}
    least={1500}
    most={6000}
    hint={next.record.ceilingHeight === undefined ? 'as the room' : ''}
    onset={(ceilingHeight) => change({ ceilingHeight }, [next.id])}
    onclear={() => change({ ceilingHeight: null }, [next.id])}
  />
{/if}
<FinishField
  label="Finish"
  part="wall"
  to={{ faces: faces as [string, ...string[]] }}
  value={face.finish}
  placeholder="as the others"
/>
