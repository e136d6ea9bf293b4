/** A place on the earth, degrees, WGS 84; north and east are above zero. */
export interface Place {
	readonly latitude: number;
	readonly longitude: number;
}
