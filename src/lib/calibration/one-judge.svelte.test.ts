import { describe, expect, it } from 'vitest';
import type { EntryBody, EvenRule } from '$core';
import { t, wholeCalibration } from '../../../tests/support/entries';
import { calibrationState } from '../../../tests/support/calibration-state';
import { Seeded } from '../../../tests/support/seeded';
import { wordFinding } from '$lib/wording/findings';
import { FlowStepState } from '$lib/calibration/flow/flow-step.svelte';

const gauge: EntryBody = { kind: 'gauge', pressure: t('3', 'bar') };
const catches = (list: readonly (number | null)[]): EntryBody[] => [
	...wholeCalibration.slice(1, 7),
	gauge,
	...list.flatMap((ml, i): EntryBody[] =>
		ml === null ? [] : [{ kind: 'catch', nozzle: i + 1, amount: t(`${ml}`, 'ml'), why: 'first' }]
	)
];
/** The jug of a nozzle while its catch is typed, and once it is kept. */
async function typedAndKept(others: readonly (number | null)[], nozzle: number, text: string, evenRule: EvenRule) {
	const before = new FlowStepState((await calibrationState(catches(others), { evenRule })).state);
	before.drafts[nozzle] = text;
	const typed = before.board.jugs[nozzle - 1]!;
	const list = others.map((ml, i) => (i === nozzle - 1 ? Number(text) : ml));
	const after = new FlowStepState((await calibrationState(catches(list), { evenRule })).state);
	return { typed, kept: after.board.jugs[nozzle - 1]!, after };
}

describe('one judge', () => {
	it('says of a catch that is typed what it says of it once it is kept, by either rule', async () => {
		const seeded = new Seeded(13);
		for (let i = 0; i < 300; i += 1) {
			const evenRule = seeded.next() < 0.5 ? 'average' : 'rated';
			const of = () => (seeded.next() < 0.15 ? null : Math.round(seeded.between(480, 720)));
			const others = [of(), of(), of(), of(), of(), of()];
			const nozzle = 1 + Math.floor(seeded.next() * 6);
			const text = `${Math.round(seeded.next() < 0.1 ? seeded.between(1, 60) : seeded.between(480, 720))}`;
			const { typed, kept } = await typedAndKept(others, nozzle, text, evenRule);
			const words = { ...typed, fill: 0, passedOver: false };
			expect(words, `${evenRule} ${JSON.stringify(others)} ${nozzle}: ${text}`).toEqual({
				...kept,
				fill: 0,
				passedOver: false
			});
		}
	});

	it.each([
		// Exactly 5 % low is even, while it is typed as well.
		['average', [600, 600, 600, 600, 600, null], '570', 'even'],
		['average', [600, 600, 600, 600, 600, null], '569', 'low'],
		// Rated 600: within 10 % of it, whatever the others give.
		['rated', [600, 600, 600, 600, 600, null], '560', 'even'],
		['rated', [680, 680, 680, 680, 680, null], '680', 'high'],
		['rated', [600, 600, 600, 600, 600, null], '660', 'even']
	] as const)('by the %s of %j: %s is %s, typed and kept', async (rule, others, text, verdict) => {
		const { typed, kept } = await typedAndKept([...others], 6, text, rule);
		expect([typed.verdict, kept.verdict]).toEqual([verdict, verdict]);
		expect(typed.deviation).toBe(kept.deviation);
	});

	it('shows mark, band and figure of the rule in force', async () => {
		const all = [672, 672, 672, 672, 672, 672];
		const { kept, after } = await typedAndKept(all, 6, '672', 'rated');
		expect(kept).toMatchObject({ verdict: 'high', deviation: '▲ +12 %', reference: expect.closeTo(600, 6) as unknown });
		expect(kept.band?.map(Math.round)).toEqual([540, 660]);
		expect(after.board.width).toBe(0.1);
		const findings = after.calibration.answer!.findings.map((f) => wordFinding(f).title);
		expect(findings.filter((title) => title.includes('Nozzle'))).toEqual([]);
		expect(findings.join()).toContain('12 % more than rated');
	});

	it('says by how much a nozzle is off its rated flow, where that decided', async () => {
		const { after } = await typedAndKept([600, 600, 600, 600, 600, 600], 3, '670', 'rated');
		const [title] = after.calibration.answer!.findings.map((f) => wordFinding(f).title);
		expect(title).toBe('Nozzle 3 is 12 % over its rated flow');
	});

	it('shows what was caught before the course is timed, and makes no flow of it', async () => {
		const untimed: EntryBody[] = [
			{ kind: 'catch-time', time: null },
			...catches([600, 600, 500, 600, 600, 600]).filter((b) => b.kind === 'catch')
		];
		const { state } = await calibrationState(untimed);
		const step = new FlowStepState(state);
		expect(state.flow).toBeNull();
		expect(step.board.jugs[2]).toMatchObject({ figure: '500', verdict: 'low' });
	});
});
