<script lang="ts">
  import { onMount } from 'svelte';
  import type { Answer } from '$session/send-json';
  import Button from '$ui/Button.svelte';

  /** A new name for a job or room, in place of the one it has. */
  interface Props {
    name: string;
    of: string;
    save: (name: string) => Promise<Answer<unknown>>;
    onclose: () => void;
  }
  let { name, of, save, onclose }: Props = $props();
  // svelte-ignore state_referenced_locally (what is typed begins with the name as it is)
  let typed = $state(name);
  let problem = $state('');
  let input: HTMLInputElement;
  let saving = $state(false);

  onMount(() => {
    // What had the keyboard has it again afterwards.
    const before = document.activeElement;
    input.focus();
    input.select();
    return () => before instanceof HTMLElement && before.focus();
  });

  async function submit(event: SubmitEvent) {
    event.preventDefault();
    if (typed.trim() === name) return onclose();
    saving = true;
    const answer = await save(typed);
    saving = false;
    if (answer.ok) onclose();
    else problem = answer.message;
  }
</script>

<form onsubmit={submit}>
  <input
    aria-label="Name of the {of}"
    bind:this={input}
    bind:value={typed}
    required
    maxlength="80"
    onkeydown={(event) => event.key === 'Escape' && onclose()}
  />
  <Button type="submit" look="primary" disabled={saving}>Rename</Button>
  <Button look="quiet" onclick={onclose}>Cancel</Button>
  {#if problem}<p role="alert">{problem}</p>{/if}
</form>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }
  input {
    flex: 1;
    min-width: 9rem;
    min-height: max(32px, var(--touch));
    padding: 0.2rem 0.5rem;
    border: 1px solid var(--rule-strong);
    border-radius: 3px;
    background: var(--paper);
    color: var(--text);
  }
  p {
    flex-basis: 100%;
    color: var(--blocked);
  }
</style>
