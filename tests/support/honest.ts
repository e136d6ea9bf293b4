import { calibrate, relativeU, si, usualSkill } from '../../src/core';
import type { CalibrationSheet, Volume } from '../../src/core';
import type { Seeded } from './seeded';

/** What a true boom and a person with a stopwatch, a tape and a jug would read, errors drawn as the defaults say. */
export function simulatedRound(
	random: Seeded,
	method: CalibrationSheet['method'],
	runs: number,
	sample: number | null
): { readonly truth: number; readonly sheet: CalibrationSheet } {
	const nozzles = sample === null ? random.whole(4, 24) : 24;
	const speed = random.between(1.7, 3.4);
	const spacing = random.between(0.4, 0.6);
	const course = random.between(50, 100);
	const tape = 1 + random.normal(0, usualSkill.tape);
	const flow = random.between(1e-5, 3e-5);
	const each = Array.from({ length: nozzles }, () => flow * (1 + random.normal(0, 0.02)));
	const total = each.reduce((s, q) => s + q, 0);
	const truth = total / (speed * nozzles * spacing);
	// One run's own speed wavers about the true one; the stopwatch adds its own.
	const time = () =>
		(course / speed) * (1 + random.normal(0, usualSkill.steadyDriven)) + random.normal(0, usualSkill.stopwatch);
	const times = Array.from({ length: runs }, time);
	const told = method === 'course-catch' ? times.reduce((s, t) => s + t, 0) / runs : 30;
	const mark = usualSkill.jugMarks;
	const caught = (sample === null ? each : each.slice(0, sample)).map((q) => {
		const held = told + random.normal(0, usualSkill.jugMove);
		return Math.round((q * held) / mark) * mark;
	});
	return {
		truth,
		sheet: {
			method,
			speed: { course: si<'length'>(course * tape), times: times.map((t) => si<'time'>(t)) },
			width: { kind: 'boom', nozzles, spacing: si<'length'>(spacing * tape) },
			flow: {
				time: method === 'course-catch' ? undefined : si<'time'>(30),
				catches: caught.map((v) => [{ volume: v as Volume }]),
				nozzles: sample === null ? undefined : nozzles
			}
		}
	};
}

/** Share of simulated rounds whose 95 % interval holds the truth. */
export function coverage(
	random: Seeded,
	rounds: number,
	method: CalibrationSheet['method'],
	runs: number,
	sample: number | null
): number {
	let held = 0;
	for (let i = 0; i < rounds; i += 1) {
		const { truth, sheet } = simulatedRound(random, method, runs, sample);
		const result = calibrate(sheet);
		if (!result.ok) throw new Error(JSON.stringify(result.issues));
		const rate = result.value.rate;
		if (Math.abs(rate.value - truth) <= 2 * relativeU(rate) * rate.value) held += 1;
	}
	return held / rounds;
}
