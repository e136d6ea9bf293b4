import { demoProducts } from '../demo/products';
import { checkLabels, compareSplits, readJob, si } from '../src/core';
import type { TypedJob } from '../src/core';

// A job of 200 blocks and 8 products, read and planned in every split, held against its labels.
const t = (text: string, unit: string) => ({ text, unit, gallon: 'US' as const });
const job: TypedJob = {
	day: '2026-03-14',
	blocks: Array.from({ length: 200 }, (_, i) => ({
		id: `b${i}`,
		name: `Block ${i}`,
		area: 36 * 148 * 5.5,
		share: 1,
		rows: { count: 36, length: 148, spacing: 5.5 },
		spacing: null
	})),
	tank: t('3000 L', 'L'),
	dead: t('10 L', 'L'),
	agitation: t('300 L', 'L'),
	products: Array.from({ length: 8 }, (_, i) => {
		const label = demoProducts[i % demoProducts.length]!;
		return { id: `p${i}`, label, dose: label.dose.high ?? label.dose.low };
	}),
	split: 'equal',
	reason: '',
	notes: ''
};
const times: number[] = [];
for (let i = 0; i < 220; i += 1) {
	const start = performance.now();
	const read = readJob(job, si<'volumePerArea'>(3e-5));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	const { choices } = compareSplits(read.value.sheet, {
		agitation: read.value.agitation,
		workRate: null,
		each: si<'time'>(900)
	});
	if (choices.some((c) => c.split !== 'whole-packs' && !c.plan)) throw new Error('a split could not be planned');
	checkLabels(read.value.checks);
	if (i >= 20) times.push(performance.now() - start);
}
times.sort((a, b) => a - b);
console.log(JSON.stringify({ median: times[100], p95: times[190] }));
