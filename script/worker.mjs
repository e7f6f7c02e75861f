// Does what takes long (drawings, models, plans of lists) for all servers of a database, in a process of its own that gives way to them.
// The same build answers people and does the tasks: what it is here, its role says. Run as a thread of itself it makes one thing after the other.
process.env.GOODREACH_ROLE ??= 'worker';
await import('../web/build/handler.js');
