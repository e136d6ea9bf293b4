import { describe, expect, it } from 'vitest';
import { demoProducts } from '../../../../demo/products';
import type { RunEntry, RunEntryBody, TypedJob } from '$core';
import { idOf, t } from '../../../../tests/support/entries';
import { MemoryLog } from '../../../../tests/support/memory-store';
import { metric } from '../../../../tests/support/calibration-state';
import type { FarmSettings } from '$lib/settings/farm-settings';
import type { JobHead } from '$lib/wire/run-message';
import { JobRunState } from './job-run.svelte';
import { RecordWrite } from './record-write.svelte';

const job: TypedJob = {
	day: '2026-03-20',
	blocks: [{ id: idOf(1), name: 'Hazel rows', area: 20_000, share: 1, rows: null, spacing: null }],
	tank: t('600', 'L'),
	dead: null,
	agitation: null,
	products: [{ id: idOf(2), label: demoProducts[0]!, dose: t('2 L/ha', 'L/ha') }],
	split: 'full-then-part',
	reason: '',
	notes: ''
};
const head: JobHead = {
	id: idOf(9),
	job,
	rate: 5e-6,
	relativeU95: 0.04,
	signedDay: '2026-03-18',
	calibrationId: idOf(3),
	sprayer: 'Blower',
	asked: {
		operator: 'B. Sample',
		licence: '',
		crop: 'Hazel',
		stage: '',
		condition: '',
		target: '',
		waterSource: 'yard',
		buffer: '',
		remarks: ''
	}
};
const bodies: RunEntryBody[] = [
	{ kind: 'spray', load: 1, act: 'start' },
	{ kind: 'spray', load: 1, act: 'end' },
	{ kind: 'close', done: { by: 'area', area: t('2 ha', 'ha') }, left: t('0', 'L'), remarks: '' }
];

async function closed(change: Partial<FarmSettings> = {}) {
	const store = new MemoryLog<JobHead, RunEntry>();
	await store.create(head);
	let n = 100;
	const run = new JobRunState(
		{ head, entries: [] },
		{ ...metric, ...change },
		{
			store,
			newId: () => idOf(n++),
			now: () => Date.parse('2026-03-20T12:00:00Z') + n * 1000,
			onAdded: () => undefined
		}
	);
	for (const body of bodies) expect(await run.add(body)).toBe(true);
	return { run, record: new RecordWrite(run) };
}

describe('a record that is written where the work is', () => {
	it('begins with what the farm knows, and is kept as one entry that changes nothing of the run', async () => {
		const { run, record } = await closed();
		expect(record.asked).toMatchObject({ operator: 'B. Sample', crop: 'Hazel', waterSource: 'yard' });
		for (const stop of record.stops) record.setReason(stop, 'a reason');
		const before = JSON.stringify(run.run);
		record.asked.target = ' Thistles ';
		expect(await record.write()).toBe(true);
		expect(record.written!.asked).toMatchObject({ operator: 'B. Sample', target: 'Thistles' });
		expect(JSON.stringify(run.run)).toBe(before);
		// An undo would take the close back, never the record.
		expect(run.run!.last!.kind).toBe('close');
	});

	it('says what is missing and keeps nothing: who did it, what the farm asks for, the weather, a reason', async () => {
		const { run, record } = await closed({ recordFields: ['target', 'weather'] });
		record.asked.operator = '  ';
		expect(await record.write()).toBe(false);
		expect(Object.keys(record.problems)).toEqual(expect.arrayContaining(['operator', 'target', 'remarks']));
		expect(run.entries.some((e) => e.kind === 'record')).toBe(false);
		record.asked.operator = 'A. Sample';
		record.asked.target = 'Scab';
		record.asked.remarks = 'The vane was broken.';
		if (record.stops.length > 0) {
			expect(await record.write()).toBe(false);
			expect(record.problems.all).toBeTruthy();
			for (const stop of record.stops) record.setReason(stop, 'looked at by hand');
		}
		expect(await record.write()).toBe(true);
		expect(record.written!.passed).toHaveLength(record.stops.length);
	});
});
