import fc from 'fast-check';

/**
 * Properties are tried on the same examples each time, so that what fails can be looked into and nothing fails by chance in
 * somebody else's change. `FALLOW_SEED=7 npx vitest run --project unit` looks at others.
 */
fc.configureGlobal({ seed: Number(process.env.FALLOW_SEED ?? 20_261_125) });
