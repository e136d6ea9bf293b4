import type { FoundGround } from '$lib/ground/boundary';
import { groundOfGeoJson } from '$lib/ground/boundary';

/** Larger files are refused by their size, before they are read. */
const groundFileLimit = 10_000_000;

export type GroundRead =
	| { readonly ok: true; readonly found: readonly FoundGround[]; readonly others: number }
	| { readonly ok: false; readonly problem: string };

const no = (problem: string): GroundRead => ({ ok: false, problem });

/** Ground from a file: GeoJSON, KML, or a zipped shapefile. */
export async function readGround(file: Pick<File, 'name' | 'size' | 'text' | 'arrayBuffer'>): Promise<GroundRead> {
	const told = `“${file.name}”`;
	if (file.size > groundFileLimit)
		return no(
			`${told} is ${Math.round(file.size / 1e6)} MB; ${groundFileLimit / 1e6} MB is the most. Take out what is not ground of this farm.`
		);
	const json = await jsonOf(file, told);
	if (typeof json === 'string') return no(json);
	const ground = groundOfGeoJson(json.value);
	if (!ground) return no(`${told} is not GeoJSON. It begins like {"type": "FeatureCollection", "features": […]}.`);
	if (ground.found.length === 0)
		return no(
			`${told} has no polygons in it${ground.others > 0 ? `, only ${ground.others} points, lines or empty shapes` : ''}. A block is a polygon.`
		);
	return { ok: true, ...ground };
}

/** What a file holds as GeoJSON, or why it cannot be read. */
async function jsonOf(
	file: Pick<File, 'name' | 'text' | 'arrayBuffer'>,
	told: string
): Promise<{ readonly value: unknown } | string> {
	const name = file.name.toLowerCase();
	if (name.endsWith('.zip')) {
		try {
			const { default: shp } = await import('shpjs');
			return { value: await shp(await file.arrayBuffer()) };
		} catch {
			return `${told} is not a zipped shapefile. It holds a .shp, a .dbf and a .prj, zipped together.`;
		}
	}
	const text = await file.text();
	if (name.endsWith('.kml')) {
		const { kml } = await import('@tmcw/togeojson');
		const document = new DOMParser().parseFromString(text, 'application/xml');
		if (document.querySelector('parsererror')) return `${told} is not KML that can be read: its XML is broken.`;
		return { value: kml(document) };
	}
	if (name.endsWith('.shp') || name.endsWith('.dbf'))
		return `${told} is one part of a shapefile. Zip its .shp, .dbf and .prj together and open the zip.`;
	try {
		return { value: JSON.parse(text) as unknown };
	} catch {
		return `${told} is not GeoJSON that can be read: its JSON is broken.`;
	}
}
