import type { Typed } from '../../core';
import { shortUnit } from './field-units';

/** A typed reading for showing: the text as it was typed, with its field's unit where it was a bare number. */
export const typedText = (typed: Typed): string =>
	/^[\d.,\s/½¼¾]+$/.test(typed.text) ? `${typed.text} ${shortUnit(typed.unit)}` : typed.text;
