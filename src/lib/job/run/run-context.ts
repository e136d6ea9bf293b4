import { createContext } from 'svelte';
import type { JobRunState } from './job-run.svelte';

/** The job that the pages below a layout work on. */
export const [useRun, provideRun] = createContext<JobRunState>();
