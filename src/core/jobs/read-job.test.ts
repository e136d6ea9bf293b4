import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plannedJob, plannedLabel } from '../../../tests/support/planned-job';
import { planLoads } from '../loads/plan-loads';
import type { TypedLabel } from '../products/label';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { JobProduct, TypedJob } from './job';
import { checkJob } from './check-job';
import { readJob } from './read-job';

const t = (text: string, unit = ''): Typed => ({ text, unit, gallon: 'US' });
const product = (dose: string, label: Partial<TypedLabel> = {}, more: Partial<JobProduct> = {}): JobProduct => ({
	id: 'p',
	label: { ...plannedLabel, ...label },
	dose: t(dose, 'L/ha'),
	...more
});
const read = (job: Partial<TypedJob>, litresPerHa: number) =>
	readJob({ ...plannedJob, ...job }, si(litresPerHa * 1e-7));
const plan = (job: Partial<TypedJob>, litresPerHa: number) => {
	const made = read(job, litresPerHa);
	if (!made.ok) throw new Error(JSON.stringify(made.issues));
	const loads = planLoads(made.value.sheet);
	if (!loads.ok) throw new Error(loads.issues[0]!.code);
	return { ...made.value, plan: loads.value };
};
const codes = (job: Partial<TypedJob>, litresPerHa = 200) => {
	const made = read(job, litresPerHa);
	return made.ok ? [] : made.issues.map((i) => `${i.path} ${i.code}`);
};

/** 25 cm bands on 75 cm rows, 10 ha of field, 200 L/ha on what is treated; a pass covers 4.5 m of field at 2 m/s. */
const bands: Partial<TypedJob> = {
	treated: 1 / 3,
	travel: { speed: 2, swath: 4.5 },
	pace: { efficiency: 1, fill: t('0 min'), drive: t('0 min'), start: '07:00', end: '19:00' }
};

describe('a job over bands', () => {
	it('mixes for what is treated: 667 L and 6.7 L on 10 hectares of field', () => {
		const { plan: made, pace } = plan({ ...bands, products: [product('2 L/ha', {}, { per: 'treated' })] }, 200);
		expect(made.mix).toBeCloseTo(2 / 3, 9);
		expect(made.totals[0]!.amount).toBeCloseTo(0.02 / 3, 9);
		expect(made.loads.reduce((sum, l) => sum + l.area, 0)).toBeCloseTo(1e5, 4);
		// The time is that of the field: 100,000 m² at 9 m²/s.
		expect(1e5 / pace!.workRate!).toBeCloseTo(1e5 / 9, 6);
		// Rows sprayed one way only: every pass is driven back dry.
		const oneWay = plan({ ...bands, pace: { ...bands.pace!, oneWay: true }, products: [] }, 200);
		expect(oneWay.pace!.workRate! / pace!.workRate!).toBeCloseTo(0.5, 12);
	});
	it('puts all of a dose per field on the bands', () => {
		const { plan: made } = plan({ ...bands, products: [product('2 L/ha', {}, { per: 'field' })] }, 200);
		expect(made.mix).toBeCloseTo(2 / 3, 9);
		expect(made.totals[0]!.amount).toBeCloseTo(0.02, 9);
	});
	it('asks what a dose is of, once, and takes the label’s own word', () => {
		expect(codes({ ...bands, products: [product('2 L/ha')] })).toEqual(['products.0.per dose-area']);
		expect(codes({ ...bands, products: [product('2 L/ha', { per: 'field' })] })).toEqual([]);
		// A share of the mix goes where the mix goes, and nobody asks over the whole width.
		expect(codes({ ...bands, products: [product('0.5 %')] })).toEqual([]);
		expect(codes({ products: [product('2 L/ha')] })).toEqual([]);
	});
	it('holds it against the label on the ground that the label means', () => {
		const over = (per: 'treated' | 'field') =>
			checkJob(plan({ ...bands, products: [product('3 L/ha', { max: t('2 L/ha') }, { per })] }, 200)).filter(
				(f) => f.code === 'over-max'
			);
		expect(over('treated')).toMatchObject([{ ratio: expect.closeTo(1.5, 9) as number }]);
		expect(over('field')).toMatchObject([{ ratio: expect.closeTo(1.5, 9) as number }]);
	});
	it('comes to as much product as the whole field, times the share, for any bands', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.1, max: 1, noNaN: true }),
				fc.double({ min: 0.1, max: 5, noNaN: true }),
				fc.double({ min: 80, max: 400, noNaN: true }),
				(treated, dose, litres) => {
					const label = { dose: { low: t(`${dose} L/ha`), high: null } };
					const total = (per: 'treated' | 'field') =>
						plan({ treated, products: [product(`${dose.toFixed(9)} L/ha`, label, { per })] }, litres).plan.totals[0]!
							.amount as number;
					const whole = (dose * 1e-7 * 1e5) as number;
					return (
						Math.abs(total('treated') / (whole * treated) - 1) < 1e-6 && Math.abs(total('field') / whole - 1) < 1e-6
					);
				}
			),
			{ numRuns: 200 }
		);
	});
});

