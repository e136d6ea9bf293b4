import { describe, expect, it } from 'vitest';
import type { RunEntry } from '$core';
import { longMeadow } from '../../../../demo/sprayers';
import type { Answer } from '$lib/entries/outbox';
import { Outbox } from '$lib/entries/outbox';
import type { JobHead } from '$lib/wire/run-message';
import { idOf } from '../../../../tests/support/entries';
import { blockNamed, blocks, calibrationOf, products } from '../../../../tests/support/job-source';
import { MemoryLog } from '../../../../tests/support/memory-store';
import { metric } from '../../../../tests/support/calibration-state';
import { JobPlanState } from './job-plan.svelte';
import { keepPlan } from './keep-plan';
import { plannedHead } from './planned-job';

const planned = () => {
	const plan = new JobPlanState(
		{
			settings: metric,
			blocks,
			products,
			calibrations: [calibrationOf(301, longMeadow, 170)],
			uses: [],
			harvests: {},
			today: '2026-03-14',
			writer: { operator: 'B. Sample', licence: 'L-1', waterSource: 'yard' }
		},
		blockNamed('Long meadow')
	);
	plan.pick(plan.lines[0]!, products.find((p) => p.label.name === 'Sample Umber')!.id);
	return plan;
};
const never = () => new Promise<never>(() => undefined);

/** A device with its outbox, and a server that answers as it is told. */
const device = (answer: (entries: readonly RunEntry[], fresh: boolean) => Answer | Promise<Answer>) => {
	const runs = new MemoryLog<JobHead, RunEntry>();
	const sent: { readonly fresh: boolean; readonly plan: boolean; readonly entries: number }[] = [];
	const outbox = new Outbox<JobHead, RunEntry>({
		store: runs,
		send: async ({ head, entries, fresh }) => {
			sent.push({ fresh, plan: head.plan !== undefined, entries: entries.length });
			return answer(entries, fresh);
		},
		later: () => () => undefined,
		onStatus: () => undefined
	});
	return { runs, sent, kick: () => outbox.kick() };
};

describe('a job that is planned on a device', () => {
	it('has all that mixing asks for, before the server has heard of it', () => {
		const plan = planned();
		const head = plannedHead(plan, idOf(1))!;
		expect(head).toMatchObject({
			sprayer: longMeadow.name,
			rate: 170e-7,
			calibrationId: idOf(301),
			asked: { operator: 'B. Sample', licence: 'L-1', waterSource: 'yard', target: '' },
			plan: { id: idOf(1), calibrationId: idOf(301) }
		});
		expect(head.shapes).toHaveLength(1);
		// What says nothing is left out, as the server leaves it out.
		expect(Object.keys(head.job)).not.toContain('canopy');
		expect(Object.keys(head.job)).not.toContain('treated');
		plan.tank = '';
		expect(plannedHead(plan, idOf(1))).toBeNull();
	});

	it('is on the server where that answers', async () => {
		const { runs, sent, kick } = device(() => ({ acknowledged: [] }));
		const head = plannedHead(planned(), idOf(1))!;
		expect(await keepPlan(head, { runs, kick, patience: never })).toEqual({ at: 'server' });
		expect(sent).toEqual([{ fresh: true, plan: true, entries: 0 }]);
		expect((await runs.open(idOf(1)))!.head).toEqual(head);
	});

	it('stays on the device where nobody answers, also where an answer never comes', async () => {
		const away = device(() => ({ later: 'signal' }));
		const head = plannedHead(planned(), idOf(1))!;
		expect(await keepPlan(head, { ...away, patience: never })).toEqual({ at: 'device' });
		const silent = device(never);
		expect(await keepPlan(head, { ...silent, patience: async () => undefined })).toEqual({ at: 'device' });
		expect(await silent.runs.unsent()).toMatchObject([{ fresh: true, entries: [] }]);
	});

	it('is told before what was done for it, and what was done follows', async () => {
		let reached = false;
		// The server takes a plan by itself, and acknowledges nothing of what was done for it.
		const { runs, sent, kick } = device((entries, fresh) =>
			reached ? { acknowledged: fresh ? [] : entries.map((e) => e.id) } : { later: 'signal' }
		);
		await keepPlan(plannedHead(planned(), idOf(1))!, { runs, kick, patience: never });
		const at = '2026-03-14T08:00:00.000Z';
		await runs.add(idOf(1), { kind: 'tick', load: 1, step: 0, poured: null, id: idOf(50), seq: 0, at });
		sent.length = 0;
		reached = true;
		await kick();
		expect(sent.map((s) => s.fresh)).toEqual([true, false]);
		expect(await runs.unsent()).toEqual([]);
	});

	it('is off the device again where the server refuses it while its form is open', async () => {
		const { runs, kick } = device(() => ({ refused: 'The field is gone.', code: 'not-found', entry: null }));
		const head = plannedHead(planned(), idOf(1))!;
		expect(await keepPlan(head, { runs, kick, patience: never })).toEqual({ refused: 'The field is gone.' });
		expect(await runs.open(idOf(1))).toBeNull();
		expect(await runs.refused()).toEqual([]);
	});
});
