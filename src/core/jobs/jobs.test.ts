import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Dose } from '../loads/sheet';
import { splits } from '../loads/sheet';
import { si } from '../quantity/quantity';
import { compareSplits } from './compare-splits';
import { addDays } from './add-days';
import type { GroundUse, SeasonBefore } from './job-before';
import { jobBefore } from './job-before';
import type { CheckedProduct, LabelFinding } from './label-checks';
import { checkLabels } from './label-checks';
import { labelStops } from './label-stops';
import { checkJob } from './check-job';
import { seasonAround } from '../records/season-around';
import { plannedJob, plannedLabel } from '../../../tests/support/planned-job';
import { readJob } from './read-job';
import { secondsAt } from './seconds-at';

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const liquid = (dose: number): Dose => ({ basis: 'liquidPerArea', dose: si(dose) });

describe('a job by every split', () => {
	const sheet = { area: si<'area'>(63000), rate: si<'volumePerArea'>(1.8e-5), tank: si<'volume'>(0.6), products: [] };
	it('has a choice for each, and says why one cannot be', () => {
		const { choices } = compareSplits(sheet, { agitation: null, workRate: si(2), each: si(900) });
		expect(choices.map((c) => [c.split, c.plan?.loads.length ?? c.issue!.code])).toEqual([
			['full-then-part', 2],
			['equal', 2],
			['whole-rows', 'missing'],
			['whole-packs', 'missing']
		]);
		expect(choices[0]!.time).toBe(63000 / 2 + 2 * 900);
	});

	it('offers equal loads just where the part load is a cupful or under the agitation, and equal ones are not', () => {
		fc.assert(
			fc.property(
				positive(1000, 3e5),
				positive(5e-6, 5e-5),
				positive(0.2, 3),
				positive(0.01, 0.9),
				(area, rate, tank, share) => {
					const { choices, offered } = compareSplits(
						{ ...sheet, area: si(area), rate: si(rate), tank: si(tank) },
						{ agitation: si(tank * share), workRate: null, each: si(0) }
					);
					const [full, equal] = choices;
					if (!full!.plan) return true;
					const part = Math.min(...full!.plan.loads.map((l) => l.mix));
					const even = equal!.plan!.loads[0]!.mix;
					const stirs = tank * share * (1 - 1e-9);
					const cupful = tank * 0.05 * (1 - 1e-9);
					return (offered === 'equal') === ((part < stirs || part < cupful) && even >= stirs && even >= cupful);
				}
			),
			{ numRuns: 1000 }
		);
	});

	it('counts what every split opens and takes the same product in all of them', () => {
		const products = [
			{ name: 'P', dose: liquid(2e-7), pack: { kind: 'volume' as const, amount: si<'volume'>(0.001) } }
		];
		const rows = { count: 36, length: si<'length'>(148), spacing: si<'length'>(5.5) };
		const { choices } = compareSplits(
			{ ...sheet, area: si(36 * 148 * 5.5), rows, products },
			{ agitation: null, workRate: null, each: si(0) }
		);
		expect(choices.map((c) => c.split)).toEqual(splits);
		for (const { plan, packs } of choices) {
			expect(plan!.totals[0]!.amount).toBeCloseTo(2e-7 * 36 * 148 * 5.5, 12);
			expect(packs).toBe(6);
		}
	});
});

