<script lang="ts">
  import {
    cornerShape,
    cornersOf,
    cutOutRing,
    formatLength,
    inward,
    isThin,
    middle,
    MOST_OVERHANG,
    overhangOf,
    place,
    setTopEdge,
    sideOfEdge,
    subtract,
    topCutOuts,
    tops,
    unit,
    type Point,
    type TopCornerPlace,
    type TopEdge,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { edgeName } from '$lib/tools/top-words';
  import Length from '$ui/Length.svelte';
  import LengthField from '$ui/LengthField.svelte';
  import { toScreen, type Camera } from '../camera';
  import { chipSpot, spread } from '../spread';
  import { toldApart } from '../told-apart';
  import CornerCard from './CornerCard.svelte';
  import TopHandle from './TopHandle.svelte';
  import TopJoints from './TopJoints.svelte';

  /** The tops brought forward: every edge that stands out carries by how much, every free corner opens its ways. */
  let { camera }: { camera: Camera } = $props();
  const { session } = useWorkspace();

  const shown = $derived(tops(session.document));
  const rings = $derived(shown.flatMap((top) => top.rings));
  const path = (ring: readonly Point[]) =>
    ring
      .map((point, index) => {
        const { x, y } = toScreen(camera, point);
        return `${index === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`;
      })
      .join('') + 'Z';

  const cutOuts = $derived(
    [...topCutOuts(session.document).values()]
      .flat()
      .map((one) => ({ thin: isThin(one), ring: cutOutRing(one.cut) })),
  );

  interface Told {
    id: string;
    edge: TopEdge;
    overhang: number;
    own: boolean;
  }
  /** The edges that an overhang moves. */
  const edges = $derived(
    toldApart(
      rings.flatMap((ring) =>
        ring.edges.flatMap((edge): Told[] => {
          const told = overhangOf(session.document, edge);
          return told ? [{ id: edge.key, edge, ...told }] : [];
        }),
      ),
    ),
  );
  const corners = $derived(
    toldApart(
      rings.flatMap((ring) =>
        cornersOf(ring).map((corner) => ({
          id: corner.at.map(({ item, corner: key }) => `${item} ${key}`).join(' '),
          corner,
          shape: cornerShape(session.document, corner),
        })),
      ),
    ),
  );

  /** Chips stand off their edge to the outside. */
  const OUT = 17;
  const outside = ({ a, b }: TopEdge): Point => {
    const out = inward(unit(subtract(b, a)));
    return toScreen(camera, place(middle(a, b), out, OUT / camera.k, out, 0));
  };
  /** Corner handles stand a little within, off the number of a short edge. */
  const cornerSpot = ({ after }: TopCornerPlace) => {
    const { x, y } = toScreen(camera, after.a);
    return { x, y, wide: 18, high: 18 };
  };
  const spots = $derived(corners.map(({ corner }) => cornerSpot(corner)));
  const places = $derived(
    spread(
      edges.map(({ edge, overhang }) => chipSpot(outside(edge), formatLength(overhang, session.style))),
      spots,
    ),
  );

  let typing: string | null = $state(null);
  let opened: string | null = $state(null);
  let over: string | null = $state(null);
  const lit = $derived(edges.find(({ id }) => id === (typing ?? over))?.edge);

  function set(edge: TopEdge, overhang: number | null): string {
    const side = sideOfEdge(edge)!;
    return session.run(setTopEdge, { ids: edge.items, side, overhang }) ? '' : session.message;
  }
</script>

<svg aria-hidden="true">
  {#each shown as top, index (index)}
    <path class="top" d={top.outline.map(path).join('')} fill-rule="evenodd" />
  {/each}
  {#each cutOuts as cut, index (index)}
    <path class="cut" class:thin={cut.thin} d={path(cut.ring)} />
  {/each}
  {#if lit}
    {@const [a, b] = [toScreen(camera, lit.a), toScreen(camera, lit.b)]}
    <line class="lit" x1={a.x} y1={a.y} x2={b.x} y2={b.y} />
  {/if}
</svg>
<TopJoints {camera} />
{#each corners as { id, corner, shape }, index (id)}
  <TopHandle
    at={spots[index]!}
    shape="round"
    own={shape !== null}
    opened={opened === id}
    label="Corner of {edgeName(session.document, corner.before)} and {edgeName(
      session.document,
      corner.after,
    )}{shape ? (shape.radius === undefined ? ', cut' : ', round') : ', square'}"
    ontoggle={() => {
      opened = opened === id ? null : id;
      typing = null;
    }}
  >
    <CornerCard {corner} {shape} onclose={() => (opened = null)} />
  </TopHandle>
{/each}
{#each edges as { id, edge, overhang, own }, index (id)}
  <div class="edge" class:own style="left: {places[index]!.x}px; top: {places[index]!.y}px">
    {#if typing === id}
      <div class="chip-card">
        <LengthField
          label="Overhang: {edgeName(session.document, edge)}"
          hideLabel
          focused
          value={overhang}
          style={session.style}
          most={MOST_OVERHANG}
          hint={own ? 'empty: automatic' : ''}
          onset={(mm) => set(edge, mm)}
          onclear={own ? () => set(edge, null) : undefined}
          onleave={() => (typing = null)}
        />
      </div>
    {:else}
      <button
        class="chip"
        onpointerenter={() => (over = id)}
        onpointerleave={() => (over = null)}
        onfocus={() => (over = id)}
        onblur={() => (over = null)}
        onclick={() => {
          typing = id;
          opened = null;
        }}
        aria-label="{edgeName(session.document, edge)} stands out {formatLength(overhang, session.style)}{own
          ? ', set by hand'
          : ''}, type to change"
      >
        <Length text={formatLength(overhang, session.style)} />
      </button>
    {/if}
  </div>
{/each}

<style>
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
  }
  .top {
    fill: color-mix(in srgb, var(--sheet) 55%, transparent);
    stroke: var(--ink);
    stroke-width: 1.6;
  }
  .cut {
    fill: none;
    stroke: var(--ink);
    stroke-dasharray: 5 3;
  }
  .cut.thin {
    stroke: var(--tight);
    stroke-width: 2;
  }
  .lit {
    stroke: var(--tide);
    stroke-width: 4;
    stroke-linecap: round;
  }
  .edge {
    position: absolute;
    transform: translate(-50%, -50%);
  }
  .edge:focus-within {
    z-index: 3;
  }
  .chip {
    min-width: 24px;
    min-height: 24px;
    padding: 0 0.35rem;
    border: 1px solid transparent;
    border-radius: 3px;
    background: color-mix(in srgb, var(--paper) 80%, transparent);
    color: var(--tide);
    cursor: text;
    font-size: 12.5px;
    font-weight: 500;
  }
  .chip:hover,
  .chip:focus-visible {
    border-color: var(--tide);
    background: var(--sheet);
  }
  /* What was set by hand wears a small tick. */
  .own .chip::before {
    content: '';
    display: inline-block;
    width: 5px;
    height: 9px;
    margin-right: 5px;
    border-right: 2px solid var(--clay);
    border-bottom: 2px solid var(--clay);
    transform: rotate(40deg);
  }
  .chip-card {
    width: max-content;
    max-width: 20rem;
    padding: 0.3rem;
    border: 1px solid var(--tide);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
  }
</style>
