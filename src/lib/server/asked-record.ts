import { m } from '$words';
import type { AskedRecord, PassedStop, TypedJob } from '../../core';
import type { RecordWriter } from '../wire/job-source';
import { firstAsked } from '../forms/first-asked';
import { Failure } from './failure';

type Farm = Pick<App.Locals['farm'], 'blocks' | 'jobRuns' | 'people' | 'records'>;

/** An operator writes the records of own jobs. */
export async function checkOwnJob(farm: Farm, who: App.Locals['who'], id: string): Promise<void> {
	if (who.kind === 'person' && who.farm?.role === 'operator' && !(await farm.jobRuns.workedOn(id)))
		throw new Failure(403, 'not-yours', 'job', m.only_own_jobs());
}

/** Who writes a record: who signs in writes as themselves; alone on a computer it is who wrote last. */
export async function writerOf(farm: Pick<Farm, 'people' | 'records'>, who: App.Locals['who']): Promise<RecordWriter> {
	const [last, me] = await Promise.all([
		farm.records.last(),
		farm.people.worker(who.kind === 'person' ? who.personId : null)
	]);
	return {
		operator: me?.name ?? last?.operator ?? '',
		licence: me ? me.licence : (last?.licence ?? ''),
		waterSource: last?.waterSource ?? ''
	};
}

/** What the record of a job is asked first, as far as the farm knows it. */
export async function askedOf(farm: Farm, who: App.Locals['who'], job: TypedJob): Promise<AskedRecord> {
	const [writer, blocks] = await Promise.all([writerOf(farm, who), farm.blocks.all()]);
	const ground = blocks.filter((b) => job.blocks.some((j) => j.id === b.id)).map((b) => b.block);
	return firstAsked(ground, writer);
}

/** Seals what a device has written of a job. The same again changes nothing; other words for a sealed record are refused. */
export async function sealFromDevice(
	farm: App.Locals['farm'],
	who: App.Locals['who'],
	id: string,
	{ asked, passed }: { readonly asked: AskedRecord; readonly passed: readonly PassedStop[] }
): Promise<void> {
	await checkOwnJob(farm, who, id);
	await farm.records.seal(id, asked, farm.settings.recordFields, passed);
}
