import { steadyPart, trackSpeed, trackSpeeds } from '../src/core';
import { coverageOf, simulated, simulatedRound, simulations } from '../tests/support/honest';
import { simulatedTrack } from '../tests/support/tracks';
import { Seeded } from '../tests/support/seeded';

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
		coverageOf(() => simulatedRound(random, 'speed-width-flow', 3, sample), rounds)
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
process.exitCode = outside > 0 ? 1 : 0;
