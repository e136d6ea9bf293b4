import { createContext } from 'svelte';
import type { RoundState } from './round.svelte';

/** The round that the screens below are about. */
export const [useRound, provideRound] = createContext<RoundState>();
