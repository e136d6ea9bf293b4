import { readFileSync } from 'node:fs';
import { calc } from '../src/lib/files/calc';
import { calibrationSheetSchema } from '../src/lib/files/calibration-sheet';
import { readCalibrationSheet } from '../src/lib/files/read-sheet';
import { calibrateSheet, si, usualSkill } from '../src/core';
import type { Volume } from '../src/core';

// Sheets of the golden boom computed in this process, text to answer; and the core alone on a boom of 72 nozzles.
const golden = JSON.parse(readFileSync(new URL('../tests/golden/golden.json', import.meta.url), 'utf8')) as {
	id: string;
	sheet: object;
}[];
const boom = golden.find((c) => c.id === 'boom-metric')!.sheet;

function perSecond(run: () => void): number {
	for (let i = 0; i < 2000; i += 1) run();
	const calibrations: number[] = [];
	for (let r = 0; r < 9; r += 1) {
		const start = performance.now();
		let n = 0;
		while (performance.now() - start < 200) {
			for (let i = 0; i < 50; i += 1) run();
			n += 50;
		}
		calibrations.push((n / (performance.now() - start)) * 1000);
	}
	return calibrations.sort((a, b) => a - b)[4]!;
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
/** The same boom as a person's file has it: read, not computed. */
const text = JSON.stringify({
	format: 'fallow-sheet/1',
	method: 'speed-width-flow',
	speed: { course: '60 m', times: ['27.4 s', '26.9 s', '27.3 s'] },
	width: { kind: 'boom', nozzles: 72, spacing: '0.5 m' },
	flow: { time: '30 s', catches: Array.from({ length: 72 }, (_, i) => `${600 + (i % 7)} ml`) }
});
console.log(
	JSON.stringify({
		sheets: perSecond(() => void calc(boom)),
		wide: perSecond(() => void calibrateSheet(wide, usualSkill)),
		text: perSecond(() => void readCalibrationSheet(calibrationSheetSchema.parse(JSON.parse(text))))
	})
);
