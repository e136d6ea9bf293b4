import { m } from '$words';
import type { JobMember, Nozzle } from '../../core';
import { teamMean } from '../../core';
import { nozzleTable } from '$lib/settings/nozzle-table';
import { dropsOf } from '$lib/show/drops-of';
import { settingLabel } from '$lib/show/setting-label';
import type { FarmHandle } from './db/farm';

/** The newest calibration of each setting and person of all sprayers, in bands and on the whole: what a job or a tank can rest on. */
export async function jobCalibrations(farm: FarmHandle) {
	const [sprayers, nozzles] = await Promise.all([farm.sprayers.list(), farm.nozzles.all()]);
	const table = nozzleTable(nozzles, farm.settings);
	const pages = await Promise.all(sprayers.map((s) => farm.calibrations.page(s.id, null)));
	return sprayers.flatMap((sprayer, i) => withTeams(calibrationsOfSprayer(sprayer, pages[i]!.rows, table)));
}

type Sprayer = Awaited<ReturnType<FarmHandle['sprayers']['list']>>[number];
type Row = Awaited<ReturnType<FarmHandle['calibrations']['page']>>['rows'][number];

/** The newest calibration of each setting and person of a sprayer, the newest first. */
function calibrationsOfSprayer(sprayer: Sprayer, rows: readonly Row[], table: readonly Nozzle[]) {
	const seen = new Set<string>();
	return rows.flatMap((c) => {
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
				/** The calibration that it is named by; of a team the newest. */
				calibrationId: c.id,
				team: null as readonly JobMember[] | null,
				settingId: c.settingId,
				person: c.person,
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
}

type Listed = ReturnType<typeof calibrationsOfSprayer>[number];

/** Before the people of a setting their mean, where two or more have calibrated in it: one mix is made for all of them. */
function withTeams(list: readonly Listed[]): Listed[] {
	const named = list.filter((c) => c.person !== '');
	return list.flatMap((c) => {
		const people = named.filter((p) => p.settingId === c.settingId);
		if (people.length < 2 || people[0] !== c) return [c];
		const team = people.map(({ id, person, rate, relativeU95 }) => ({ calibrationId: id, person, rate, relativeU95 }));
		const setting = m.team_of({ count: people.length, list: people.map((p) => p.person).join(', ') });
		const doubt = people.find((p) => p.doubt)?.doubt ?? null;
		return [{ ...c, ...teamMean(team), id: `team-${c.id}`, team, setting, doubt, speed: null, flow: null }, c];
	});
}
