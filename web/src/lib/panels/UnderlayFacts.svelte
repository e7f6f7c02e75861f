<script lang="ts">
  import { putUnderlay, removeThings, scaleUnderlay, type UnderlayRecord } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import AngleField from '$ui/AngleField.svelte';
  import Button from '$ui/Button.svelte';
  import LengthField from '$ui/LengthField.svelte';

  let { underlay }: { underlay: UnderlayRecord } = $props();
  const { session, screen, pick } = useWorkspace();
  const places = $derived(pick.now?.id === underlay.id ? pick.now.places : null);

  function change(part: Partial<UnderlayRecord>): string {
    return session.run(putUnderlay, { ...underlay, ...part }) ? '' : session.message;
  }

  function scaleBy(length: number): string {
    const [from, to] = places ?? [];
    if (!from || !to) return '';
    const done = session.run(scaleUnderlay, { id: underlay.id, from, to, length });
    if (done) pick.cancel();
    return done ? '' : session.message;
  }
</script>

<h2>Underlay</h2>
<p class="about">{underlay.name}</p>
{#if places}
  <p class="about" role="status">
    {places.length < 2
      ? `Click ${places.length === 0 ? 'one end' : 'the other end'} of a length you know on the picture.`
      : 'Type the true length between the two places.'}
  </p>
  {#if places.length === 2}
    <LengthField
      label="True length"
      value={null}
      focused
      style={session.style}
      least={50}
      placeholder="type, Enter"
      onset={scaleBy}
    />
  {/if}
  <div><Button onclick={() => pick.cancel()}>Stop scaling</Button></div>
{:else}
  <div>
    <Button look="primary" onclick={() => pick.start(underlay.id, 'scale')}>Scale by two places</Button>
  </div>
{/if}
<LengthField
  label="Width"
  value={underlay.pixelsWide * underlay.mmPerPixel}
  style={session.style}
  least={50}
  most={200_000}
  onset={(mm) => change({ mmPerPixel: mm / underlay.pixelsWide })}
/>
<LengthField
  label="Across"
  value={underlay.x}
  style={session.style}
  least={-200_000}
  most={200_000}
  onset={(x) => change({ x })}
/>
<LengthField
  label="Down"
  value={-underlay.y}
  style={session.style}
  least={-200_000}
  most={200_000}
  onset={(down) => change({ y: -down })}
/>
<AngleField label="Turned by" value={underlay.turn} onset={(turn) => change({ turn })} />
<label class="row">
  Fade
  <input
    type="range"
    min="0"
    max="0.95"
    step="0.05"
    value={underlay.fade}
    onchange={(event) => change({ fade: Number(event.currentTarget.value) })}
  />
</label>
<label class="row">
  Locked
  <input
    type="checkbox"
    checked={underlay.locked}
    onchange={(event) => change({ locked: event.currentTarget.checked })}
  />
</label>
<div>
  <Button
    onclick={() => {
      if (session.run(removeThings, [underlay.id])) screen.select(null);
    }}>Remove</Button
  >
</div>

<style>
  input[type='checkbox'] {
    width: 16px;
    justify-self: start;
    accent-color: var(--clay);
  }
  input[type='range'] {
    accent-color: var(--clay);
  }
</style>
