import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { YardAction } from '../index';
import {
	actInYard,
	calibrateSheet,
	exercises,
	faultKinds,
	faultSizes,
	faultsOf,
	machineFlows,
	measureYard,
	openYard,
	practiceSprayers,
	revealYard,
	revealingReading,
	si,
	trueRate,
	withFault,
	yardAfter
} from '../index';
import { drawMachine } from './draw-machine';
import '../../../tests/support/property-seed';

const seeds = [1, 7, 99, 4242, 1_000_003];

describe('a perfect measurer', () => {
	it.each(exercises.map((e) => [e.id, e] as const))('gets the truth of %s to 1e-9', (_, exercise) => {
		for (const seed of seeds) {
			const yard = openYard(exercise, seed);
			const result = calibrateSheet(measureYard(yard, 'perfect'));
			if (!result.ok) throw new Error(`${exercise.id} ${seed}: ${JSON.stringify(result.issues)}`);
			expect(Math.abs(result.value.rate.value / trueRate(yard.machine, yard.setting) - 1)).toBeLessThan(1e-9);
		}
	});
});

describe('water in the yard', () => {
	const nozzle = fc.integer({ min: 1, max: 16 });
	const seconds = fc.double({ min: 1, max: 120, noNaN: true }).map((s) => si<'time'>(s));
	const action: fc.Arbitrary<YardAction> = fc.oneof(
		fc.constantFrom<YardAction>(
			{ do: 'drive' },
			{ do: 'pans' },
			{ do: 'wet' },
			{ do: 'cover' },
			{ do: 'dip' },
			{ do: 'fill' },
			{ do: 'check-sight' },
			{ do: 'check-jug' },
			{ do: 'test-gauge' },
			{ do: 'look-fans' },
			{ do: 'open-filter', section: null },
			{ do: 'open-filter', section: 1 },
			{ do: 'replace', nozzle: null },
			{ do: 'set', gear: 0 }
		),
		nozzle.map((n): YardAction => ({ do: 'brush', nozzle: n })),
		fc.tuple(nozzle, seconds).map(([n, held]): YardAction => ({ do: 'catch', nozzles: [n], held })),
		seconds.map((time): YardAction => ({ do: 'park', time }))
	);
	it('is neither made nor lost, and the same doing gives the same yard', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...exercises),
				fc.integer({ min: 0, max: 1e6 }),
				fc.array(action, { maxLength: 14 }),
				(exercise, seed, actions) => {
					const yard = yardAfter(exercise, seed, actions);
					const { filled, tank, landed, caught, dripped } = yard.water;
					expect(Math.abs(filled - tank - landed - caught - dripped)).toBeLessThan(1e-12 + 1e-9 * filled);
					expect(tank).toBeGreaterThanOrEqual(0);
					expect(yardAfter(exercise, seed, actions)).toEqual(yard);
				}
			),
			{ numRuns: 150 }
		);
	});
	it('that is not there is not sprayed: the tank runs dry and nothing is read', () => {
		const yard = openYard(exercises[0]!, 3);
		const after = actInYard(yard, { do: 'park', time: si<'time'>(1e6) });
		expect(after.done[0]!.seen).toEqual({ of: 'dry' });
		expect(after.water.tank).toBe(0);
	});
});

describe('the answer and where its error comes from', () => {
	it.each(exercises.map((e) => [e.id, e] as const))('adds up to answer less truth in %s', (_, exercise) => {
		for (const seed of seeds) {
			const ground = ['plot-catch', 'refill'].includes(exercise.method);
			const doing: YardAction[] = ground ? [{ do: 'cover' }, { do: 'cover' }] : [{ do: 'drive' }, { do: 'drive' }];
			if (exercise.method === 'parked-drop') doing.push({ do: 'park', time: si<'time'>(61) });
			const yard = yardAfter(exercise, seed, [...doing, { do: 'set', rpm: 500 }]);
			const sheet = measureYard(openYard(exercise, seed + 1), 'perfect');
			const result = calibrateSheet(sheet);
			if (!result.ok) throw new Error('does not calibrate');
			const told = revealYard(yard, { sheet, rate: result.value.rate }, []);
			const sum = told.parts.reduce((s, p) => s + p.amount, 0);
			expect(sum).toBeCloseTo(result.value.rate.value - told.truth, 15);
		}
	});
	it('names the course where only the course was misread', () => {
		const exercise = exercises[0]!;
		const yard = yardAfter(exercise, 5, [{ do: 'drive' }]);
		const seen = yard.done[0]!.seen;
		const sheet = measureYard(openYard(exercise, 5), 'perfect');
		if (sheet.method !== 'speed-width-flow' || !('course' in sheet.speed) || seen.of !== 'drive') throw new Error();
		const wrong = { ...sheet, speed: { course: si<'length'>(66), times: [seen.pass] } };
		const result = calibrateSheet(wrong);
		if (!result.ok) throw new Error();
		const { parts } = revealYard(yard, { sheet: wrong, rate: result.value.rate }, []);
		const course = parts.find((p) => p.source === 'course')!;
		expect(course.amount).toBeLessThan(0);
		expect(parts[0]).toEqual(course);
		expect(parts.find((p) => p.source === 'watch')).toBeUndefined();
	});
});

describe('faults', () => {
	const kinds = exercises.filter((e) => ['boom-1', 'thrower-1', 'blower-1', 'knapsack-1'].includes(e.id));
	it('each change the sprayer or what it is measured by, and each has a reading that shows it', () => {
		for (const exercise of kinds) {
			const sound = drawMachine(exercise, 11);
			for (const kind of faultsOf[practiceSprayers[exercise.sprayer].sprayer.kind]) {
				const fault = { kind, at: 1, size: faultSizes[kind][1] };
				const faulty = withFault(sound, fault);
				expect(faulty).not.toEqual(sound);
				expect(revealingReading(sound, fault), `${exercise.id} ${kind}`).not.toBeNull();
			}
		}
	});
	it('of all kinds stand in the exercises', () => {
		const drawn = new Set(exercises.flatMap((e) => e.faults.of));
		expect(faultKinds.filter((kind) => !drawn.has(kind))).toEqual([]);
	});
	it('of one thing never stand together', () => {
		for (const exercise of exercises)
			for (let seed = 0; seed < 50; seed += 1) {
				const { faults } = openYard(exercise, seed);
				expect(faults).toHaveLength(exercise.faults.count);
				expect(faults.map((f) => f.kind.split('-')[0]!)).toHaveLength(
					new Set(faults.map((f) => f.kind.split('-')[0]!)).size
				);
			}
	});
	it('are gone once they are mended', () => {
		const exercise = exercises.find((e) => e.id === 'boom-2')!;
		const yard = openYard(exercise, 8);
		const { at } = yard.faults[0]!;
		const after = actInYard(yard, { do: 'brush', nozzle: at! });
		expect(after.done[0]!.seen).toEqual({ of: 'brush', nozzle: at, was: 'foul' });
		const { flows } = machineFlows(after.machine, after.setting);
		expect(Math.min(...flows) / Math.max(...flows)).toBeGreaterThan(0.96);
		expect(revealYard(after, null, []).grades.faults[0]).toMatchObject({ grade: 'missed', mended: true });
		expect(revealYard(after, null, [{ kind: 'nozzle-blocked', at }]).grades.faults[0]!.grade).toBe('found');
	});
});
