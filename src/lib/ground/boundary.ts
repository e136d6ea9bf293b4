import { m } from '$words';
import { z } from 'zod';
import type { Boundary, Issue, Position, TypedBlock } from '../../core/index';
import { bad, checkBoundary, good, readNumber } from '../../core/index';
import type { Result } from '../../core/index';

const position = z
	.tuple([z.number(), z.number()])
	.rest(z.number())
	.transform(([x, y]): Position => [x, y]);

/** Boundary as GeoJSON has the coordinates of a MultiPolygon; heights are left away. */
export const boundarySchema = z.array(z.array(z.array(position)));

const geometrySchema = z.discriminatedUnion('type', [
	z.object({ type: z.literal('Polygon'), coordinates: z.array(z.array(position)) }),
	z.object({ type: z.literal('MultiPolygon'), coordinates: boundarySchema })
]);

/** Ground from a file, before it is a block. */
export interface FoundGround {
	readonly name: string;
	readonly boundary: Boundary;
	readonly issues: readonly Issue[];
}

const nameKeys = ['name', 'Name', 'NAME', 'title', 'field', 'Field', 'FIELD', 'block', 'Block', 'id'];

/**
 * The polygons of a GeoJSON value (a feature collection, a feature or a geometry), each with what is wrong with it; what is
 * no polygon is counted. Null where it is no GeoJSON.
 */
export function groundOfGeoJson(
	json: unknown
): { readonly found: readonly FoundGround[]; readonly others: number } | null {
	const features = featuresOf(json);
	if (!features) return null;
	let others = 0;
	const found = features.flatMap(({ geometry, properties }, i): FoundGround[] => {
		const parsed = geometrySchema.safeParse(geometry);
		if (!parsed.success) {
			others += 1;
			return [];
		}
		const boundary: Boundary = parsed.data.type === 'Polygon' ? [parsed.data.coordinates] : parsed.data.coordinates;
		const given = nameKeys.map((key) => properties[key]).find((v) => typeof v === 'string' || typeof v === 'number');
		return [{ name: String(given ?? m.ground_i({ i: i + 1 })), boundary, issues: checkBoundary(boundary) }];
	});
	return { found, others };
}

interface Feature {
	readonly geometry: unknown;
	readonly properties: Readonly<Record<string, unknown>>;
}

function featuresOf(json: unknown): Feature[] | null {
	if (json === null || typeof json !== 'object') return null;
	// A zip of several shapefiles is read as a list of collections.
	if (Array.isArray(json)) return json.flatMap((one) => featuresOf(one) ?? []);
	const { type, features, geometry, geometries, properties } = json as Record<string, unknown>;
	if (type === 'FeatureCollection')
		return Array.isArray(features) ? features.flatMap((f) => featuresOf(f) ?? []) : null;
	if (type === 'Feature') return [{ geometry, properties: (properties ?? {}) as Feature['properties'] }];
	if (type === 'GeometryCollection')
		return Array.isArray(geometries) ? geometries.map((g: unknown) => ({ geometry: g, properties: {} })) : null;
	return typeof type === 'string' && 'coordinates' in json ? [{ geometry: json, properties: {} }] : null;
}

/** Blocks as GeoJSON: those with a boundary, with what is known of them. */
export const blocksGeoJson = (
	blocks: readonly { readonly id: string; readonly block: TypedBlock; readonly area: number }[]
): string =>
	`${JSON.stringify(
		{
			type: 'FeatureCollection',
			features: blocks.flatMap(({ id, block, area }) =>
				block.boundary
					? [
							{
								type: 'Feature',
								id,
								properties: {
									name: block.name,
									kind: block.kind,
									crop: block.crop,
									stage: block.stage,
									area_m2: area,
									neighbours: block.neighbours,
									notes: block.notes
								},
								geometry: { type: 'MultiPolygon', coordinates: block.boundary }
							}
						]
					: []
			)
		},
		null,
		'\t'
	)}\n`;

/** Corners of one outline as people write them: latitude and longitude, a line each; not closed. */
export const cornersText = (boundary: Boundary | null): string =>
	(boundary?.[0]?.[0] ?? [])
		.slice(0, -1)
		.map(([longitude, latitude]) => `${latitude}, ${longitude}`)
		.join('\n');

/** The corners read back, and closed. An empty text is no boundary. */
export function readCorners(text: string): Result<Boundary | null> {
	const lines = text
		.split('\n')
		.map((line) => line.trim())
		.filter((line) => line !== '');
	if (lines.length === 0) return good(null);
	const corners: Position[] = [];
	for (const line of lines) {
		const parts = line
			.split(/[,;\s]+/)
			.map((part) => (part.startsWith('-') ? -Number(readNumber(part.slice(1), false)) : readNumber(part, false)));
		const [latitude, longitude] = parts;
		if (
			parts.length !== 2 ||
			typeof latitude !== 'number' ||
			typeof longitude !== 'number' ||
			!Number.isFinite(latitude + longitude)
		)
			return bad({ code: 'unreadable', path: 'boundary', text: line, wanted: 'corner' });
		corners.push([longitude, latitude]);
	}
	const boundary: Boundary = [[[...corners, corners[0]!]]];
	const issues = checkBoundary(boundary);
	return issues.length > 0 ? bad(...issues) : good(boundary);
}
