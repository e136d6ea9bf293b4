import { describe, expect, it } from 'vitest';
import { Seeded } from '../../../tests/support/seeded';
import { usualSkill } from '../measurement/defaults';
import { si } from '../quantity/quantity';
import { lowSections } from './low-sections';
import { nozzleFlow } from './nozzle-flow';
import type { Catch, FlowReading } from './sheet';
import type { EvenRule } from './verdict';

/** The flow of a set once more, nozzle by nozzle and slowly, as its docstring says it. */
const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
const middleOf = (list: readonly number[]) => {
	const sorted = [...list].sort((a, b) => a - b);
	const [low, high] = [sorted[Math.floor((sorted.length - 1) / 2)]!, sorted[Math.ceil((sorted.length - 1) / 2)]!];
	return (low + high) / 2;
};
const spread2 = (list: readonly number[]) =>
	sum(list.map((v) => (v - sum(list) / list.length) ** 2)) / (list.length - 1);
const t95 = [0, 12.706, 4.3027, 3.1824, 2.7764, 2.5706, 2.4469, 2.3646, 2.306, 2.2622, 2.2281, 2.201, 2.1788];

function slowly(flow: FlowReading, time: number, rule: EvenRule) {
	const litre = 1e-3;
	const jug = (flow.graduation ?? 0.01 * litre) / Math.sqrt(12);
	const scale = (flow.scaleDivision ?? 0.01) / 998.2 / Math.sqrt(12);
	const toVolume = (c: Catch): number => ('volume' in c ? c.volume : 'mass' in c ? c.mass / 998.2 : c.flow * time);
	const rows = flow.catches.map((catches, i) => {
		const group = flow.groups?.[i] ?? '';
		const section = flow.sections?.[i] ?? 0;
		if (!catches || catches.length === 0) return { group, section, volumes: null, mean: 0, time2: 0, mark2: 0 };
		const volumes = catches.map(toVolume);
		const mean = sum(volumes) / volumes.length;
		const how = Object.keys(catches[0]!)[0];
		let time2 = how === 'flow' ? 0 : ((0.3 / time) * mean) ** 2;
		let mark2 = (how === 'flow' ? 0.02 * mean : how === 'mass' ? scale : jug) ** 2;
		if (volumes.length > 1) {
			const one = time2 + mark2;
			const more = one === 0 ? 0 : Math.max(1, spread2(volumes) / one) / volumes.length;
			time2 *= more;
			mark2 *= more;
		}
		return { group, section, volumes, mean, time2, mark2 };
	});
	const names = [...new Set(rows.map((r) => r.group))];
	const count = Math.max(flow.nozzles ?? 0, rows.length);
	const inGroup = (name: string) => rows.filter((r) => r.group === name);
	const known = names.filter((name) => inGroup(name).some((r) => r.volumes));
	const parts = known.map((name) => {
		const own = inGroup(name).filter((r) => r.volumes);
		const size = names.length === 1 ? count : inGroup(name).length;
		const up = size / own.length;
		const means = own.map((r) => r.mean);
		const unseen =
			size === own.length
				? 0
				: own.length === 1
					? size * 0.05 * means[0]!
					: (size * Math.sqrt(spread2(means)) * t95[own.length - 1]!) / 2 / Math.sqrt(own.length);
		return {
			size,
			volume: sum(means) * up,
			time2: sum(own.map((r) => r.time2)) * up ** 2,
			mark2: sum(own.map((r) => r.mark2)) * up ** 2 + unseen ** 2
		};
	});
	const stretch = count / sum(parts.map((p) => p.size));
	const volume = sum(parts.map((p) => p.volume)) * stretch;
	const anyCaught = rows.filter((r) => r.volumes);
	const relative = new Map(
		known.map((name) => [
			name,
			middleOf(
				inGroup(name)
					.filter((r) => r.volumes)
					.map((r) => r.mean)
			)
		])
	);
	const low =
		flow.sections && new Set(flow.sections).size > 1
			? lowSections(
					anyCaught.map((r) => r.mean / (relative.get(r.group)! || 1)),
					anyCaught.map((r) => r.section)
				).map((s) => s.section)
			: [];
	const judges = new Map(
		known.map((name) => {
			const own = inGroup(name).filter((r) => r.volumes);
			const middle = middleOf(own.map((r) => r.mean)) / time;
			const sound = own.filter((r) => !low.includes(r.section)).map((r) => r.mean);
			const of = sound.length > 0 ? sound : own.map((r) => r.mean);
			const near = of.filter((v) => Math.abs(v - middleOf(of)) <= 0.05 * middleOf(of) * (1 + 2e-8));
			const reference = (near.length > 0 ? sum(near) / near.length : middleOf(of)) / time;
			const rating = flow.ratings?.[name] ?? flow.rated;
			const rated = rating && flow.pressure ? rating.flow * Math.sqrt(flow.pressure / rating.at) : null;
			const mean = sum(own.map((r) => r.mean)) / own.length;
			const how = Object.keys(flow.catches.find((c) => c && c.length > 0)![0]!)[0];
			const timing = flow.catching === 'together' ? 0 : 0.3 / time;
			const u95 =
				mean === 0 ? 0 : how === 'flow' ? 0.04 : 2 * Math.hypot(timing, (how === 'mass' ? scale : jug) / mean);
			const by = rule === 'rated' && rated !== null ? ('rated' as const) : ('average' as const);
			return [name, { reference, rated, middle, u95, by, band: by === 'rated' ? 0.1 : 0.05 }] as const;
		})
	);
	return {
		count,
		caught: anyCaught.length,
		volume,
		catchTime:
			flow.catching === 'together' ? 0.3 / time : (Math.sqrt(sum(parts.map((p) => p.time2))) * stretch) / volume,
		catchVolume: (Math.sqrt(sum(parts.map((p) => p.mark2))) * stretch) / volume,
		judges,
		nozzles: rows.map((r, i) => {
			const j = judges.get(r.group);
			const n = flow.numbers?.[i] ?? i + 1;
			if (!r.volumes || !j)
				return { n, flow: null, fromAverage: null, fromRated: null, off: null, verdict: 'not caught', catches: 0 };
			const q = r.mean / time;
			const against = j.by === 'rated' ? j.rated! : j.reference;
			const off = against > 0 ? q / against - 1 : null;
			const wide = j.u95 / Math.sqrt(r.volumes.length);
			const gap = Math.abs(q / against - 1);
			const out = gap > j.band + 1e-9;
			const told = wide <= j.band + 1e-9 || gap > j.band + wide + 1e-9;
			const verdict =
				q === 0 || q < 0.1 * j.middle
					? 'blocked'
					: !told
						? 'cannot tell'
						: !out
							? 'even'
							: q < against
								? 'low'
								: 'high';
			return {
				n,
				flow: q,
				fromAverage: j.reference > 0 ? q / j.reference - 1 : null,
				fromRated: j.rated === null ? null : q / j.rated - 1,
				off,
				verdict,
				catches: r.volumes.length
			};
		})
	};
}