describe('a job against the labels', () => {
	const rate = si<'volumePerArea'>(2e-5);
	type Change = Partial<Omit<CheckedProduct, 'typed' | 'label' | 'before'>> & {
		readonly typed?: Partial<CheckedProduct['typed']>;
		readonly label?: Partial<CheckedProduct['label']>;
		readonly before?: Partial<SeasonBefore>;
	};
	const product = ({ typed, label, before, ...change }: Change = {}): CheckedProduct => ({
		name: 'Sample Ochre',
		on: 2e-7,
		planned: 2e-7,
		range: { low: 1e-7, high: 2e-7 },
		strength: (change.on ?? 2e-7) / rate,
		share: 1,
		spot: false,
		label: { max: null, seasonMax: null, volume: null, ...label },
		typed: { entryHours: 12, harvestDays: 21, mixes: 'solution', ...typed },
		rate,
		dilute: null,
		harvestInDays: null,
		actives: [],
		before: { used: 0, actives: [], unnamed: [], applications: 0, nearest: null, ...before },
		drops: null,
		...change
	});
	const cap = (perArea: number) => ({ kind: 'volume' as const, perArea: si<'volumePerArea'>(perArea) });
	const codes = (change: Change) => checkLabels([product(change)]).map((f) => f.code);
	const figures = (f: LabelFinding) =>
		'ratio' in f ? [f.code, f.stop, Number(f.ratio.toPrecision(6)), Number(f.within.toPrecision(6))] : [f.code, f.stop];

	it('says nothing where every limit is met, exactly or with room', () => {
		expect(
			codes({
				harvestInDays: 21,
				before: { used: 4e-7, applications: 2, nearest: { day: '2026-03-06', days: 14, product: 'P' } },
				label: { max: cap(2e-7), seasonMax: cap(6e-7), volume: { low: si(2e-5), high: si(2e-5) } },
				typed: { applications: 3, daysBetween: 14, drops: 'medium' },
				drops: 'medium'
			})
		).toEqual([]);
	});

	it('names each limit that is passed, with the figure that would be within', () => {
		const all = checkLabels([
			product({
				on: 3e-7,
				harvestInDays: 10,
				before: { used: 5e-7, applications: 3, nearest: { day: '2026-03-10', days: 7, product: 'Q' } },
				label: { max: cap(2e-7), seasonMax: cap(6e-7), volume: { low: si(3e-5), high: si(4e-5) } },
				typed: { applications: 3, daysBetween: 14, drops: 'coarse' },
				drops: 'medium'
			})
		]);
		expect(all.map(figures)).toEqual([
			['over-max', true, 1.5, 2e-7],
			['over-season', true, 1.33333, 1e-7],
			['too-many-applications', true, 1.33333, 3],
			['too-few-days', true, 0.5, 14],
			['volume-under', true, 0.666667, 3e-5],
			['finer-drops', true],
			['before-harvest', true, 0.47619, 21]
		]);
		expect(labelStops(all).every((s) => s.about === 'Sample Ochre')).toBe(true);
		expect(codes({ label: { volume: { low: si(1e-6), high: si(1e-5) } } })).toEqual(['volume-over']);
		expect(codes({ on: 0.5e-7 })).toEqual(['dose-under']);
		expect(codes({ on: 2.5e-7 })).toEqual(['dose-over']);
		const used = checkLabels([product({ before: { used: 7e-7 }, label: { seasonMax: cap(6e-7) } })]);
		expect(figures(used[0]!)).toEqual(['over-season', true, 1.5, 0]);
	});

	it('counts a season by active ingredient over all products that hold it', () => {
		// Another product brought 0.24 kg/m³ × … of the same active: the product alone would be within.
		const held = {
			actives: [{ name: 'ochrate', content: 480 }],
			before: { used: 0, actives: [480 * 5e-7] },
			label: { seasonMax: cap(6e-7) }
		};
		const [found] = checkLabels([product(held)]);
		expect(found && figures(found)).toEqual(['over-season', true, 1.16667, 480 * 1e-7]);
		expect(found?.code === 'over-season' && found.active).toBe('ochrate');
		expect(codes({ ...held, before: { used: 0, actives: [480 * 4e-7] } })).toEqual([]);
	});

	it('asks what nobody entered, and what nobody told of the drops', () => {
		expect(checkLabels([product({ typed: { entryHours: null, harvestDays: null, drops: 'coarse' } })])).toMatchObject([
			{ code: 'drops-unknown', stop: false, least: 'coarse' },
			{ code: 'interval-empty', stop: false, what: ['entry', 'harvest'], day: null }
		]);
		// None at all is something that somebody entered.
		expect(codes({ typed: { entryHours: 0, harvestDays: 0 } })).toEqual([]);
	});

	it('sprays concentrate where the label lets it', () => {
		const three = { dilute: si<'volumePerArea'>(6e-5) };
		expect(checkLabels([product({ ...three, typed: { concentrate: false } })])).toMatchObject([
			{ code: 'not-concentrate', stop: true, factor: 6e-5 / 2e-5 }
		]);
		expect(codes(three)).toEqual(['concentrate-unknown']);
		expect(codes({ ...three, typed: { concentrate: true } })).toEqual([]);
		expect(codes({ dilute: si<'volumePerArea'>(1e-5) })).toEqual(['over-run-off']);
	});

	it('lets no bag dissolve in oil', () => {
		const bag = product({ name: 'Sample Chalk', typed: { mixes: 'packet' } });
		expect(checkLabels([bag, product({ typed: { mixes: 'wetter' } })]).map((f) => f.code)).toEqual(['bags-with-oil']);
		expect(checkLabels([bag, product()])).toEqual([]);
	});

	it('says of spot work both what it comes to of the most, and that its dose is outside of the range', () => {
		const spot = { on: 1e-7, strength: 0.01, rate: si<'volumePerArea'>(2e-5), share: 0.5, label: { max: cap(2e-7) } };
		const codes = (range: { low: number; high: number }) =>
			checkLabels([product({ ...spot, range })]).map((f) => f.code);
		expect(codes({ low: 1e-7, high: 2e-7 })).toEqual(['within-max']);
		expect(codes({ low: 1.5e-7, high: 2e-7 })).toEqual(['within-max', 'dose-under']);
		expect(codes({ low: 1e-8, high: 5e-8 })).toEqual(['within-max', 'dose-over']);
		// Also where nobody said what share of the ground the spots are.
		const whole = { ...spot, share: 1, spot: true, range: { low: 1e-7, high: 2e-7 } };
		expect(checkLabels([product(whole)])).toMatchObject([
			{ code: 'within-max', on: expect.closeTo(2e-7, 15), most: 2e-7 }
		]);
		expect(checkLabels([product({ ...whole, spot: false })])).toEqual([]);
	});

	it('holds a percent of the mix against the most per area, by the volume and the share of ground', () => {
		fc.assert(
			fc.property(
				positive(1e-3, 0.05),
				positive(1e-5, 1e-3),
				positive(0.05, 1),
				positive(0.2, 5),
				(strength, volume, share, room) => {
					const on = strength * volume * share;
					const most = on * room;
					const found = checkLabels([
						product({ on, range: { low: on, high: on }, strength, share, rate: si(volume), label: { max: cap(most) } })
					]);
					// Within, and said so: spot work is never silent about what it comes to.
					if (room > 1 + 1e-6) {
						const [told] = found;
						return (
							share === 1 ||
							(found.length === 1 &&
								told?.code === 'within-max' &&
								told.most === most &&
								Math.abs(told.on / on - 1) < 1e-9)
						);
					}
					if (room > 1 - 1e-6) return true;
					const [over] = found;
					if (found.length !== 1 || over?.code !== 'over-max') return false;
					// What is told as within is within, and a hair more is not.
					const at = (s: number, part: number) => s * volume * part <= most * (1 + 1e-9);
					return (
						at(over.strength, share) &&
						!at(over.strength * 1.001, share) &&
						at(strength, over.share) &&
						Math.abs(over.ratio * room - 1) < 1e-9
					);
				}
			),
			{ numRuns: 1000 }
		);
	});
});

