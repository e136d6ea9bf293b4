import { describe, expect, it } from 'vitest';
import type { TakeAnswer } from './farm-take.svelte';
import { FarmTakeState } from './farm-take.svelte';

const zip = (name = 'farm.zip', size = 10) => Object.assign(new Blob(['x'.repeat(size)]), { name });
const done: TakeAnswer = { ok: true, name: 'Other farm', counts: { sprayer: 2 } };

describe('taking a whole farm in', () => {
	it('asks for the farm’s name before all that is here is replaced', async () => {
		const sent: boolean[] = [];
		const state = new FarmTakeState('My Farm', false, (_, replace) => {
			sent.push(replace);
			return Promise.resolve(done);
		});
		expect(state.ready).toBe(false);
		state.pick(zip());
		expect(state.ready).toBe(false);
		state.typed = 'my far';
		await state.take();
		expect(sent).toEqual([]);
		state.typed = ' my farm ';
		expect(state.ready).toBe(true);
		await state.take();
		expect(sent).toEqual([true]);
		expect(state.answer).toEqual(done);
	});

	it('goes at once into a farm without entries, and never as a replacement', async () => {
		const sent: boolean[] = [];
		const state = new FarmTakeState('My farm', true, (_, replace) => {
			sent.push(replace);
			return Promise.resolve(done);
		});
		state.pick(zip());
		await state.take();
		expect(sent).toEqual([false]);
	});

	it('gives back a file that is none, and says so where nobody answers', async () => {
		const state = new FarmTakeState('My farm', true, () => Promise.reject(new Error('gone')));
		state.pick(zip('notes.txt'));
		expect(state.problem).toContain('“notes.txt” is no zip');
		await state.take();
		expect(state.answer).toBeNull();
		state.pick(zip('farm.ZIP'));
		expect(state.problem).toBe('');
		await state.take();
		expect(state.answer).toMatchObject({ ok: false });
		expect(state.busy).toBe(false);
		// Another file makes a fresh start.
		state.pick(zip());
		expect(state.answer).toBeNull();
	});
});
