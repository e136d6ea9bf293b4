import { m } from '$words';
import type { NotedThing } from '../../core';

/** What is written down beside the readings, by name. */
export const notedNames: Readonly<Record<NotedThing, string>> = {
	get strokes() {
		return m.strokes_or_gauge();
	},
	get orifice() {
		return m.orifice_or_dial();
	},
	get engine() {
		return m.engine_speed();
	},
	get pto() {
		return m.pto_speed();
	},
	get fan() {
		return m.fan();
	},
	get wand() {
		return m.wand();
	},
	get dial() {
		return m.dial();
	},
	get ground() {
		return m.ground();
	}
};
