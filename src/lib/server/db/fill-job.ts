import { m } from '$words';
import type { JobBasis, JobBlock, JobMember, TypedSprayer, TypedJob, VolumePerArea } from '../../../core';
import { blockPart, isCanopy, readBlock } from '../../../core';
import { outlinedArea } from '../../forms/block';
import type { AskedJob } from '../../wire/job';
import { Failure, fromIssue, notFound, withdrawn } from '../failure';
import { blocksOf } from './blocks';
import { doubtOf } from './doubt';
import { productsOf } from './products';
import type { Scope } from './scope';
import { treatedShare } from './tank-plans';

interface UsedCalibration {
	readonly rig: TypedSprayer;
	readonly speed_m_s: number | null;
	readonly width_m: number | null;
	readonly field_width_m: number | null;
}

/** What a job takes from its calibration and the sprayer. */
function withSprayer(calibration: UsedCalibration | null, basis: JobBasis, blocks: readonly JobBlock[]) {
	const canopy = isCanopy(blocks, calibration?.rig.kind ?? null) && { canopy: true };
	if (!calibration) return { dead: null, agitation: null, travel: null, ...canopy };
	const { speed_m_s: speed, width_m: treated, field_width_m: field, rig: sprayer } = calibration;
	const swath = field ?? treated;
	// Bands cover a share of the field that a pass does.
	const share = basis.by === 'calibration' ? treatedShare(calibration) : 1;
	return {
		dead: sprayer.dead ?? null,
		agitation: sprayer.agitation ?? null,
		travel: speed !== null && swath !== null ? { speed, swath } : null,
		...(share < 1 && { treated: share }),
		...canopy
	};
}

/** One person of a team, as their calibration is when the job is planned. */
const memberOf = (row: {
	readonly id: string;
	readonly person: string;
	readonly rate_m3_per_m2: number;
	readonly relative_u95: number;
}): JobMember => ({
	calibrationId: row.id,
	person: row.person,
	rate: row.rate_m3_per_m2,
	relativeU95: row.relative_u95
});

/** Jobs as a browser asks for them, filled in from what the farm knows. */
export const fillJobOf = (scope: Scope) => {
	const { db, farmId } = scope;
	/** A calibration with its sprayer, and whether it is in doubt. */
	const calibrationOf = async (id: string) => {
		const row = await db
			.selectFrom('calibration as c')
			.innerJoin('sprayer as s', (join) => join.onRef('s.farm_id', '=', 'c.farm_id').onRef('s.id', '=', 'c.sprayer_id'))
			.select([
				'c.id',
				'c.rate_m3_per_m2',
				'c.speed_m_s',
				'c.width_m',
				'c.field_width_m',
				'c.sprayer_id',
				'c.setting_id',
				'c.person',
				'c.relative_u95',
				'c.flow_m3_s',
				's.rig',
				'c.withdrawn_at',
				doubtOf('c').as('doubt')
			])
			.where('c.farm_id', '=', farmId)
			.where('c.id', '=', id)
			.executeTakeFirst();
		if (!row) throw notFound('calibration', 'calibrationId');
		return row;
	};

	/** The ground that is asked for, with its numbers as they are now. */
	const groundOf = async (asked: AskedJob): Promise<JobBlock[]> => {
		const blocks: JobBlock[] = [];
		for (const [i, { id, part }] of asked.blocks.entries()) {
			const { block, area } = await blocksOf(scope).get(id);
			const read = readBlock(block, outlinedArea(block.boundary));
			const numbers = read.ok ? read.value : null;
			const rows = numbers?.rows ?? null;
			const taken = blockPart(part, area, rows?.count ?? null);
			if (!taken.ok) throw fromIssue(taken.issues[0]!, `blocks.${i}`);
			blocks.push({
				id,
				name: block.name,
				kind: block.kind,
				area,
				share: taken.value.share,
				...(part.by === 'share' ? {} : { part }),
				rows,
				spacing: numbers?.spacing ?? null,
				neighbours: block.neighbours
			});
		}
		return blocks;
	};

	/** The products that are asked for, with their labels as they are now. */
	const labelled = async ({ products }: AskedJob): Promise<TypedJob['products']> => {
		const all = [];
		for (const { id, dose, per, dilution } of products) {
			const { label } = await productsOf(scope).get(id);
			all.push({ id, label, dose, ...(per && { per }), ...(dilution && { dilution }) });
		}
		return all;
	};

	/** The people of a team with their volumes as they are now: of one sprayer and setting, none withdrawn. */
	const teamOf = async (asked: AskedJob, lead: Awaited<ReturnType<typeof calibrationOf>> | null, begun: boolean) => {
		if (!asked.team || asked.basis.by !== 'calibration') return null;
		const people = await Promise.all(asked.team.map(calibrationOf));
		if (!begun && people.some((p) => p.withdrawn_at)) throw withdrawn();
		const apart = people.some((p) => p.sprayer_id !== lead?.sprayer_id || p.setting_id !== lead.setting_id);
		if (apart || new Set(people.map((p) => p.person)).size < people.length)
			throw new Failure(422, 'unreadable', 'team', m.a_team_is_one_calibration_a_person());
		return people;
	};

	/** What tells the volume, with the flow of the wand that a timed patch was sprayed with. */
	const basisFilled = (
		basis: AskedJob['basis'],
		calibration: Awaited<ReturnType<typeof calibrationOf>> | null
	): JobBasis => {
		if (basis.by !== 'timed-trial') return basis;
		const flow = calibration?.flow_m3_s ?? null;
		if (flow === null) throw new Failure(422, 'missing', 'basis', m.no_flow_with_this_calibration());
		return { ...basis, flow };
	};

	/**
	 * What a job asks for, filled in with the blocks, the labels and the sprayer as they are now. One that was begun already keeps
	 * its calibration even if that was withdrawn or came in doubt meanwhile: it was sprayed by it, and its page says so.
	 */
	const filled = async (asked: AskedJob, begun = false) => {
		const calibration = asked.calibrationId === null ? null : await calibrationOf(asked.calibrationId);
		if (calibration?.withdrawn_at && asked.basis.by === 'calibration' && !begun) throw withdrawn();
		const team = await teamOf(asked, calibration, begun);
		const doubt = calibration?.doubt ?? team?.find((p) => p.doubt)?.doubt ?? null;
		if (doubt && asked.basis.by === 'calibration' && asked.reason === '' && !begun)
			throw new Failure(422, 'in-doubt', 'reason', m.calibration_in_doubt_write_why());
		const blocks = await groundOf(asked);
		const basis = basisFilled(asked.basis, calibration);
		const { day, tank, split, sprayed, harvest, pace, reason, notes, dilute, drops = null, passed = [] } = asked;
		const job: TypedJob = {
			day,
			basis,
			blocks,
			tank,
			products: await labelled(asked),
			split,
			sprayed,
			harvest,
			pace,
			reason,
			notes,
			drops,
			...(team && { team: team.map(memberOf) }),
			...(dilute && { dilute }),
			...(passed.length > 0 && { passed }),
			...withSprayer(calibration, basis, blocks)
		};
		return { job, rate: (calibration?.rate_m3_per_m2 ?? null) as VolumePerArea | null, calibration };
	};

	return { filled };
};
