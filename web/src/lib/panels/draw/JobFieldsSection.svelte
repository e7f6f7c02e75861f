<script lang="ts">
  import { MOST_FIELD, MOST_LINE, type JobFields } from 'goodreach';
  import { sendJson } from '$session/send-json';
  import More from '$ui/More.svelte';
  import TextField from '$ui/TextField.svelte';
  import type { SheetChoice } from '$views/sheet/sheet-choice.svelte';

  /** What title blocks and covers say of the job beside its name, in all of its rooms. */
  let { choice }: { choice: SheetChoice } = $props();
  let problem = $state('');

  const rows = [
    { key: 'client', label: 'Client', most: MOST_LINE },
    { key: 'site', label: 'Site', most: MOST_LINE },
    { key: 'number', label: 'Job number', most: MOST_FIELD },
    { key: 'drawnBy', label: 'Drawn by', most: MOST_FIELD },
    { key: 'checkedBy', label: 'Checked by', most: MOST_FIELD },
  ] as const;

  /** One after the other, so that the last that is typed is the last that is kept. */
  let sending = Promise.resolve();
  function set(key: keyof JobFields, text: string) {
    const said = text.trim();
    const { [key]: _, ...others } = choice.fields;
    const before = choice.fields;
    // It is on the sheets at once, and goes back where it can't be kept.
    choice.fields = said === '' ? others : { ...others, [key]: said };
    const { fields } = choice;
    sending = sending.then(() => keep(fields, before));
  }
  async function keep(fields: JobFields, before: JobFields): Promise<void> {
    const sent = await sendJson<{ fields: JobFields }>(
      'PUT',
      `/api/jobs/${choice.jobId}/fields`,
      { fields },
      { lasting: true },
    );
    problem = sent.ok ? '' : sent.message;
    if (!sent.ok && choice.fields === fields) choice.fields = before;
  }
</script>

<More title="In the title block">
  <div class="fields">
    {#each rows as { key, label, most } (key)}
      <TextField {label} {most} value={choice.fields[key] ?? ''} onset={(text) => set(key, text)} />
    {/each}
  </div>
  {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
</More>

<style>
  .fields {
    display: grid;
    gap: 0.35rem;
    margin-top: 0.4rem;
  }
  .problem {
    color: var(--blocked);
  }
</style>
