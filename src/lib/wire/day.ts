/** What the day needs on a device, by ids. */
export interface Day {
	readonly sprayers: readonly {
		readonly id: string;
		/** Its calibration in progress, and the latest that was signed. */
		readonly round: string | null;
		readonly calibration: string | null;
	}[];
	/** Of the near days. */
	readonly jobs: readonly string[];
}
