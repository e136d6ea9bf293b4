import { nozzleTable } from '$lib/settings/nozzle-table';
import { dropsOf } from '$lib/show/drops-of';
import { settingLabel } from '$lib/show/setting-label';
import type { FarmHandle } from './db/farm';

/** The newest calibration of each setting and person of all sprayers, in bands and on the whole: what a job or a tank can rest on. */
export async function jobCalibrations(farm: FarmHandle) {
	const [sprayers, nozzles] = await Promise.all([farm.sprayers.list(), farm.nozzles.all()]);
	const table = nozzleTable(nozzles, farm.settings);
	const pages = await Promise.all(sprayers.map((s) => farm.calibrations.page(s.id, null)));
	return sprayers.flatMap((sprayer, i) => {
		const seen = new Set<string>();
		return pages[i]!.rows.flatMap((c) => {
			if (c.withdrawn) return [];
			const share = c.width !== null && c.fieldWidth !== null ? (c.width / c.fieldWidth).toFixed(3) : '';
			const key = `${c.settingId} ${c.person} ${share} ${c.nozzlesOn ?? ''}`;
			if (seen.has(key)) return [];
			seen.add(key);
			const setting = settingLabel(
				sprayer.settings.find((s) => s.id === c.settingId),
				sprayer.rig,
				c.nozzlesOn
			);
			return [
				{
					id: c.id,
					sprayerId: sprayer.id,
					sprayer: sprayer.rig.name,
					setting: [setting, c.person].filter(Boolean).join(', '),
					rig: sprayer.rig,
					rate: c.rate,
					relativeU95: c.relativeU95,
					speed: c.speed,
					width: c.width,
					fieldWidth: c.fieldWidth,
					drops: dropsOf(sprayer.rig, c.pressure, table),
					flow: c.flow,
					pressure: c.pressure,
					rpm: c.rpm,
					nozzlesOn: c.nozzlesOn,
					signedDay: c.signedDay,
					doubt: c.doubt
				}
			];
		});
	});
}
