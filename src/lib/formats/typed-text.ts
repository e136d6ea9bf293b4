import type { Typed } from '../../core';
import { isBareNumber } from '../../core';
import { shortUnit } from './field-units';

/** A typed reading for showing: the text as it was typed, with its field's unit where it was a bare number. */
export const typedText = (typed: Typed): string =>
	isBareNumber(typed.text)
		? `${typed.text} ${typed.unit === 'oz' ? 'oz (weight)' : shortUnit(typed.unit)}`
		: typed.text;
