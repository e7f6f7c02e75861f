<script lang="ts">
  import { setParts, type SheetStyle } from 'goodreach';
  import { onMount } from 'svelte';
  import { postJson, sendJson } from '$session/send-json';
  import Button from '$ui/Button.svelte';
  import StyleForm from './StyleForm.svelte';
  import type { SheetChoice } from '$views/sheet/sheet-choice.svelte';

  /** The templates the studio draws its sets by: one is chosen and draws the whole set, is changed with the sheets before one, and kept. */
  let { choice }: { choice: SheetChoice } = $props();

  interface Kept {
    id: string;
    style: SheetStyle;
  }
  let all: readonly Kept[] = $state.raw([]);
  let editing = $state(false);
  let problem = $state('');
  let busy = $state(false);
  const known = $derived(choice.style && all.find(({ style }) => style.name === choice.style!.style.name));

  onMount(async () => {
    const answer = await fetch('/api/sheet-styles').catch(() => null);
    if (answer?.ok) all = (await answer.json()) as Kept[];
    else problem = 'The templates could not be asked for. Open this step again when the server is back.';
  });

  function take(id: string) {
    const kept = all.find((one) => one.id === id);
    choice.style = kept ?? null;
    editing = false;
    if (kept) [choice.subject, choice.page, choice.scale] = ['set', kept.style.page, kept.style.scale];
  }
  function begin() {
    if (!choice.style) {
      const { page, scale } = choice;
      const usual = { parts: [...setParts], lines: 'usual' as const, without: [], page, scale };
      choice.style = { id: null, style: { name: 'Our sheets', ...usual } };
      choice.subject = 'set';
    }
    editing = true;
  }
  function change(style: SheetStyle) {
    choice.style = { id: null, style };
    [choice.page, choice.scale] = [style.page, style.scale];
  }
  async function keep() {
    if (!choice.style) return;
    busy = true;
    const answer = await postJson<Kept>('/api/sheet-styles', choice.style.style);
    busy = false;
    problem = answer.ok ? '' : answer.message;
    if (!answer.ok) return;
    const others = all.filter(({ id }) => id !== answer.value.id);
    all = [...others, answer.value].sort((a, b) => a.style.name.localeCompare(b.style.name));
    choice.style = answer.value;
    editing = false;
  }
  async function forget() {
    if (!known) return;
    const answer = await sendJson('DELETE', `/api/sheet-styles/${known.id}`);
    problem = answer.ok ? '' : answer.message;
    if (!answer.ok) return;
    all = all.filter(({ id }) => id !== known.id);
    take('');
  }
</script>

<label class="row">
  Template
  <select value={choice.style?.id ?? ''} onchange={({ currentTarget: { value } }) => take(value)}>
    <option value="">{choice.style && !choice.style.id ? 'Not kept yet' : 'None'}</option>
    {#each all as { id, style } (id)}<option value={id}>{style.name}</option>{/each}
  </select>
</label>
{#if editing && choice.style}
  <StyleForm style={choice.style.style} onchange={change} />
  <div class="exports">
    <Button look="primary" disabled={busy} onclick={keep}>{known ? 'Keep it so' : 'Keep it'}</Button>
    {#if known}<Button onclick={forget}>Forget it</Button>{/if}
    <Button look="quiet" onclick={() => take(known?.id ?? '')}>Leave</Button>
  </div>
{:else}
  <Button onclick={begin}>{choice.style ? 'Change the template' : 'Make a template'}</Button>
{/if}
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
