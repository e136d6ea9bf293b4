import { readFileSync } from 'node:fs';
import { calc } from '../src/lib/formats/calc';
import { calibrate, si, usualSkill } from '../src/core';
import type { Volume } from '../src/core';

// Sheets of the golden boom computed in this process, text to answer; and the core alone on a boom of 72 nozzles.
const golden = JSON.parse(readFileSync(new URL('../tests/golden/golden.json', import.meta.url), 'utf8')) as {
	id: string;
	sheet: object;
}[];
const boom = golden.find((c) => c.id === 'boom-metric')!.sheet;

function perSecond(run: () => void): number {
	for (let i = 0; i < 2000; i += 1) run();
	const rounds: number[] = [];
	for (let r = 0; r < 9; r += 1) {
		const start = performance.now();
		let n = 0;
		while (performance.now() - start < 200) {
			for (let i = 0; i < 50; i += 1) run();
			n += 50;
		}
		rounds.push((n / (performance.now() - start)) * 1000);
	}
	return rounds.sort((a, b) => a - b)[4]!;
}

const wide = {
	method: 'speed-width-flow' as const,
	speed: { course: si<'length'>(60), times: [27.4, 26.9, 27.3].map((t) => si<'time'>(t)) },
	width: { kind: 'boom' as const, nozzles: 72, spacing: si<'length'>(0.5) },
	flow: {
		time: si<'time'>(30),
		catches: Array.from({ length: 72 }, (_, i) => [{ volume: ((600 + (i % 7)) * 1e-6) as Volume }])
	}
};
console.log(
	JSON.stringify({ sheets: perSecond(() => void calc(boom)), wide: perSecond(() => void calibrate(wide, usualSkill)) })
);
