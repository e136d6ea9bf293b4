import { m } from '$words';
import type { BlockKind, Compass, Neighbour, NeighbourKind, TypedExtent } from '../../core';

export const blockKindWords: Readonly<Record<BlockKind, string>> = {
	get field() {
		return m.field();
	},
	get orchard() {
		return m.orchard_block();
	},
	get bed() {
		return m.bed();
	},
	get strip() {
		return m.strip();
	},
	get surface() {
		return m.surface();
	}
};

export const neighbourWords: Readonly<Record<NeighbourKind, string>> = {
	get water() {
		return m.water();
	},
	get hives() {
		return m.hives();
	},
	get houses() {
		return m.houses();
	},
	get 'sensitive-crop'() {
		return m.a_sensitive_crop();
	},
	get road() {
		return m.a_road();
	},
	get stock() {
		return m.stock();
	}
};

export const compassWords: Readonly<Record<Compass, string>> = {
	get N() {
		return m.north();
	},
	get NE() {
		return m.north_east();
	},
	get E() {
		return m.east();
	},
	get SE() {
		return m.south_east();
	},
	get S() {
		return m.south();
	},
	get SW() {
		return m.south_west();
	},
	get W() {
		return m.west();
	},
	get NW() {
		return m.north_west();
	}
};

/** A neighbour of a block with its side and its note: `Hives to the north-east: the old orchard`. */
export const neighbourTold = ({ what, side, note }: Neighbour): string =>
	note
		? m.to_the_noted({ what: neighbourWords[what], side: compassWords[side], note })
		: m.to_the({ what: neighbourWords[what], side: compassWords[side] });

export const extentWords: Readonly<Record<TypedExtent['by'], string>> = {
	get area() {
		return m.area();
	},
	get sides() {
		return m.length_width();
	},
	get rows() {
		return m.rows();
	},
	get trees() {
		return m.trees();
	},
	get boundary() {
		return m.boundary();
	}
};
