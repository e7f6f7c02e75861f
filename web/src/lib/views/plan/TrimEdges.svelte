<script lang="ts">
  import {
    inward,
    middle,
    place,
    shapeReach,
    subtract,
    trimAt,
    trimNames,
    trimPlaces,
    trims,
    unit,
    type TrimPlace,
    type TrimProfile,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { alongName, putTrim, saidProfile, trimWays } from '$lib/tools/trim-words';
  import LinkButton from '$ui/LinkButton.svelte';
  import { ringPath, toScreen, type Camera } from '../camera';
  import { chipSpot, spread } from '../spread';
  import { toldApart } from '../told-apart';
  import EdgeChip from './EdgeChip.svelte';
  import LitRings from './LitRings.svelte';
  import Ways from '$ui/Ways.svelte';

  /** The trim that is open in the panel brought forward: every stretch of it carries its profile. */
  let { camera }: { camera: Camera } = $props();
  const { session, screen } = useWorkspace();
  const use = $derived(screen.trimUse);

  const rings = $derived(
    trims(session.document)
      .filter((piece) => piece.use === use)
      .map((piece) => {
        const { in: back, out } = shapeReach(piece.shape);
        const edge = (by: number) => piece.path.map((_, index) => trimAt(piece, index, by));
        return ringPath(camera, [...edge(out), ...edge(back).reverse()]);
      }),
  );

  /** Along what is shorter there is no room for a word, pixels: nearer by it has one. */
  const LEAST_TOLD = 24;
  const places = $derived(
    toldApart(
      trimPlaces(session.document, use)
        .filter(({ a, b, own }) => own || Math.hypot(b.x - a.x, b.y - a.y) * camera.k >= LEAST_TOLD)
        .map((one) => ({ id: alongName(session.document, one.along), one })),
    ),
  );
  const said = (profile: TrimProfile) =>
    profile === 'none' ? `no ${trimNames[use].toLowerCase()}` : saidProfile(session.document, profile);

  /** Words stand before what they tell of. */
  const OUT = 22;
  const before = ({ a, b, along }: TrimPlace) => {
    const right = inward(unit(subtract(b, a)));
    // Along items the room is to the right, along walls to the left.
    const by = ('items' in along ? OUT : -OUT) / camera.k;
    return toScreen(camera, place(middle(a, b), right, by, right, 0));
  };
  const spots = $derived(spread(places.map(({ one }) => chipSpot(before(one), said(one.profile)))));

  let opened: string | null = $state(null);

  function set({ along }: TrimPlace, profile: TrimProfile | null) {
    putTrim(session, use, along, profile);
    opened = null;
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && (opened = null)} />
<LitRings {rings} colour="tide" />
{#each places as { id, one }, index (id)}
  <EdgeChip
    at={spots[index]!}
    text={said(one.profile)}
    label="{trimNames[use]} along {alongName(session.document, one.along)}: {said(one.profile)}{one.own
      ? ', set by hand'
      : ''}, click to change"
    own={one.own}
    faint={one.profile === 'none'}
    opened={opened === id}
    onopen={() => (opened = id)}
  >
    <div
      class="ways"
      role="group"
      aria-label="{trimNames[use]} along {alongName(session.document, one.along)}"
    >
      <Ways
        ways={trimWays(session.document, use)}
        now={one.profile}
        onchoose={(profile) => set(one, profile)}
      />
    </div>
    {#if one.own}<LinkButton onclick={() => set(one, null)}>Automatic</LinkButton>{/if}
  </EdgeChip>
{/each}

<style>
  .ways {
    display: flex;
    gap: 0.2rem;
  }
</style>
