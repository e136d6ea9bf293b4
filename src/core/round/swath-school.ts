import type { Round } from './fold-round';

/**
 * School of a boomless swath: the one that was picked, else pans where there are pans; null until somebody picks one. A round that
 * was signed before it was asked keeps the usable share.
 */
export const schoolOf = (round: Round) =>
	round.school?.school ?? (round.panCatches.size > 0 ? 'pans' : round.signOff ? 'share' : null);
/** Share of the wetted width that is usable until somebody says another. */
export const usualShare = 0.85;
