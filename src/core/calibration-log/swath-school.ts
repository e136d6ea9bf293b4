import type { FoldedCalibration } from './fold-calibration';

/**
 * School of a boomless swath: the one that was picked, else pans where there are pans; null until somebody picks one. A calibration that
 * was signed before it was asked keeps the usable share.
 */
export const schoolOf = (calibration: FoldedCalibration) =>
	calibration.school?.school ?? (calibration.panCatches.size > 0 ? 'pans' : calibration.signOff ? 'share' : null);
/** Share of the wetted width that is usable until somebody says another. */
export const usualShare = 0.85;
