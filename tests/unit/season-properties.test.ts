import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { DueRules, SinceCalibrated, SprayAct } from '../../src/core';
import {
	addDays,
	blockStates,
	calibrationDue,
	daysBetween,
	groupRuns,
	openIntervals,
	seasonUse,
	sprayedTime,
	wearTrend
} from '../../src/core';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { openUntil } from '../../src/lib/server/db/record-uses';
import { dayAt, dayStart } from '../../src/lib/settings/farm-time';
import type { TodayJob, TodaySprayer } from '../../src/lib/today/today';
import { todayItems } from '../../src/lib/today/today';
import { dueReasonText } from '../../src/lib/wording/due';

const hour = 3600;
const day = fc.integer({ min: 0, max: 4000 }).map((n) => addDays('2020-01-01', n));
const interval = fc.record({
	name: fc.constantFrom('P', 'Q', 'R'),
	entryHours: fc.oneof(fc.constant(null), fc.integer({ min: 0, max: 200 })),
	harvestDays: fc.oneof(fc.constant(null), fc.integer({ min: 0, max: 60 })),
	plantBack: fc.array(
		fc.record({ crop: fc.constantFrom('Linseed', 'linseed', 'Barley'), days: fc.integer({ min: 0, max: 400 }) }),
		{ maxLength: 3 }
	)
});

describe('intervals', () => {
	it('have all run off after the day that a record is looked for until', () => {
		fc.assert(
			fc.property(
				day,
				fc.array(interval, { maxLength: 4 }),
				// Spraying may end in the night, up to 16 hours into the next day.
				fc.integer({ min: 0, max: 40 }),
				fc.constantFrom('UTC', 'Etc/GMT-12', 'Etc/GMT+11', 'CET'),
				(on, products, endHour, zone) => {
					const ended = dayStart(zone, on) / 1000 + endHour * hour;
					const lastDay = dayAt(zone, ended * 1000);
					const endedAt = new Date(ended * 1000).toISOString();
					const until = openUntil({
						day: on,
						blocks: [{ name: 'B', lastDay }],
						endedAt,
						products
					} as unknown as Parameters<typeof openUntil>[0]);
					// The last second of each of its intervals, whichever it is.
					const ends = products.flatMap((p) => [
						...(p.entryHours ? [ended + p.entryHours * hour] : []),
						...[p.harvestDays ?? 0, ...p.plantBack.map((b) => b.days)]
							.filter((days) => days > 0)
							.map((days) => dayStart(zone, addDays(lastDay, days)) / 1000)
					]);
					for (const end of ends) {
						const today = dayAt(zone, end * 1000 - 1000);
						expect(openIntervals('B', products, { ended, lastDay }, end - 1, today)).not.toEqual([]);
						expect(until! >= today).toBe(true);
					}
					// What nobody entered is asked about, and so it is looked for too.
					const asked = products.some((p) => p.entryHours === null || p.harvestDays === null);
					expect(until === null).toBe(ends.length === 0 && !asked);
				}
			),
			{ numRuns: 600 }
		);
	});

	it('of many records are the slow way’s: for each block and kind the one that keeps longest', () => {
		const record = fc.record({
			day,
			blocks: fc.uniqueArray(fc.constantFrom('A', 'B', 'C'), { minLength: 1 }).map((l) => l.map((name) => ({ name }))),
			products: fc.array(interval, { minLength: 1, maxLength: 3 })
		});
		fc.assert(
			fc.property(fc.array(record, { maxLength: 8 }), day, (records, today) => {
				const now = Date.parse(`${today}T12:00:00Z`) / 1000;
				const ended = (r: { day: string }) => Date.parse(`${r.day}T18:00:00Z`) / 1000;
				const states = blockStates(
					records.flatMap((r) =>
						r.blocks.flatMap((b) => openIntervals(b.name, r.products, { ended: ended(r), lastDay: r.day }, now, today))
					)
				);
				for (const name of ['A', 'B', 'C']) {
					const mine = records.filter((r) => r.blocks.some((b) => b.name === name));
					const products = mine.flatMap((r) => r.products.map((p) => ({ ...p, r })));
					const until = Math.max(0, ...products.map((p) => (p.entryHours ? ended(p.r) + p.entryHours * hour : 0)));
					const sowing = (crop: string) =>
						Math.max(
							0,
							...products.flatMap((p) =>
								p.plantBack
									.filter((b) => b.crop.toLowerCase() === crop && b.days > 0)
									.map((b) => b.days - daysBetween(p.r.day, today))
							)
						);
					const state = states.find((s) => s.block === name);
					expect(state?.entry?.until ?? 0).toBe(until > now ? until : 0);
					// A harvest of 0 days is no interval, also where the record lies ahead.
					expect(state?.harvest?.days ?? 0).toBe(
						Math.max(0, ...products.map((p) => (p.harvestDays ? p.harvestDays - daysBetween(p.r.day, today) : 0)))
					);
					for (const crop of ['linseed', 'barley'])
						expect(state?.plantBack.find((c) => c.crop.toLowerCase() === crop)?.days ?? 0).toBe(sowing(crop));
				}
			}),
			{ numRuns: 500 }
		);
	});
});

