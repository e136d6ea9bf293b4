import { steadyPart, trackSpeed, trackSpeeds } from '../src/core';
import { coverageOf, simulated, simulatedCalibration, simulations } from '../tests/support/honest';
import { simulatedTrack } from '../tests/support/tracks';
import { Seeded } from '../tests/support/seeded';
import { yardCoverage, yardDiagnosis, yardMethods } from '../tests/support/practice';

// The long form of the honesty test: 20,000 simulated calibrations a method and number of repeats.
const rounds = Number(process.argv[2] ?? 20_000);
let outside = 0;
const told = (what: string, share: number) => {
	const good = share >= 0.94 && share <= 0.99;
	if (!good) outside += 1;
	console.log(`${what}: the truth inside in ${(share * 100).toFixed(2)} %${good ? '' : '   OUTSIDE 94 to 99'}`);
};
for (const kind of simulations)
	for (const repeats of [1, 2, 3]) {
		const random = new Seeded(20_000 + repeats);
		told(
			`${kind}, ${repeats}`,
			coverageOf(() => simulated(kind, random, repeats), rounds)
		);
	}
for (const sample of [3, 6, 12, 20, 23]) {
	const random = new Seeded(30_000 + sample);
	told(
		`${sample} of 24 nozzles caught`,
		coverageOf(() => simulatedCalibration(random, 'speed-width-flow', 3, sample), rounds)
	);
}
for (const own of ['none', 'speeds'] as const) {
	const random = new Seeded(40_000);
	const tracks = Math.min(rounds, 2000);
	let [inside, none] = [0, 0];
	for (let i = 0; i < tracks; i += 1) {
		const { truth, points } = simulatedTrack(random, own);
		const part = steadyPart(trackSpeeds(points));
		const speed = part && trackSpeed(points, part.from, part.to);
		if (!speed) none += 1;
		else if (Math.abs(speed.value / truth - 1) <= 2 * speed.relative) inside += 1;
	}
	told(
		`a track ${own === 'none' ? 'by its positions' : 'by the receiver’s own speeds'}, ${none} of ${tracks} without a steady part`,
		inside / (tracks - none)
	);
}
// From outside of Fallow's own formulas: the practice yard knows the truth.
for (const method of yardMethods) told(`the yard by ${method}, 3 repeats`, yardCoverage(method, rounds, 50_000));

console.log('\nThe diagnosis in the yard: one fault each, larger than its rule and than twice the ±');
const table = yardDiagnosis(Math.min(rounds, 5000), 60_000);
const percent = (share: number) => `${(share * 100).toFixed(1)} %`.padStart(8);
for (const [fault, { made, right, missed, wrong, said }] of [...table].sort(([a], [b]) => a.localeCompare(b))) {
	const share = right / made;
	const bad = share < (fault === 'sound' ? 0.95 : 0.9);
	if (bad) outside += 1;
	const most = [...said].sort((a, b) => b[1] - a[1]).map(([what, n]) => `${what} ${n}`);
	console.log(
		`${fault.padEnd(16)}${String(made).padStart(5)}  right ${percent(share)}  missed ${percent(missed / made)}  wrong ${percent(wrong / made)}   ${most.slice(0, 4).join(', ')}${bad ? '   UNDER THE LIMIT' : ''}`
	);
}
process.exitCode = outside > 0 ? 1 : 0;
