import { z } from 'zod';
import { isDay } from '../../core/index';

/** Farthest that a clock is from that of Greenwich anywhere, hours. */
const farthest = 14;

/** A moment that a database can hold: a day of the calendar, by a clock that there is somewhere. */
export const momentSchema = z.iso.datetime({ offset: true }).refine((text) => {
	const offset = /[+-](\d\d):?(\d\d)$/.exec(text);
	const hours = offset ? Number(offset[1]) + Number(offset[2]) / 60 : 0;
	return hours <= farthest && isDay(text.slice(0, 10)) && !text.startsWith('0000');
});

/** A day of the calendar, YYYY-MM-DD, of a year that there was. */
export const daySchema = z.iso.date().refine((text) => isDay(text) && !text.startsWith('0000'));
