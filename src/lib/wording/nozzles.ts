import { m } from '$words';
import type { DropletClass, Nozzle, NozzleKind } from '../../core';

/** What a kind of nozzle is called. */
export const nozzleKindWords: Readonly<Record<NozzleKind, string>> = {
	get 'flat-fan'() {
		return m.flat_fan();
	},
	get 'pre-orifice'() {
		return m.pre_orifice_fan();
	},
	get 'air-induction'() {
		return m.air_induction_fan();
	},
	get 'hollow-cone'() {
		return m.hollow_cone();
	},
	get 'full-cone'() {
		return m.full_cone();
	},
	get 'off-centre'() {
		return m.off_centre();
	},
	get 'disc-core'() {
		return m.disc_and_core();
	}
};

export const dropletWords: Readonly<Record<DropletClass, string>> = {
	get 'extremely-fine'() {
		return m.extremely_fine();
	},
	get 'very-fine'() {
		return m.very_fine();
	},
	get fine() {
		return m.fine();
	},
	get medium() {
		return m.medium();
	},
	get coarse() {
		return m.coarse();
	},
	get 'very-coarse'() {
		return m.very_coarse();
	},
	get 'extremely-coarse'() {
		return m.extremely_coarse();
	},
	get 'ultra-coarse'() {
		return m.ultra_coarse();
	}
};

/** A nozzle by name: a generic entry goes by its kind and size. */
export const nozzleName = (nozzle: Pick<Nozzle, 'key' | 'name' | 'kind' | 'size'>): string =>
	nozzle.key.startsWith('iso-') ? `${nozzleKindWords[nozzle.kind]} ${nozzle.size}` : nozzle.name;

/** All words that a nozzle is found by. */
export const nozzleText = (nozzle: Pick<Nozzle, 'key' | 'name' | 'kind' | 'size'>): string =>
	`${nozzleName(nozzle)} ${nozzle.kind} ${nozzle.size}`.toLowerCase();

/** The colours of ISO 10625 by their names; the standard's own words are the keys. */
export const colourWords: Readonly<Record<string, string>> = {
	get orange() {
		return m.colour_orange();
	},
	get green() {
		return m.colour_green();
	},
	get yellow() {
		return m.colour_yellow();
	},
	get lilac() {
		return m.colour_lilac();
	},
	get blue() {
		return m.colour_blue();
	},
	get red() {
		return m.colour_red();
	},
	get brown() {
		return m.colour_brown();
	},
	get grey() {
		return m.colour_grey();
	},
	get white() {
		return m.colour_white();
	}
};