function make(chance: Seeded): { flow: FlowReading; time: number; rule: EvenRule } {
	const listed = chance.whole(1, 9);
	const time = chance.between(4, 60);
	const how = ['volume', 'volume', 'mass', 'flow'][chance.whole(0, 3)]!;
	const often = chance.whole(0, 3) === 0;
	const one = (i: number, level: number): Catch => {
		const volume = 2e-5 * time * level * (1 + (i % 2) * 0.03 * chance.next()) * (1 + 0.02 * chance.normal(0, 1));
		if (how === 'mass') return { mass: si<'mass'>(volume * 998.2) };
		return how === 'flow' ? { flow: si<'flow'>(volume / time) } : { volume: si<'volume'>(volume) };
	};
	const groups = chance.next() < 0.4 ? Array.from({ length: listed }, () => 'abc'[chance.whole(0, 2)]!) : undefined;
	const sections =
		chance.next() < 0.6
			? Array.from({ length: listed }, (_, i) => Math.floor((i * chance.whole(1, 3)) / 5))
			: undefined;
	const weak = chance.whole(0, 3);
	const catches = Array.from({ length: listed }, (_, i) => {
		if (i > 0 && chance.next() < 0.2) return chance.next() < 0.5 ? null : [];
		const kind = chance.next();
		const level =
			(groups?.[i] === 'b' ? 2 : 1) *
			(sections?.[i] === weak ? 0.85 : 1) *
			(kind < 0.08 ? 0 : kind < 0.16 ? 0.05 : kind < 0.3 ? 0.8 : 1);
		return Array.from({ length: often ? chance.whole(1, 3) : 1 }, () => one(i, i === 0 ? Math.max(level, 0.5) : level));
	});
	const rated = { flow: si<'flow'>(2e-5 * chance.between(0.85, 1.15)), at: si<'pressure'>(3e5) };
	return {
		time,
		rule: chance.next() < 0.5 ? 'average' : 'rated',
		flow: {
			catches,
			...(groups ? { groups } : {}),
			...(sections ? { sections } : {}),
			...(chance.next() < 0.3 ? { nozzles: listed + chance.whole(0, 20) } : {}),
			...(chance.next() < 0.3 ? { numbers: Array.from({ length: listed }, (_, i) => 2 * i + 3) } : {}),
			...(chance.next() < 0.5 ? { rated } : {}),
			...(chance.next() < 0.3 ? { ratings: { a: { ...rated, at: si<'pressure'>(2e5) } } } : {}),
			...(chance.next() < 0.7 ? { pressure: si<'pressure'>(2.5e5) } : {}),
			...(chance.next() < 0.3 ? { catching: 'together' as const } : {}),
			...(chance.next() < 0.3 ? { graduation: si<'volume'>(5e-5) } : {}),
			...(chance.next() < 0.3 ? { scaleDivision: si<'mass'>(0.1) } : {})
		}
	};
}

