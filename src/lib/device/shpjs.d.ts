declare module 'shpjs' {
	/** GeoJSON of a zipped shapefile, in degrees; a list where the zip holds several. */
	export default function shp(buffer: ArrayBuffer): Promise<unknown>;
}
