import type { SprayRecord } from '../../core/index';
import type { Boundary } from '../../core/index';
import { doseTold } from '../settings/dose-told';

/**
 * What a record sprayed as GeoJSON features, one a block, a line each. A block whose boundary is not known has no
 * geometry; where only a part of it was sprayed, `share` says how much, and the boundary is that of the whole block.
 */
export const recordFeatures = (
	id: string,
	record: SprayRecord,
	boundaryOf: (blockId: string) => Boundary | null
): string[] =>
	record.blocks.map((block) => {
		const boundary = boundaryOf(block.id);
		return JSON.stringify({
			type: 'Feature',
			id: `${id}/${block.id}`,
			properties: {
				record: id,
				day: record.day,
				started: record.startedAt,
				ended: record.endedAt,
				block: block.name,
				share: block.share,
				area_m2: block.area * block.share,
				products: record.products.map((p) => ({
					name: p.name,
					registration: p.registration,
					group: p.group,
					dose: doseTold(p),
					per_ground: p.perGround,
					unit: p.kind === 'volume' ? 'm3/m2' : 'kg/m2'
				})),
				volume_m3_per_m2: record.trueVolume,
				operator: record.operator,
				target: record.target,
				sprayer: record.sprayer
			},
			geometry: boundary && { type: 'MultiPolygon', coordinates: boundary }
		});
	});
