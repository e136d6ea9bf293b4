/** Groups of mode of action that went on a block several times one after the other. */
export interface GroupRun {
	readonly block: string;
	readonly group: string;
	/** How often in a row, up to the newest use. */
	readonly times: number;
}

/**
 * Blocks whose newest sprayings used the same group each time: resistance grows where a group follows itself. A spraying
 * that used other groups besides counts where it used this one.
 *
 * sprayings: of all blocks, the oldest first. least: sprayings in a row from which it is told.
 * @example
 * groupRuns([{ block: 'B', groups: ['3'] }, { block: 'B', groups: ['3', '9'] }, { block: 'C', groups: ['3'] }], 2) // => [{"block":"B","group":"3","times":2}]
 */
export function groupRuns(
	sprayings: readonly { readonly block: string; readonly groups: readonly string[] }[],
	least: number
): GroupRun[] {
	const runs = new Map<string, Map<string, number>>();
	for (const { block, groups } of sprayings) {
		// A spraying without any group (a wetter, water) neither goes on with a run nor ends it.
		if (groups.length === 0) continue;
		const before = runs.get(block) ?? new Map<string, number>();
		runs.set(block, new Map([...new Set(groups)].map((g) => [g, (before.get(g) ?? 0) + 1])));
	}
	return [...runs].flatMap(([block, groups]) =>
		[...groups].filter(([, times]) => times >= least).map(([group, times]) => ({ block, group, times }))
	);
}
