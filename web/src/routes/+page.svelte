<script lang="ts">
  import { enhance } from '$app/forms';
  import Button from '$ui/Button.svelte';
  import Wordmark from '$ui/Wordmark.svelte';
  import type { ActionData, PageData } from './$types';

  let { data, form }: { data: PageData; form: ActionData } = $props();
  /** What was typed before it was refused. */
  const value = (field: string) => (form as Record<string, string> | null)?.[field] ?? '';
</script>

<svelte:head><title>Sign in – Good Reach</title></svelte:head>

<main>
  <div class="card">
    <Wordmark large />
    <p class="lead">Kitchens and baths set out in truly measured rooms.</p>
    {#if data.demo}
      <form method="POST" action="?/demo" use:enhance>
        <Button type="submit" look="primary">Open the demo studio</Button>
      </form>
      <p class="or"><span>or sign in</span></p>
    {/if}
    {#if data.first}
      <h1>Make the first studio</h1>
      <form method="POST" action="?/firstStudio" use:enhance>
        <label
          >Studio <input
            name="studio"
            autocomplete="organization"
            required
            maxlength="80"
            defaultValue={value('studio')}
          /></label
        >
        <label
          >Your name <input
            name="name"
            autocomplete="name"
            required
            maxlength="80"
            defaultValue={value('name')}
          /></label
        >
        <label
          >Email <input
            name="email"
            type="email"
            autocomplete="username"
            required
            defaultValue={value('email')}
          /></label
        >
        <label
          >Password <input
            name="password"
            type="password"
            autocomplete="new-password"
            minlength="10"
            required
            aria-describedby="password-hint"
          /></label
        >
        <p id="password-hint" class="lead">At least 10 characters: a few words do.</p>
        {#if form?.message}<p class="problem" role="alert">{form.message}</p>{/if}
        <Button type="submit" look="primary">Make the studio</Button>
      </form>
    {:else}
      <form class="sign-in" method="POST" action="?/signIn" use:enhance>
        <label
          >Email <input
            name="email"
            type="email"
            autocomplete="username"
            required
            defaultValue={value('email')}
          /></label
        >
        <label
          >Password <input name="password" type="password" autocomplete="current-password" required /></label
        >
        {#if form?.message}<p class="problem" role="alert">{form.message}</p>{/if}
        <Button type="submit" look={data.demo ? 'plain' : 'primary'}>Sign in</Button>
      </form>
    {/if}
  </div>
</main>

<style>
  main {
    display: grid;
    place-items: center;
    min-height: 100%;
    padding: 2rem 1rem;
  }
  .card {
    display: grid;
    gap: 1.1rem;
    width: min(24rem, 100%);
    padding: 2.2rem;
    border: 1px solid var(--rule);
    background: var(--sheet);
  }
  .lead {
    color: var(--soft);
  }
  form {
    display: grid;
    gap: 0.8rem;
  }
  h1 {
    font-size: 1.15rem;
  }
  .or {
    display: grid;
    grid-template-columns: 1fr auto 1fr;
    align-items: center;
    gap: 0.8rem;
    color: var(--soft);
    font-size: 13px;
  }
  .or::before,
  .or::after {
    content: '';
    border-top: 1px solid var(--rule);
  }
  label {
    display: grid;
    gap: 0.25rem;
    color: var(--soft);
  }
  input {
    min-height: max(36px, var(--touch));
    padding: 0.3rem 0.6rem;
    border: 1px solid var(--rule-strong);
    border-radius: 3px;
    background: var(--paper);
    color: var(--text);
  }
  .problem {
    padding: 0.4rem 0.6rem;
    border-left: 3px solid var(--blocked);
    color: var(--blocked);
  }
</style>
