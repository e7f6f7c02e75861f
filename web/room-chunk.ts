import type { Plugin } from 'vite';

/** What the graph of a build says of a module. */
type Graph = (id: string) => { importedIds: readonly string[] } | null;

/** The page in which rooms are worked at; what is before it, and is there for all pages. */
const ROOM = '/src/routes/rooms/[room]/+page.svelte';
const FIRST = [
  '/.svelte-kit/generated/client-optimized/app.js',
  '/src/routes/+layout.svelte',
  '/src/routes/+error.svelte',
  '/src/routes/+page.svelte',
  '/src/routes/studio/+page.svelte',
];
/** Names all of the core: which of it is needed is known only once the rest was left away. */
const CORE = '/core/src/index.ts';

/** What is fetched with some modules, but for what the core is asked for. */
function closure(starts: readonly string[], graph: Graph): Set<string> {
  const found = new Set<string>();
  const open = [...starts];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    if (found.has(id) || id.endsWith(CORE)) continue;
    found.add(id);
    const module = graph(id);
    if (!module) throw new Error(`There is no module ${id} to put in a file of its own.`);
    open.push(...module.importedIds);
  }
  return found;
}

/** Puts what the room page needs at once in one file, and what is there for all pages in another: smaller so, and asked for sooner, than the many files that each set of lazy parts would share. */
export function roomChunk(root: string): Plugin {
  let known: { first: Set<string>; room: Set<string> } | null = null;
  const found = (graph: Graph) => ({
    first: closure(
      FIRST.map((page) => root + page),
      graph,
    ),
    room: closure([root + ROOM], graph),
  });
  const of = (which: 'first' | 'room') => (id: string, context: { getModuleInfo: Graph }) =>
    (known ??= found((one) => context.getModuleInfo(one)))[which].has(id) ? which : null;
  const groups = [
    { name: of('first'), priority: 2 },
    { name: of('room'), priority: 1 },
  ];
  const build = { rolldownOptions: { output: { codeSplitting: { groups } } } };
  return { name: 'room-chunk', config: () => ({ environments: { client: { build } } }) };
}
