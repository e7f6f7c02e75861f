<script lang="ts">
  import type { Design } from 'goodreach';
  import { onMount } from 'svelte';
  import { useWorkspace } from '$lib/tools/context';
  import { postJson } from '$lib/session/send-json';
  import Button from '$ui/Button.svelte';
  import { sayDate } from '$ui/say-date';
  import type { SheetChoice } from '$views/sheet/sheet-choice.svelte';

  /** What was given out of the room, and giving out what is on the desk. */
  let { choice, ready }: { choice: SheetChoice; ready: boolean } = $props();
  const { roomId } = useWorkspace();

  interface Issue {
    number: number;
    name: string;
    date: string;
    revision: number;
    by: string;
  }
  let issues: readonly Issue[] = $state.raw([]);
  let name = $state('');
  let problem = $state('');
  let busy = $state(false);

  async function load() {
    const answer = await fetch(`/api/rooms/${roomId}/issues`).catch(() => null);
    if (answer?.ok) await tell((await answer.json()) as Issue[]);
    else problem = 'What was issued could not be asked for. Open this step again when the server is back.';
  }
  /** Shows what was issued, in the list and on the sheets. */
  async function tell(all: readonly Issue[]) {
    issues = all;
    const last = all.at(-1);
    const design =
      last && (await fetch(`/api/rooms/${roomId}/issues/${last.number}/design.json`).catch(() => null));
    const told = all.map(({ number, name: what, date }) => ({ number, name: what, date }));
    choice.issued = { issues: told, last: design?.ok ? ((await design.json()) as Design) : null };
  }
  onMount(() => void load());

  async function issue(event: SubmitEvent) {
    event.preventDefault();
    if (name.trim() === '') {
      problem = 'Say what it is issued for: for approval, for tender, for the shop.';
      return;
    }
    busy = true;
    problem = '';
    const { subject: show, page, scale } = choice;
    const style = choice.style?.id ? { style: choice.style.id } : {};
    const answer = await postJson<Issue>(`/api/rooms/${roomId}/issues`, {
      ...{ name, show, page, scale },
      ...style,
    });
    busy = false;
    if (answer.ok) {
      name = '';
      await tell([...issues, answer.value]);
    } else {
      problem = answer.message;
      if (answer.status === 409) void load();
    }
  }
</script>

<h2>Issues</h2>
{#if issues.length > 0}
  <ol>
    {#each issues as { number, name: what, date, by, revision } (number)}
      <li>
        <a href="/api/rooms/{roomId}/issues/{number}/set.pdf" target="_blank">{number}. {what}</a>
        <span>{sayDate(date)}, {by}, revision {revision}</span>
        <span class="with">
          <a href="/api/rooms/{roomId}/issues/{number}/lists.xlsx" download>its lists</a>
          <a href="/api/rooms/{roomId}/issues/{number}/design.json" download>its design</a>
        </span>
      </li>
    {/each}
  </ol>
{/if}
<form onsubmit={issue}>
  <label>
    Issue what is on the desk
    <input bind:value={name} maxlength="60" placeholder="for approval" autocomplete="off" />
  </label>
  <Button type="submit" disabled={!ready || busy}
    >{busy ? 'Issuing…' : `Issue ${(issues.at(-1)?.number ?? 0) + 1}`}</Button
  >
</form>
<p class="help">
  An issue is kept with its number and date and never changes. What changes afterwards gets a cloud.
</p>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}

<style>
  ol {
    display: grid;
    gap: 0.3rem;
    margin: 0;
    padding: 0;
    list-style: none;
    font-size: 13px;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 0.5rem;
  }
  li a {
    display: inline-flex;
    align-items: center;
    min-height: max(24px, var(--touch));
    color: var(--tide);
    font-weight: 500;
  }
  li > span:not(.with) {
    grid-row: 2;
    color: var(--soft);
    font-size: 12px;
  }
  .with {
    display: flex;
    gap: 0.6rem;
  }
  li .with a {
    font-weight: 400;
  }
  form {
    display: grid;
    gap: 0.4rem;
  }
  label {
    display: grid;
    gap: 0.2rem;
    color: var(--soft);
  }
  input {
    min-height: max(30px, var(--touch));
    padding: 0.1rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
</style>
