<script lang="ts">
  import {
    formatLength,
    jointedTops,
    middle,
    recordOf,
    setTopJoints,
    type CornerJoint,
    type TopJoint,
  } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import { carrierName } from '$lib/tools/top-words';
  import LengthField from '$ui/LengthField.svelte';
  import { toScreen, type Camera } from '../camera';
  import { toldApart } from '../told-apart';

  /** Where tops are joined: each joint a line with a handle that opens its ways, or its place. */
  let { camera }: { camera: Camera } = $props();
  const { session } = useWorkspace();

  const joints = $derived(
    toldApart(
      [...jointedTops(session.document).values()].flatMap((top) =>
        top.joints.map((joint) => ({
          joint,
          id: joint.corner
            ? joint.corner.at.map(({ item, corner }) => `${item} ${corner}`).join(' ')
            : `${joint.across?.item} ${joint.across?.at}`,
          a: toScreen(camera, joint.a),
          b: toScreen(camera, joint.b),
          at: toScreen(camera, middle(joint.a, joint.b)),
          wrong: joint.nearCutOut !== null || joint.over !== null,
        })),
      ),
    ),
  );
  let opened: string | null = $state(null);

  /** An inside corner of a top, its fronts below and to the left, and where it is joined. */
  const ways: readonly { id: CornerJoint; name: string; d: string }[] = [
    { id: 'left', name: 'Left run through', d: 'M3 3H21V21H13V11H3ZM13 11H21' },
    { id: 'right', name: 'Right run through', d: 'M3 3H21V21H13V11H3ZM13 11V3' },
    { id: 'mitre', name: 'Mitred', d: 'M3 3H21V21H13V11H3ZM13 11L21 3' },
    { id: 'none', name: 'Not joined', d: 'M3 3H21V21H13V11H3Z' },
  ];

  function named({ corner, across }: TopJoint): string {
    if (corner) return `Joint at the inside corner by ${carrierName(session.document, corner.at[0].item)}`;
    return across
      ? `Joint over ${carrierName(session.document, across.item)}, ${formatLength(across.at, session.style)} from its left end`
      : 'Joint';
  }

  function set(joint: TopJoint, way: CornerJoint | null) {
    if (joint.corner) session.run(setTopJoints, { at: joint.corner.at, way });
  }

  /** The joints an item tells of, one of them elsewhere or gone. */
  function move({ across, own }: TopJoint, at: number | null): string {
    if (!across) return '';
    const told = recordOf(session.committed, 'item', across.item)?.topJoints?.across ?? [];
    const others = told.map((one) => one.at).filter((one) => !own || Math.abs(one - across.at) > 1e-6);
    const done = session.run(setTopJoints, {
      id: across.item,
      across: at === null ? others : [...others, at],
    });
    if (done) opened = at === null ? null : `${across.item} ${at}`;
    return done ? '' : session.message;
  }
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && (opened = null)} />
<svg aria-hidden="true">
  {#each joints as { id, a, b, wrong } (id)}
    <line class:wrong x1={a.x} y1={a.y} x2={b.x} y2={b.y} />
  {/each}
</svg>
{#each joints as { joint, id, at, wrong } (id)}
  <div class="joint" class:opened={opened === id} style="left: {at.x}px; top: {at.y}px">
    <button
      class:own={joint.own}
      class:wrong
      aria-expanded={opened === id}
      aria-label={named(joint)}
      onclick={() => (opened = opened === id ? null : id)}
    ></button>
    {#if opened === id}
      <div class="card">
        {#if joint.corner}
          {#each ways as { id: way, name, d } (way)}
            <button
              class="way"
              aria-pressed={joint.corner.way === way}
              title={name}
              onclick={() => set(joint, way)}
            >
              <svg viewBox="0 0 24 24" aria-hidden="true"><path {d} /></svg>
              <span class="visually-hidden">{name}</span>
            </button>
          {/each}
        {:else if joint.across}
          <LengthField
            label="From the left end of {carrierName(session.document, joint.across.item)}"
            hideLabel
            value={joint.across.at}
            style={session.style}
            hint="from the left"
            onset={(mm) => move(joint, mm)}
          />
        {/if}
        {#if joint.own}
          <button class="auto" onclick={() => (joint.corner ? set(joint, null) : move(joint, null))}>
            {joint.corner ? 'Automatic' : 'Take out'}
          </button>
        {/if}
      </div>
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
  line {
    stroke: var(--ink);
    stroke-width: 1.6;
    stroke-dasharray: 9 3 2 3;
  }
  line.wrong {
    stroke: var(--tight);
    stroke-width: 2.4;
  }
  .joint {
    position: absolute;
    transform: translate(-50%, -50%);
  }
  .opened {
    z-index: 3;
  }
  .joint > button {
    display: grid;
    width: 24px;
    height: 24px;
    padding: 0;
    place-items: center;
    border: 0;
    background: none;
    cursor: pointer;
  }
  .joint > button::before {
    content: '';
    width: 9px;
    height: 9px;
    border: 1.5px solid var(--tide);
    background: var(--sheet);
    transform: rotate(45deg);
  }
  .joint > button:hover::before,
  .opened > button::before {
    background: var(--tide);
  }
  .joint > button.own::before {
    border-color: var(--clay);
    background: var(--clay);
  }
  .joint > button.wrong::before {
    border-color: var(--tight);
  }
  .card {
    position: absolute;
    top: 20px;
    left: 50%;
    display: flex;
    align-items: center;
    gap: 0.3rem;
    width: max-content;
    padding: 0.35rem;
    border: 1px solid var(--tide);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
    transform: translateX(-50%);
  }
  .card :global(input) {
    width: 5rem;
  }
  .way {
    width: 34px;
    height: 34px;
    padding: 4px;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    cursor: pointer;
  }
  .way svg {
    position: static;
  }
  .way:hover {
    border-color: var(--tide);
  }
  .way[aria-pressed='true'] {
    border-color: var(--clay);
    box-shadow: inset 0 -2px var(--clay);
  }
  .way path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.8;
  }
  .auto {
    min-height: 24px;
    border: 0;
    background: none;
    color: var(--clay-strong);
    cursor: pointer;
    font-size: 12.5px;
    text-decoration: underline;
  }
</style>
