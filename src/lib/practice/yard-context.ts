import { createContext } from 'svelte';
import type { YardState } from './yard.svelte';

/** The yard that the screens below are about. */
export const [useYard, provideYard] = createContext<YardState>();
