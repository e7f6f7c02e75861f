<script lang="ts">
  import sheets from 'lucide-static/icons/layers.svg?raw';
  import { LEAST_CUT, MOST_CUT, planModes, type Layer, type PlanMode } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';
  import LengthField from '$ui/LengthField.svelte';
  import Icon from '$ui/Icon.svelte';

  /** What the plan shows: below the cut, with what hangs, or the ceiling; how high it is cut; which layers. */
  const { session, screen } = useWorkspace();
  let open = $state(false);
  let card: HTMLDivElement | undefined = $state();
  let button: HTMLButtonElement;

  const modes: Record<PlanMode, string> = {
    base: 'Below the cut',
    'wall-units': 'With wall units',
    ceiling: 'Ceiling plan',
  };
  const layers: readonly [Layer, string][] = [
    ['dimensions', 'Dimensions'],
    ['numbers', 'Item numbers'],
    ['labels', 'Names'],
    ['tops', 'Tops'],
    ['services', 'Services'],
    ['sections', 'Section lines'],
    ['items', 'Items'],
  ];

  function toggle(layer: Layer, shown: boolean) {
    const { without } = screen.plan;
    screen.plan = {
      ...screen.plan,
      without: shown ? without.filter((one) => one !== layer) : [...without, layer],
    };
  }

  function keys(event: KeyboardEvent) {
    if (event.key !== 'Escape' || !open) return;
    open = false;
    button.focus();
    event.stopPropagation();
  }
</script>

<svelte:window
  onpointerdown={({ target }) => {
    if (open && !card?.contains(target as Node) && !button.contains(target as Node)) open = false;
  }}
/>

<!-- svelte-ignore a11y_no_static_element_interactions (Escape closes the card from anywhere in it) -->
<div class="shows chip-card" onkeydown={keys}>
  <button
    bind:this={button}
    class="open"
    aria-expanded={open}
    onclick={() => (open = !open)}
    title="What the plan shows"
  >
    <Icon svg={sheets} size={15} />
    {modes[screen.plan.mode]}
  </button>
  {#if open}
    <div class="card" bind:this={card}>
      <fieldset>
        <legend>The plan shows</legend>
        {#each planModes as mode (mode)}
          <label>
            <input
              type="radio"
              name="plan-mode"
              checked={screen.plan.mode === mode}
              onchange={() => (screen.plan = { ...screen.plan, mode })}
            />
            {modes[mode]}
          </label>
        {/each}
      </fieldset>
      <LengthField
        label="Cut at"
        value={screen.plan.cut}
        style={session.style}
        least={LEAST_CUT}
        most={MOST_CUT}
        onset={(cut) => {
          screen.plan = { ...screen.plan, cut };
          return '';
        }}
      />
      <fieldset>
        <legend>Layers</legend>
        {#each layers as [layer, name] (layer)}
          <label>
            <input
              type="checkbox"
              checked={!screen.plan.without.includes(layer)}
              onchange={(event) => toggle(layer, event.currentTarget.checked)}
            />
            {name}
          </label>
        {/each}
      </fieldset>
    </div>
  {/if}
</div>

<style>
  .shows {
    position: absolute;
    top: 0.5rem;
    left: 0.6rem;
    z-index: 3;
  }
  .open {
    display: flex;
    align-items: center;
    gap: 0.35rem;
    min-height: max(26px, var(--touch));
    padding: 0 0.5rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--paper);
    color: var(--soft);
    cursor: pointer;
    font-size: 13px;
  }
  .card {
    display: grid;
    gap: 0.6rem;
    width: 15rem;
    margin-top: 0.3rem;
    padding: 0.7rem 0.8rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    box-shadow: var(--shadow);
  }
  fieldset {
    display: grid;
    gap: 0.15rem;
    padding: 0;
    border: 0;
  }
  legend {
    padding: 0;
    color: var(--soft);
    font-size: 13px;
  }
  label {
    display: flex;
    gap: 0.45rem;
    align-items: center;
    min-height: max(24px, var(--touch));
  }
</style>
