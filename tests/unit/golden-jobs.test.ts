import { describe, expect, it } from 'vitest';
import type { DilutionOf, DoseArea, Typed } from '../../src/core';
import { fields, foldRun, jobTime, mixingOf, planLoads, readField, readJob, si } from '../../src/core';
import golden from '../golden/jobs.json';
import { plannedJob, plannedLabel } from '../support/planned-job';

interface GoldenJob {
	readonly id: string;
	readonly about: string;
	readonly rate: string;
	readonly area: string;
	readonly tank: string;
	readonly dose: string;
	readonly treated?: number;
	readonly per?: DoseArea;
	readonly dilution?: DilutionOf;
	readonly dilute?: string;
	readonly speed?: number;
	readonly fieldWidth?: number;
	readonly expect: Readonly<Record<string, number>>;
}
const t = (text: string, unit = ''): Typed => ({ text, unit, gallon: 'US' });

function planned(one: GoldenJob) {
	const rate = readField(fields.volumePerArea, t(one.rate), 'rate');
	const area = readField(fields.area, t(one.area), 'area');
	if (!rate.ok || !area.ok) throw new Error(one.id);
	const job = {
		...plannedJob,
		blocks: [{ ...plannedJob.blocks[0]!, area: area.value.value as number }],
		tank: t(one.tank),
		products: [
			{
				id: 'p',
				label: { ...plannedLabel, concentrate: true },
				dose: t(one.dose, 'L/ha'),
				...(one.per ? { per: one.per } : {}),
				...(one.dilution ? { dilution: one.dilution } : {})
			}
		],
		canopy: one.dilution !== undefined,
		...(one.treated ? { treated: one.treated } : {}),
		...(one.dilute ? { dilute: t(one.dilute) } : {}),
		...(one.speed && one.fieldWidth ? { travel: { speed: one.speed, swath: one.fieldWidth } } : {}),
		pace: { efficiency: 0.75, fill: t('10 min'), drive: t('5 min'), start: '07:00', end: '19:00' }
	};
	const read = readJob(job, rate.value.value);
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	const plan = planLoads(read.value.sheet);
	const run = foldRun(read.value.sheet, mixingOf(job), []);
	if (!plan.ok || !run.ok) throw new Error(`${one.id} cannot be planned`);
	return { read: read.value, plan: plan.value, loads: run.value.loads };
}

describe('golden jobs', () => {
	for (const one of golden as unknown as readonly GoldenJob[])
		it(`${one.id}: ${one.about}`, () => {
			const { read, plan, loads } = planned(one);
			const { pace } = read;
			const time = pace?.workRate
				? jobTime(si<'area'>(plan.area), pace.workRate, plan.loads.length, pace.each)
				: { spraying: NaN };
			const got: Readonly<Record<string, number>> = {
				'mix.L': plan.mix * 1000,
				'product.L': plan.totals[0]!.amount * 1000,
				loads: plan.loads.length,
				'spraying.min': time.spraying / 60,
				concentration: read.concentration ?? NaN
			};
			for (const [name, wanted] of Object.entries(one.expect)) expect(got[name], name).toBeCloseTo(wanted, 9);
			// However it is mixed, no step stands over its load, and the last one stands at it.
			for (const { load, steps } of loads) {
				const levels = steps.flatMap((s) => ('to' in s ? [s.to] : 'in' in s ? [s.in] : []));
				expect(Math.max(...levels)).toBeLessThanOrEqual(load.mix * (1 + 1e-9));
				expect(levels.at(-1)).toBeCloseTo(load.mix, 9);
			}
		});
});
