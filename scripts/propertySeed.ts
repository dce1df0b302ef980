import fc from 'fast-check';

/** Property tests look at the same cases every time, so that a failure can be seen again; SEED=n looks at others. */
fc.configureGlobal({ seed: Number(process.env['SEED'] ?? 20261125) });
