<script lang="ts">
  import {
    edgeProfileOf,
    MOST_OVERHANG,
    recordOf,
    setEdgeWay,
    setTopEdge,
    sideOfEdge,
    splashSides,
    type EdgeProfile,
    type EdgeWayChange,
    type ItemSide,
    type TopEdge,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { edgeName, profileNames } from '$lib/tools/top-words';
  import LengthField from '$ui/LengthField.svelte';
  import Ways from '$ui/Ways.svelte';

  /** What can be set of a free edge: how far it stands out, how it is worked, whether the top goes down to the floor there. */
  interface Props {
    edge: TopEdge;
    overhang: number;
    own: boolean;
    onclose: () => void;
  }
  let { edge, overhang, own, onclose }: Props = $props();
  const { session } = useWorkspace();

  const side = $derived(sideOfEdge(edge)!);
  const at = $derived(edge.items.map((item) => ({ item, side })) as [ItemSide, ...ItemSide[]]);
  const profile = $derived(edgeProfileOf(session.document, edge)!);
  const falls = $derived(
    recordOf(session.document, 'item', edge.items[0]!)?.topEdges?.[side]?.waterfall === true,
  );
  const canFall = $derived(splashSides.some((one) => one === side));

  /** The edge as it is cut through, its top above. */
  const profiles: readonly { id: EdgeProfile; name: string; d: string }[] = [
    { id: 'square', name: profileNames.square, d: 'M3 7H20V17H3' },
    { id: 'eased', name: profileNames.eased, d: 'M3 7H18L20 9V15L18 17H3' },
    { id: 'bevelled', name: profileNames.bevelled, d: 'M3 7H14L20 13V17H3' },
    { id: 'rounded', name: profileNames.rounded, d: 'M3 7H15A5 5 0 0 1 15 17H3' },
    { id: 'raw', name: profileNames.raw, d: 'M3 7H20L18 9L20 11L18 13L20 15L18 17H3' },
  ];
  const ends = [
    { id: 'edge', name: 'Ends at its edge', d: 'M3 6H20V10H3' },
    { id: 'floor', name: 'Goes down to the floor', d: 'M3 6H20V21H16V10H3' },
  ] as const;

  const run = (way: EdgeWayChange) => session.run(setEdgeWay, { at, way });
  function set(mm: number | null): string {
    return session.run(setTopEdge, { ids: edge.items, side, overhang: mm }) ? '' : session.message;
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && onclose()} />
<div class="card" role="group" aria-label={edgeName(session.document, edge)}>
  <LengthField
    label="Overhang: {edgeName(session.document, edge)}"
    hideLabel
    focused
    value={overhang}
    style={session.style}
    most={MOST_OVERHANG}
    hint={own ? 'empty: automatic' : ''}
    onset={set}
    onclear={own ? () => set(null) : undefined}
    onleave={onclose}
  />
  <div class="ways" role="group" aria-label="How the edge is worked">
    <Ways ways={profiles} now={profile.profile} onchoose={(id) => run({ profile: id })} />
  </div>
  {#if canFall}
    <div class="ways" role="group" aria-label="Where the top ends">
      <Ways
        ways={ends}
        now={falls ? 'floor' : 'edge'}
        onchoose={(id) => run({ waterfall: id === 'floor' })}
      />
    </div>
  {/if}
</div>

<style>
  .card {
    display: grid;
    gap: 0.3rem;
  }
  .ways {
    display: flex;
    gap: 0.2rem;
  }
</style>
