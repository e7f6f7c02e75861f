<script lang="ts">
  import { MOST_SPLASH, setEdgeWay, type EdgeWayChange, type Splash } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { sidesName } from '$lib/tools/top-words';
  import LengthField from '$ui/LengthField.svelte';
  import LinkButton from '$ui/LinkButton.svelte';
  import Ways from '$ui/Ways.svelte';

  /** The ways a top can meet a wall: with nothing, a splash of a typed height, or one up to what hangs there. */
  let { splash, onclose }: { splash: Splash; onclose: () => void } = $props();
  const { session } = useWorkspace();

  const ways = [
    { id: 'none', name: 'No splash', d: 'M20 2V22M3 15H20' },
    { id: 'height', name: 'So high', d: 'M20 2V22M3 15H20M16 15V8H20' },
    { id: 'full', name: 'Up to what hangs there', d: 'M20 2V22M3 18H20M16 18V7H20M7 7H20V2' },
  ] as const;
  /** Where one is first set, mm. */
  const USUAL = 100;
  const now = $derived(splash.pieces.length === 0 ? 'none' : splash.full ? 'full' : 'height');
  const height = $derived(splash.pieces.length === 0 ? USUAL : splash.high - splash.low);

  function set(way: EdgeWayChange['splash'] & {}): string {
    return session.run(setEdgeWay, { at: splash.at as [(typeof splash.at)[0]], way: { splash: way } })
      ? ''
      : session.message;
  }
  const choose = (way: (typeof ways)[number]['id']) =>
    set(way === 'full' ? { full: true } : { height: way === 'none' ? 0 : now === 'full' ? USUAL : height });
  function automatic() {
    session.run(setEdgeWay, { at: splash.at as [(typeof splash.at)[0]], way: { splash: null } });
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && onclose()} />
<div class="card" role="group" aria-label="Splash behind {sidesName(session.document, splash.at)}">
  <div class="ways"><Ways {ways} {now} onchoose={choose} /></div>
  <LengthField
    label="Splash height"
    hideLabel
    focused
    value={splash.pieces.length === 0 ? 0 : height}
    style={session.style}
    most={MOST_SPLASH}
    onset={(mm) => set({ height: mm })}
    onleave={onclose}
  />
  {#if splash.own}<LinkButton onclick={automatic}>Automatic</LinkButton>{/if}
</div>

<style>
  .card {
    display: flex;
    align-items: center;
    gap: 0.3rem;
  }
  .ways {
    display: flex;
    gap: 0.2rem;
  }
</style>
