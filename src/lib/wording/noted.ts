import type { NotedThing } from '../../core';

/** What is written down beside the readings, by name. */
export const notedNames: Readonly<Record<NotedThing, string>> = {
	strokes: 'Strokes or gauge',
	orifice: 'Orifice or dial',
	engine: 'Engine speed',
	pto: 'PTO speed',
	fan: 'Fan',
	wand: 'Wand',
	dial: 'Dial',
	ground: 'Ground'
};