describe('what the ground has had', () => {
	const use = (change: Partial<GroundUse> = {}): GroundUse => ({
		spraying: 'j1',
		blockId: 'b',
		productId: 'p',
		product: 'P',
		day: '2026-11-10',
		lastDay: '2026-11-10',
		endedAt: null,
		perGround: 1e-7,
		actives: [{ name: 'ochrate', perGround: 4.8e-5 }],
		entryHours: 12,
		harvestDays: 0,
		...change
	});
	const job = (day: string) => ({
		day,
		begins: secondsAt(`${day}T00:00:00Z`),
		blocks: ['b', 'c'],
		products: [{ id: 'p', actives: ['ochrate'] }]
	});
	const before = (uses: GroundUse[], day: string, start: string | null = null) =>
		jobBefore(uses, job(day), () => seasonAround(day, null, start));

	it('counts November and February in one season', () => {
		const uses = [use(), use({ spraying: 'j2', day: '2026-12-20', lastDay: '2026-12-20' })];
		expect(before(uses, '2027-02-10').season[0]).toMatchObject({ used: 2e-7, applications: 2 });
		expect(before(uses, '2027-02-10', '09-01').season[0]!.applications).toBe(2);
		// By a season that begins in January it is another one.
		expect(before(uses, '2027-02-10', '01-01').season[0]!.applications).toBe(0);
	});

	it('counts another brand of the same active ingredient, and one job once', () => {
		const other = use({ spraying: 'j2', productId: 'q', product: 'Q', day: '2026-12-01', lastDay: '2026-12-02' });
		const twice = [
			use(),
			use({ productId: 'r', product: 'R', actives: [{ name: 'Ochrate', perGround: 1e-5 }] }),
			other
		];
		const [season] = before(twice, '2026-12-09').season;
		expect(season!.used).toBe(1e-7);
		expect(season!.actives[0]).toBeCloseTo(4.8e-5 * 2 + 1e-5, 12);
		expect(season!.applications).toBe(2);
		expect(season!.nearest).toEqual({ day: '2026-12-02', days: 7, product: 'Q' });
		// What is planned for later counts as well.
		expect(before([other], '2026-11-30').season[0]!.nearest).toEqual({ day: '2026-12-01', days: 1, product: 'Q' });
		expect(before([use({ blockId: 'elsewhere' })], '2026-12-09').season[0]!.applications).toBe(0);
	});

	it('counts intervals from the end: over midnight, and over days', () => {
		const ended = secondsAt('2026-11-12T02:00:00Z');
		const late = use({ day: '2026-11-11', lastDay: '2026-11-12', endedAt: ended, entryHours: 24, harvestDays: 3 });
		expect(before([late], '2026-11-12').entry).toMatchObject([{ product: 'P', hours: 24, until: ended + 86_400 }]);
		expect(before([late], '2026-11-13').entry).toHaveLength(1);
		expect(before([late], '2026-11-14').entry).toEqual([]);
		expect(before([late], '2026-11-14').harvest).toMatchObject([{ until: '2026-11-15', inDays: 1 }]);
		expect(before([late], '2026-11-15').harvest).toEqual([]);
		// Until it is sprayed an interval counts from the end of the planned day.
		const planned = use({ entryHours: 12 });
		expect(before([planned], '2026-11-11').entry).toHaveLength(1);
		expect(before([planned], '2026-11-12').entry).toEqual([]);
		expect(before([use({ entryHours: 25 })], '2026-11-12').entry).toHaveLength(1);
	});

	it('asks about intervals that nobody entered, for a month', () => {
		const empty = use({ entryHours: null });
		expect(before([empty], '2026-11-20').empty).toEqual([{ product: 'P', day: '2026-11-10', what: ['entry'] }]);
		expect(before([empty], '2026-12-11').empty).toEqual([]);
	});

	it('stops a harvest that an earlier product keeps off', () => {
		const keeps = before([use({ harvestDays: 30 })], '2026-11-20');
		const read = (harvest: string | null) => {
			const product = { id: 'p', label: plannedLabel, dose: { text: '2 L/ha', unit: '', gallon: 'US' as const } };
			const made = readJob({ ...plannedJob, products: [product], day: '2026-11-20', harvest }, si(2e-5), keeps);
			if (!made.ok) throw new Error(made.issues[0]!.code);
			return checkJob(made.value).map((f) => f.code);
		};
		expect(read(null)).toContain('harvest-runs');
		expect(read('2026-12-09')).toContain('before-harvest');
		expect(read('2026-12-10')).toContain('harvest-runs');
	});
});

describe('the season of a crop', () => {
	it('holds its own day, whatever it goes by, and begins again after it', () => {
		const day = fc.integer({ min: 0, max: 20_000 }).map((n) => addDays('2000-01-01', n));
		fc.assert(
			fc.property(
				day,
				fc.option(fc.integer({ min: 1, max: 700 }), { nil: null }),
				fc.constantFrom(null, '01-01', '09-01', '02-29'),
				(at, ago, start) => {
					const harvested = ago === null ? null : addDays(at, -ago);
					const { from, to } = seasonAround(at, harvested, start);
					const nearby = ago !== null && ago <= 400;
					return from <= at && (at <= to || nearby) && (!nearby || from === addDays(harvested!, 1));
				}
			)
		);
	});
});
