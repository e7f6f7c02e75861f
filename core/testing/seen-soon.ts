import fc from 'fast-check';

/** A wrong change need only be seen, not reduced to its smallest case, nor looked for longer than this, ms; the same way every time. */
fc.configureGlobal({ endOnFailure: true, interruptAfterTimeLimit: 300, seed: 1 });
