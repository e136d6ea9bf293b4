import { m } from '$words';
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
			m.is_mb_mb_is_the_most({ told, figure: Math.round(file.size / 1e6), groundFileLimit: groundFileLimit / 1e6 })
		);
	const json = await jsonOf(file, told);
	if (typeof json === 'string') return no(json);
	const ground = groundOfGeoJson(json.value);
	if (!ground) return no(m.is_not_geojson_it_begins_like({ told }));
	if (ground.found.length === 0)
		return no(
			m.has_no_polygons_in_it_a({
				told,
				which: ground.others > 0 ? m.only_points_lines_or_empty_shapes({ others: ground.others }) : ''
			})
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
			return m.is_not_a_zipped_shapefile_it({ told });
		}
	}
	const text = await file.text();
	if (name.endsWith('.kml')) {
		const { kml } = await import('@tmcw/togeojson');
		const document = new DOMParser().parseFromString(text, 'application/xml');
		if (document.querySelector('parsererror')) return m.is_not_kml_that_can_be({ told });
		return { value: kml(document) };
	}
	if (name.endsWith('.shp') || name.endsWith('.dbf')) return m.is_one_part_of_a_shapefile({ told });
	try {
		return { value: JSON.parse(text) as unknown };
	} catch {
		return m.is_not_geojson_that_can_be({ told });
	}
}