const maybe = <T>(of: fc.Arbitrary<T>) => fc.oneof(fc.constant(null), of);
const rules: fc.Arbitrary<DueRules> = fc.record({
	seasonStart: maybe(fc.constantFrom('01-01', '02-29', '03-01', '12-31')),
	days: maybe(fc.integer({ min: 1, max: 900 })),
	hours: maybe(fc.integer({ min: 1, max: 200 })),
	area: maybe(fc.integer({ min: 1, max: 1_000_000 })),
	abrasiveHours: maybe(fc.integer({ min: 1, max: 80 }))
});
const since: fc.Arbitrary<SinceCalibrated> = fc.record({
	signed: maybe(day),
	event: maybe(fc.constantFrom('pump', 'drift')),
	hours: fc.integer({ min: 0, max: 300 }),
	area: fc.integer({ min: 0, max: 1_500_000 }),
	abrasiveHours: fc.integer({ min: 0, max: 100 }),
	others: fc.array(fc.constantFrom('A. Sample', 'B. Sample'), { maxLength: 2 })
});

describe('when a sprayer is due', () => {
	it('never becomes less by use, by time or by an event', () => {
		const weight = { good: 0, soon: 1, due: 2 } as const;
		fc.assert(
			fc.property(since, rules, day, fc.integer({ min: 0, max: 400 }), (at, by, today, later) => {
				// A calibration that lies ahead is of a clock that is wrong: nothing is promised of it.
				fc.pre(at.signed === null || at.signed <= today);
				const before = weight[calibrationDue(at, by, today).state];
				const more = { ...at, hours: at.hours + 7, area: at.area + 900, abrasiveHours: at.abrasiveHours + 3 };
				expect(weight[calibrationDue(more, by, today).state]).toBeGreaterThanOrEqual(before);
				expect(weight[calibrationDue(at, by, addDays(today, later)).state]).toBeGreaterThanOrEqual(before);
				expect(calibrationDue({ ...at, event: 'pump' }, by, today).state).toBe('due');
			}),
			{ numRuns: 1500 }
		);
	});

	it('has a state that its reasons bear out, and words for each of them', () => {
		fc.assert(
			fc.property(since, rules, day, (at, by, today) => {
				const { state, reasons, day: next } = calibrationDue(at, by, today);
				expect(state).toBe(reasons.some((r) => r.due) ? 'due' : reasons.length > 0 ? 'soon' : 'good');
				if (state === 'due') expect(next !== null && next <= today).toBe(true);
				if (state === 'good' && next !== null) expect(next > addDays(today, 14)).toBe(true);
				for (const reason of reasons) expect(dueReasonText(reason, defaultSettings)).toMatch(/^[A-Z\d].*\.$/);
			}),
			{ numRuns: 800 }
		);
	});
});

it('time that was sprayed is never below nothing, and never over the time from first to last', () => {
	const act = fc.record({
		act: fc.constantFrom<SprayAct>('start', 'pause', 'go-on', 'end'),
		step: fc.integer({ min: 0, max: 20_000 })
	});
	fc.assert(
		fc.property(fc.array(act, { maxLength: 12 }), (list) => {
			let at = 0;
			const acts = list.map(({ act: a, step }) => ({ act: a, at: (at += step) }));
			const time = sprayedTime(acts);
			expect(time).toBeGreaterThanOrEqual(0);
			expect(time).toBeLessThanOrEqual(at);
		})
	);
});

it('a season’s sums do not mind how its uses are grouped, nor in which order they come', () => {
	const use = fc.record({
		block: fc.constantFrom('A', 'B'),
		product: fc.constantFrom('P', 'Q'),
		kind: fc.constantFrom('volume' as const, 'mass' as const),
		perGround: fc.integer({ min: 1, max: 1000 })
	});
	fc.assert(
		fc.property(fc.array(use, { maxLength: 30 }), fc.integer({ min: 0, max: 30 }), (uses, cut) => {
			const whole = seasonUse(uses, () => null);
			const [first, second] = [uses.slice(0, cut), uses.slice(cut)];
			const inTwo = [first, second].flatMap((part) => seasonUse(part, () => null));
			expect(seasonUse(inTwo, () => null)).toEqual(whole);
			expect(new Set(seasonUse([...uses].reverse(), () => null).map((u) => JSON.stringify(u)))).toEqual(
				new Set(whole.map((u) => JSON.stringify(u)))
			);
		})
	);
});

