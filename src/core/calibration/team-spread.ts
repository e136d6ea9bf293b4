export interface TeamMember {
	readonly person: string;
	/** m³/m², over 0. */
	readonly rate: number;
	/** 2u of it, as a share. */
	readonly relativeU95: number;
}

export interface TeamResult {
	/** Mean of the team, m³/m². */
	readonly mean: number;
	readonly members: readonly (TeamMember & {
		/** Share above or below the team's mean. */
		readonly off: number;
		/** More than 5 % off, and by more than the two ± explain. */
		readonly out: boolean;
	})[];
	/** Most over least, less one: the dose that one plot gets over another from the same tank mix. */
	readonly spread: number;
}

/**
 * People who calibrate together, side by side: who is off, by how much, and what their spread does to the dose. A person
 * whose volume is p % over the team's puts on p % more product from one mix.
 *
 * members: one or more, one calibration each.
 * @example
 * teamSpread([{ person: 'A', rate: 2e-5, relativeU95: 0.03 }, { person: 'B', rate: 3e-5, relativeU95: 0.03 }]).spread.toFixed(6) // => "0.500000"
 */
export function teamSpread(members: readonly TeamMember[]): TeamResult {
	const mean = members.reduce((s, m) => s + m.rate, 0) / members.length;
	const rates = members.map((m) => m.rate);
	return {
		mean,
		members: members.map((m) => {
			const off = m.rate / mean - 1;
			return { ...m, off, out: Math.abs(off) > Math.max(0.05, m.relativeU95) };
		}),
		spread: Math.max(...rates) / Math.min(...rates) - 1
	};
}
