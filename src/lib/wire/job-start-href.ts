import type { JobStart } from './job-start';

/** The page of a new job, with what it is begun with. Apart from what reads it: a page that leads there reads none. */
export const jobStartHref = (start: JobStart): string => `/jobs/new?start=${encodeURIComponent(JSON.stringify(start))}`;