it('a run of a group is what looking back from the newest spraying finds', () => {
	const spraying = fc.record({
		block: fc.constantFrom('A', 'B'),
		groups: fc.uniqueArray(fc.constantFrom('3', '9', 'M'), { maxLength: 2 })
	});
	fc.assert(
		fc.property(fc.array(spraying, { maxLength: 20 }), (list) => {
			const found = groupRuns(list, 2);
			for (const block of ['A', 'B'])
				for (const group of ['3', '9', 'M'] as const) {
					const mine = list.filter((s) => s.block === block && s.groups.length > 0).reverse();
					const end = mine.findIndex((s) => !s.groups.includes(group));
					const times = end < 0 ? mine.length : end;
					expect(found.find((r) => r.block === block && r.group === group)?.times ?? 0).toBe(times >= 2 ? times : 0);
				}
		}),
		{ numRuns: 500 }
	);
});

it('a trend moves with its days and scales with its wear', () => {
	const point = fc.record({ day: fc.integer({ min: 0, max: 1500 }), wear: fc.integer({ min: 0, max: 120 }) });
	fc.assert(
		fc.property(fc.array(point, { minLength: 2, maxLength: 8 }), fc.integer({ min: -500, max: 500 }), (list, by) => {
			const points = list.map((p) => ({ day: p.day, wear: p.wear / 1000 }));
			const one = wearTrend(points, 0.1, 0.01);
			const moved = wearTrend(
				points.map((p) => ({ ...p, day: p.day + by })),
				0.1,
				0.01
			);
			const twice = wearTrend(
				points.map((p) => ({ ...p, wear: p.wear * 2 })),
				0.2,
				0.02
			);
			const shift = (v: number | null | undefined) => (v === null || v === undefined ? null : v - by);
			const close = (a: number | null | undefined, b: number | null) =>
				b === null || a == null
					? expect(a ?? null).toBe(b)
					: expect(Math.abs(a - b)).toBeLessThan(1e-4 * Math.max(1, Math.abs(b)));
			for (const end of ['crossing', 'earliest', 'latest'] as const) {
				// Far beyond a century the digits of a division end.
				if (Math.abs(one?.[end] ?? 0) > 1e5) continue;
				close(shift(moved?.[end]), one?.[end] ?? null);
				close(twice?.[end], one?.[end] ?? null);
			}
		}),
		{ numRuns: 600 }
	);
});

it('Today leaves nothing out and tells nothing twice, and no job stands before the calibration that it rests on', () => {
	const sprayer = fc.record({
		id: fc.constantFrom('a', 'b', 'c', 'd'),
		state: fc.constantFrom('good' as const, 'soon' as const, 'due' as const),
		open: fc.boolean()
	});
	const job = fc.record({
		day,
		state: fc.constantFrom('planned' as const, 'under-way' as const, 'sprayed' as const, 'closed' as const),
		sprayerId: maybe(fc.constantFrom('a', 'b', 'c', 'd'))
	});
	fc.assert(
		fc.property(
			fc.uniqueArray(sprayer, { selector: (s) => s.id, maxLength: 4 }),
			fc.array(job, { maxLength: 8 }),
			day,
			(drawn, list, today) => {
				const sprayers = drawn.map(({ id, state, open }): TodaySprayer => ({
					id,
					name: id,
					calibrationInProgress: open ? 'r' : null,
					due: {
						state,
						day: null,
						reasons:
							state === 'good' ? [] : [{ code: 'hours', due: state === 'due', at: 1, limit: 1, day: null, what: '' }]
					}
				}));
				const jobs = list
					.map((j, i): TodayJob => ({ ...j, id: `${i}`, sprayer: '', loads: 1, loadsOut: 0, blocks: [], products: [] }))
					.sort((x, y) => (x.day < y.day ? -1 : x.day > y.day ? 1 : 0));
				const items = todayItems(sprayers, jobs, today);
				expect(items.length).toBeGreaterThan(0);
				const jobIds = items.flatMap((i) => (i.kind === 'job' ? [i.job.id] : []));
				expect([...jobIds].sort()).toEqual(jobs.map((j) => j.id).sort());
				const wanted = sprayers.filter((s) => s.due.state === 'due' && !s.calibrationInProgress).map((s) => s.id);
				const told = items.flatMap((i) => (i.kind === 'calibrate' ? [i.sprayer.id] : []));
				expect([...told].sort()).toEqual([...wanted].sort());
				expect(items.flatMap((i) => (i.kind === 'in-progress' ? [i.sprayer.id] : [])).sort()).toEqual(
					sprayers
						.filter((s) => s.calibrationInProgress)
						.map((s) => s.id)
						.sort()
				);
				items.forEach((item, at) => {
					if (item.kind !== 'job' || item.job.state !== 'planned') return;
					if (!wanted.includes(item.job.sprayerId ?? '')) return;
					const calibrate = items.findIndex((i) => i.kind === 'calibrate' && i.sprayer.id === item.job.sprayerId);
					expect(calibrate).toBeLessThan(at);
				});
			}
		),
		{ numRuns: 1000 }
	);
});
