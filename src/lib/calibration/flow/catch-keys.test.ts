import { describe, expect, it } from 'vitest';
import { onCatchKey } from './catch-keys';

function press(key: string, text: string, caret: number, upward: 'back' | 'on' = 'back') {
	const did: string[] = [];
	let kept = false;
	onCatchKey(
		{
			key,
			currentTarget: { selectionStart: caret, selectionEnd: caret, value: text },
			preventDefault: () => void (kept = true)
		} as unknown as Parameters<typeof onCatchKey>[0],
		5,
		upward,
		{
			enter: (n) => did.push(`enter ${n}`),
			escape: (n) => did.push(`escape ${n}`),
			move: (n, by) => did.push(`move ${n} ${by}`)
		}
	);
	return [...did, kept ? 'taken' : 'left'];
}

describe('keys in a jug', () => {
	it('Enter keeps, Escape takes back', () => {
		expect(press('Enter', '19.2', 4)).toEqual(['enter 5', 'taken']);
		expect(press('Escape', '19.2', 4)).toEqual(['escape 5', 'taken']);
	});
	it('left and right go on from the ends of the text, and move within it', () => {
		expect(press('ArrowLeft', '19.2', 0)).toEqual(['move 5 -1', 'taken']);
		expect(press('ArrowLeft', '19.2', 2)).toEqual(['left']);
		expect(press('ArrowRight', '19.2', 4)).toEqual(['move 5 1', 'taken']);
		expect(press('ArrowRight', '19.2', 2)).toEqual(['left']);
	});
	it('up is back along a boom, and on up an arc', () => {
		expect(press('ArrowUp', '', 0, 'back')).toEqual(['move 5 -1', 'taken']);
		expect(press('ArrowUp', '', 0, 'on')).toEqual(['move 5 1', 'taken']);
		expect(press('ArrowDown', '', 0, 'on')).toEqual(['move 5 -1', 'taken']);
	});
	it('digits are typing', () => {
		expect(press('7', '1', 1)).toEqual(['left']);
	});
});