describe('the flow of a set', () => {
	it('is what the slow way says, for every kind of set that was made up', () => {
		const chance = new Seeded(20261128);
		const near = (a: number | null | undefined, b: number | null) =>
			a === b || Math.abs((a ?? NaN) - (b ?? NaN)) <= 1e-4 * Math.max(1e-12, Math.abs(b ?? NaN));
		const seen = new Set<string>();
		for (let i = 0; i < 1500; i += 1) {
			const { flow, time, rule } = make(chance);
			const got = nozzleFlow(flow, si<'time'>(time), usualSkill, rule);
			const wanted = slowly(flow, time, rule);
			const said = `${i}: ${JSON.stringify(flow)} ${time} ${rule}`;
			expect([got.count, got.caught, got.nozzles.map((n) => n.n)], said).toEqual([
				wanted.count,
				wanted.caught,
				wanted.nozzles.map((n) => n.n)
			]);
			// Nearly nothing but a drop may be nothing at all: the shares of nothing are not compared.
			if (wanted.volume > 0) {
				expect(near(got.volume.value, wanted.volume), said).toBe(true);
				expect(near(got.meanCatch, wanted.volume / wanted.count), said).toBe(true);
				const term = (input: string) => got.volume.errors.find((e) => e.input === input)!.relative;
				expect(near(term('catchTime'), wanted.catchTime), said).toBe(true);
				expect(near(term('catchVolume'), wanted.catchVolume), said).toBe(true);
			}
			expect(
				got.nozzles.map((n) => n.verdict),
				said
			).toEqual(wanted.nozzles.map((n) => n.verdict));
			for (const [at, n] of got.nozzles.entries()) {
				const w = wanted.nozzles[at]!;
				seen.add(n.verdict);
				expect(n.catches.length, said).toBe(w.catches);
				for (const share of ['flow', 'fromAverage', 'fromRated', 'off'] as const)
					expect(
						w[share] === null ? n[share] === null : Math.abs(n[share]! - w[share]) <= 1e-9 + 1e-4 * Math.abs(w[share]),
						`${said} nozzle ${w.n} ${share}: ${n[share]} for ${w[share]}`
					).toBe(true);
			}
			expect([...got.standards.keys()], said).toEqual([...wanted.judges.keys()]);
			for (const [name, j] of wanted.judges) {
				const s = got.standards.get(name)!;
				expect([s.by, s.band], said).toEqual([j.by, j.band]);
				expect(near(s.u95, j.u95), said).toBe(true);
				expect(near(s.middle, j.middle), said).toBe(true);
				expect(near(got.references.get(name), j.reference), said).toBe(true);
			}
		}
		expect([...seen].sort()).toEqual(['blocked', 'cannot tell', 'even', 'high', 'low', 'not caught']);
	});
});