describe('a dose per 100 L in a canopy', () => {
	const canopy = { canopy: true, blocks: [{ ...plannedJob.blocks[0]!, kind: 'orchard' as const }] };
	const label = { dose: { low: t('40 ml/100 L'), high: null } };
	it('is asked about: of dilute spray, or of the mix', () => {
		expect(codes({ ...canopy, products: [product('40 ml/100 L', label)] }, 500)).toEqual([
			'products.0.dilution dilute-or-mix'
		]);
		expect(codes({ ...canopy, products: [product('40 ml/100 L', label, { dilution: 'dilute' })] }, 500)).toEqual([
			'dilute no-dilute'
		]);
		expect(codes({ products: [product('40 ml/100 L', label)] }, 500)).toEqual([]);
		expect(codes({ ...canopy, products: [product('2 L/ha')] }, 500)).toEqual([]);
	});
	it('of dilute spray brings what the dilute spray would: 600 ml/ha at 1,500 L/ha, not 200', () => {
		const made = (dilution: 'dilute' | 'mix') =>
			plan(
				{
					...canopy,
					dilute: t('1500 L/ha'),
					products: [product('40 ml/100 L', { ...label, concentrate: true }, { dilution })]
				},
				500
			);
		expect((made('dilute').plan.totals[0]!.amount as number) / 10).toBeCloseTo(600e-6, 9);
		expect((made('mix').plan.totals[0]!.amount as number) / 10).toBeCloseTo(200e-6, 9);
		expect(checkJob(made('dilute')).map((f) => f.code)).toEqual([]);
	});
	it('is a stop where the label lets nobody spray it concentrate', () => {
		const job = {
			...canopy,
			dilute: t('1500 L/ha'),
			products: [product('40 ml/100 L', { ...label, concentrate: false, dilution: 'dilute' })]
		};
		expect(checkJob(plan(job, 500))).toMatchObject([{ code: 'not-concentrate', stop: true, factor: 3 }]);
	});
});

describe('doses that need to know the product', () => {
	it('come to product by its content and its density', () => {
		const label = {
			actives: [{ name: 'ochrate', content: t('480 g/L') }],
			density: t('1.2 kg/L'),
			dose: { low: t('0.5 L/ha'), high: t('3 L/ha') }
		};
		const total = (dose: string) => plan({ products: [product(dose, label)] }, 200).plan.totals[0]!.amount as number;
		expect(total('720 g a.i./ha')).toBeCloseTo(0.015, 9);
		expect(total('1.8 kg/ha')).toBeCloseTo(0.015, 9);
		expect(codes({ products: [product('720 g a.i./ha')] })).toEqual(['products.0.dose no-content']);
		expect(codes({ products: [product('1.8 kg/ha')] })).toEqual(['products.0.dose no-density']);
	});
});
