<script lang="ts">
  import { enhance } from '$app/forms';
  import StudioHeader from '$lib/panels/studio/StudioHeader.svelte';
  import Button from '$ui/Button.svelte';
  import type { ActionData, PageData } from './$types';

  let { data, form }: { data: PageData; form: ActionData } = $props();
</script>

<svelte:head><title>Your account – {data.studio} – Good Reach</title></svelte:head>

<StudioHeader studio={data.studio} person={data.person} />

<main>
  <h1>{data.person}</h1>
  <p class="done" role="status">{form?.done ?? ''}</p>
  <form method="POST" action="?/password" use:enhance>
    <h2>Change your password</h2>
    <label
      >The password you have now <input
        name="current"
        type="password"
        autocomplete="current-password"
        required
      /></label
    >
    <label
      >A new one <input
        name="password"
        type="password"
        autocomplete="new-password"
        minlength="10"
        required
        aria-describedby="password-hint"
      /></label
    >
    <p id="password-hint" class="hint">
      At least 10 characters: a few words do. Wherever else you are signed in, you are signed out.
    </p>
    {#if form?.message}<p class="problem" role="alert">{form.message}</p>{/if}
    <Button type="submit" look="primary">Change the password</Button>
  </form>
  <form method="POST" action="?/others" use:enhance>
    <h2>Where you are signed in</h2>
    <p class="hint">
      {data.elsewhere === 0
        ? 'Only here.'
        : `Here, and in ${data.elsewhere} other ${data.elsewhere === 1 ? 'browser' : 'browsers'}.`}
    </p>
    {#if data.elsewhere > 0}<Button type="submit">Sign out everywhere else</Button>{/if}
  </form>
</main>

<style>
  main {
    display: grid;
    gap: 1.6rem;
    max-width: 30rem;
    margin: 0 auto;
    padding: 1.6rem 1.5rem 4rem;
  }
  h1 {
    font-size: 1.5rem;
  }
  h2 {
    font-size: 1.1rem;
  }
  form {
    display: grid;
    gap: 0.8rem;
    justify-items: start;
  }
  label {
    display: grid;
    gap: 0.25rem;
    width: 100%;
    color: var(--soft);
  }
  input {
    min-height: max(36px, var(--touch));
    padding: 0.3rem 0.6rem;
    border: 1px solid var(--rule-strong);
    border-radius: 3px;
    background: var(--sheet);
    color: var(--text);
  }
  .hint {
    color: var(--soft);
  }
  .done:empty {
    display: none;
  }
  .problem {
    padding: 0.4rem 0.6rem;
    border-left: 3px solid var(--blocked);
    color: var(--blocked);
  }
</style>
