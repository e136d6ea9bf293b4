import { describe, expect, it } from 'vitest';
import { signOff, t, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { calibrationState } from '../../../tests/support/calibration-state';

describe('a calibration as it is worked on', () => {
	it('keeps an entry on the device before it shows it, and asks for it to be sent', async () => {
		const { state, store, head, kicks } = await calibrationState();
		expect(await state.add({ kind: 'course', length: t('60', 'm') })).toEqual([]);
		expect(state.entered.course?.typed.text).toBe('60');
		expect((await store.open(head.id))?.entries).toHaveLength(1);
		expect(kicks()).toBe(1);
	});

	it('keeps nothing that does not read, and says why', async () => {
		const { state, store, head, kicks } = await calibrationState();
		expect(await state.add({ kind: 'course', length: t('3 L', 'm') })).toMatchObject([
			{ code: 'wrong-kind', text: '3 L' }
		]);
		expect((await store.open(head.id))?.entries).toEqual([]);
		expect(kicks()).toBe(0);
	});

	it('shows nothing that the device could not keep', async () => {
		const { state, store } = await calibrationState();
		store.failNext = new Error('the disk is full');
		expect(await state.add({ kind: 'course', length: t('60', 'm') })).toEqual([
			{ code: 'not-stored', path: '', text: 'the disk is full' }
		]);
		expect(state.entered.course).toBeNull();
		expect(state.storeError).toBe('the disk is full');
		expect(await state.add({ kind: 'course', length: t('60', 'm') })).toEqual([]);
		expect(state.storeError).toBeNull();
	});

	it('goes by the sprayer as it was corrected, with every reading that still fits it', async () => {
		const { state, head } = await calibrationState(wholeCalibration);
		const before = state.answer!.rate.value;
		const sprayer = { ...testSprayer, spacing: t('25', 'cm') };
		expect(await state.add({ kind: 'rig', rig: sprayer })).toEqual([]);
		expect(state.head.rig.spacing!.text).toBe('25');
		// Half the width for the same flow.
		expect(state.answer!.rate.value / before).toBeCloseTo(2, 9);
		expect(await state.add({ kind: 'rig', rig: { ...sprayer, nozzles: 4, sections: [4] } })).toEqual([]);
		expect(state.on).toEqual([1, 2, 3, 4]);
		expect(state.answer!.nozzles!.count).toBe(4);
		expect(await state.add({ kind: 'rig', rig: { ...sprayer, sections: [2, 2] } })).toMatchObject([
			{ code: 'sections-mismatch', path: 'rig.sections' }
		]);
		expect(await state.add({ kind: 'rig', rig: { ...sprayer, kind: 'boomless' } })).toMatchObject([
			{ path: 'rig.kind' }
		]);
		expect(head.rig).toEqual(testSprayer);
	});

	it('of a sprayer whose nozzles nobody counted is measured at the tank, until they are counted', async () => {
		const { spacing: _, ...plain } = testSprayer;
		const sprayer = { ...plain, nozzles: 1, sections: [1], uncounted: true as const };
		const { state } = await calibrationState([], {}, sprayer);
		expect(state.method).toBe('refill');
		await state.add({ kind: 'plot', ground: { by: 'area', area: t('1000', 'm2') } });
		await state.add({ kind: 'used', reading: { added: t('20', 'L') } });
		expect(state.answer!.rate.value * 1e7).toBeCloseTo(200, 9);
		await state.add({ kind: 'rig', rig: testSprayer });
		expect(state.method).toBe('speed-width-flow');
		expect(state.on).toHaveLength(6);
	});

	it('of a boom whose spacing nobody knows wants its width taped', async () => {
		const { spacing: _, ...sprayer } = testSprayer;
		const { state } = await calibrationState(wholeCalibration, {}, sprayer);
		expect(state.result).toMatchObject({ ok: false, issues: [{ code: 'missing', path: 'width.wetted' }] });
		await state.add({ kind: 'wetted', width: t('3', 'm') });
		expect(state.width).toBeCloseTo(3, 9);
		expect(state.answer).not.toBeNull();
	});

	it('keeps the order of a quick hand', async () => {
		const { state } = await calibrationState();
		await Promise.all(['1', '2', '3', '4'].map((n) => state.add({ kind: 'run', time: t(`2${n}`), by: 'typed' })));
		expect(state.entered.runs.map((r) => r.time.typed.text)).toEqual(['21', '22', '23', '24']);
		expect(state.entries.map((e) => e.seq)).toEqual([0, 1, 2, 3]);
	});

	it('grows an answer: nothing, then one run and one catch, then all of it', async () => {
		const { state } = await calibrationState(wholeCalibration.slice(0, 2));
		expect(state.answer).toBeNull();
		await state.add(wholeCalibration[2]!);
		await state.keepCatch(1, '602', 'first', 'ml');
		const early = state.answer;
		expect(early).not.toBeNull();
		for (const body of wholeCalibration.slice(3))
			if (!(body.kind === 'catch' && body.nozzle === 1)) await state.add(body);
		expect(state.answer!.relativeUncertainty95).toBeLessThan(early!.relativeUncertainty95);
		expect(state.steps.map((s) => [s.name, Math.round(s.done * 100)])).toEqual([
			['ready', 6],
			['speed', 100],
			['swath', 100],
			['flow', 100],
			['volume', 100],
			['adjust', 0],
			['sign-off', 0]
		]);
	});

	it('writes down how long the jugs are held with the first catch', async () => {
		const { state } = await calibrationState();
		await state.keepCatch(1, '602', 'first', 'ml');
		await state.keepCatch(2, '600', 'first', 'ml');
		expect(state.entries.map((e) => e.kind)).toEqual(['catch-time', 'catch', 'catch']);
		expect(state.entered.catchTime?.typed.text).toBe('30');
	});

	it('never puts the usual time over one that is typed, on its way to a slow device', async () => {
		const { state } = await calibrationState();
		await Promise.all([
			state.add({ kind: 'catch-time', time: t('45', 's') }),
			state.keepCatch(1, '602', 'first', 'ml'),
			state.keepCatch(2, '600', 'first', 'ml')
		]);
		expect(state.entered.catchTime?.typed.text).toBe('45');
		expect(state.entries.map((e) => e.kind)).toEqual(['catch-time', 'catch', 'catch']);
	});

	it('carries a changed course through to the answer', async () => {
		const { state } = await calibrationState(wholeCalibration);
		const before = state.answer!.rate.value;
		await state.add({ kind: 'course', length: t('120', 'm') });
		expect(state.answer!.rate.value).toBeCloseTo(before / 2, 12);
	});

	it('judges catches before any run was timed', async () => {
		const { state } = await calibrationState();
		for (const [n, ml] of ['600', '602', '500'].entries()) await state.keepCatch(n + 1, ml, 'first', 'ml');
		expect(state.flow?.nozzles.slice(0, 3).map((n) => n.verdict)).toEqual(['even', 'even', 'low']);
		expect(state.answer).toBeNull();
	});

	it('is read-only once it is signed off', async () => {
		const { state } = await calibrationState([...wholeCalibration, signOff]);
		expect(state.signedOff).toBe(true);
		await state.add({ kind: 'run', time: t('20'), by: 'typed' });
		expect(state.entered.runs).toHaveLength(3);
	});

	it('goes by the farm’s rule of evenness', async () => {
		const bodies = [...wholeCalibration, { kind: 'gauge', pressure: t('3', 'bar') } as const];
		const low = [...bodies, { kind: 'catch', nozzle: 3, amount: t('550', 'ml'), why: 'cleaned' } as const];
		const average = await calibrationState(low);
		const rated = await calibrationState(low, { evenRule: 'rated' });
		expect(average.state.flow?.nozzles[2]?.verdict).toBe('low');
		expect(rated.state.flow?.nozzles[2]?.verdict).toBe('even');
	});

	it('takes in what another device added', async () => {
		const { state } = await calibrationState(wholeCalibration.slice(0, 3));
		const other = await calibrationState(wholeCalibration);
		state.takeIn(other.state.entries);
		expect(state.entries).toHaveLength(wholeCalibration.length);
	});

	it('refuses to open on a sprayer that does not read: that is a bug, not a reading', async () => {
		await expect(calibrationState([], {}, { ...testSprayer, sections: [1] })).rejects.toThrow('does not read');
	});
});
