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
  import LinkButton from '$ui/LinkButton.svelte';
  import { toScreen, type Camera } from '../camera';
  import TopHandle from './TopHandle.svelte';
  import Ways from '$ui/Ways.svelte';
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
  <TopHandle
    {at}
    {wrong}
    shape="diamond"
    own={joint.own}
    opened={opened === id}
    label={named(joint)}
    ontoggle={() => (opened = opened === id ? null : id)}
  >
    {#if joint.corner}
      <Ways {ways} now={joint.corner.way} onchoose={(way) => set(joint, way)} />
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
      <LinkButton onclick={() => (joint.corner ? set(joint, null) : move(joint, null))}>
        {joint.corner ? 'Automatic' : 'Take out'}
      </LinkButton>
    {/if}
  </TopHandle>
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
</style>
