<script lang="ts">
  import Button from '$ui/Button.svelte';
  import Wordmark from '$ui/Wordmark.svelte';

  /** The head of every page of a studio. */
  let { studio, person }: { studio: string; person: string } = $props();
</script>

<header>
  <a class="home" href="/studio" aria-label="Good Reach: all jobs"><Wordmark /></a>
  <span class="studio">{studio}</span>
  <nav aria-label="Studio">
    <a href="/studio/ranges">Ranges</a>
    <a href="/studio/removed">Removed</a>
    <a href="/studio/account" title="Your password and where you are signed in">{person}</a>
  </nav>
  <form method="POST" action="/sign-out"><Button type="submit" look="quiet">Sign out</Button></form>
</header>

<style>
  header {
    display: flex;
    align-items: center;
    gap: 1.2rem;
    padding: 0.6rem 1.5rem;
    border-bottom: 1px solid var(--rule);
    background: var(--chrome);
  }
  .home {
    color: inherit;
    text-decoration: none;
  }
  nav {
    display: flex;
    gap: 1.2rem;
  }
  nav a {
    overflow: hidden;
    max-width: 12rem;
    color: var(--tide);
    text-decoration: none;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  nav a:hover {
    text-decoration: underline;
  }
  form {
    margin-left: auto;
    white-space: nowrap;
  }
  .studio {
    overflow: hidden;
    color: var(--soft);
    min-width: 0;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  @media (max-width: 640px) {
    header {
      flex-wrap: wrap;
      gap: 0.5rem 0.9rem;
      padding-inline: 1rem;
    }
    .studio {
      flex: 1;
    }
    nav {
      order: 1;
      flex-basis: 100%;
    }
  }
</style>
