import fc from 'fast-check';

/** The same cases on every run, so that a red build can be repeated; set FAST_CHECK_SEED to explore others. */
fc.configureGlobal({ seed: Number(process.env['FAST_CHECK_SEED'] ?? 4180), numRuns: 200 });
