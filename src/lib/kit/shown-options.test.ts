import { describe, expect, it } from 'vitest';
import { shownOptions } from './shown-options';

const named = (...names: string[]) => names.map((label) => ({ label }));
const shown = (typed: string, ...names: string[]) => shownOptions(named(...names), typed).map((one) => one.label);

describe('options that a search leaves', () => {
	it('hold each word that was typed, whatever its case or accents, in any order', () => {
		expect(shown('rows hazel', 'Hazel rows', 'Hazel yard', 'Rows')).toEqual(['Hazel rows']);
		expect(shown('CANA', 'Caña baja', 'Cider pears')).toEqual(['Caña baja']);
		expect(shown('xyz', 'Hazel rows')).toEqual([]);
	});
	it('begin with it first, and stand in their order else', () => {
		expect(shown('me', 'Long meadow', 'Meadow', 'Home', 'Mere')).toEqual(['Meadow', 'Mere', 'Long meadow', 'Home']);
		expect(shown('  ', 'B', 'A')).toEqual(['B', 'A']);
	});
	it('are never more than a person looks through', () => {
		expect(shownOptions(named(...Array.from({ length: 500 }, (_, i) => `Block ${i}`)), 'block')).toHaveLength(60);
	});
});
