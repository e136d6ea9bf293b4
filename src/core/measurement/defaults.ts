/** How good each way of measuring is, 1-sigma. A farm may set its own; these are the trade's usual ones. */
export interface MeasuringSkill {
	/** Hand stopwatch, start and stop together, s. */
	readonly stopwatch: number;
	/** A catch begun and ended by moving a jug, stopwatch included, s. */
	readonly jugMove: number;
	/** Steadiness of one run, driven, as a share of its time. */
	readonly steadyDriven: number;
	/** Steadiness of one run, on foot, as a share of its time. */
	readonly steadyOnFoot: number;
	/** Tape or measuring wheel, share of length. */
	readonly tape: number;
	/** Wetted edge on the ground: this length, or this share of the width, the smaller, m and share. */
	readonly wettedEdge: number;
	readonly wettedEdgeShare: number;
	/** A width that was estimated by eye, share of it. */
	readonly estimatedWidth: number;
	/** Tank mark or sight gauge, share of the tank. */
	readonly tankMark: number;
	/** Dip or metered refill, share of each volume read. */
	readonly metered: number;
	/** A stated speed, share of it. */
	readonly statedSpeed: number;
	/** A stated area, share of it. */
	readonly statedArea: number;
	/** Marks of a jug whose marks are not told, m³. */
	readonly jugMarks: number;
	/** Division of a scale that is not told, kg. */
	readonly scaleDivision: number;
	/** A tip tester's or a flow meter's reading, share of it. */
	readonly tester: number;
	/** Nozzle-to-nozzle spread assumed where only one nozzle was caught, share of its flow. */
	readonly unseenSpread: number;
}

export const usualSkill: MeasuringSkill = {
	stopwatch: 0.2,
	jugMove: 0.3,
	steadyDriven: 0.015,
	steadyOnFoot: 0.03,
	tape: 0.003,
	wettedEdge: 0.15,
	wettedEdgeShare: 0.05,
	estimatedWidth: 0.1,
	tankMark: 0.01,
	metered: 0.005,
	statedSpeed: 0.02,
	statedArea: 0.01,
	jugMarks: 10e-6,
	scaleDivision: 0.01,
	tester: 0.02,
	unseenSpread: 0.05
};

/** One tape measures the course and the spacing, so its error is one error. */
export const tapeSource = 'tape';

/** A speed from a dial or a screen that nobody checked against a course, u/v. */
export const uncheckedDial = 0.05;
