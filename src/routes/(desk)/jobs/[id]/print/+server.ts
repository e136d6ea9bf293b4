import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';
import type { VolumePerArea } from '$core';
import { checkJob, planLoads, runOfJob, standingPlan } from '$core';
import { fileName, fileResponse } from '$lib/server/files';
import { idParam, orError } from '$lib/server/page';
import { jobPapers, jobPdf } from '$lib/server/pdf/job-pdf';
import { makePdf } from '$lib/server/pdf/make-pdf';
import { wordIssue } from '$lib/wording/issues';

export const GET: RequestHandler = async ({ params, url, locals: { farm } }) => {
	const id = idParam(params.id, 'job');
	const { job: planned, rate, sprayer, signedDay } = await orError(farm.jobs.get(id));
	const before = await farm.jobs.before(id, planned);
	// The loads as they stand: a paper that is printed on the way has the edits of the remaining loads, and the dye.
	const made = runOfJob({ job: planned, rate: rate as VolumePerArea | null, before }, await farm.jobRuns.entries(id));
	if (!made.ok) error(422, { message: wordIssue(made.issues[0]!) });
	const { job, read, run } = made.value;
	const { sheet } = read;
	const plan = planLoads(sheet);
	// A job that was kept could be planned, and what it rests on is kept with it.
	if (!plan.ok) throw new Error(`job ${id} cannot be planned any more`);
	const paper = jobPapers.find((p) => p === url.searchParams.get('paper')) ?? 'A4';
	const page = {
		job,
		sheet,
		plan: standingPlan(plan.value, sheet, run),
		run,
		findings: checkJob(read),
		sprayer,
		signedDay,
		link: `${url.origin}/jobs/${id}/run`
	};
	const pdf = await makePdf(jobPdf(page, farm, paper));
	return fileResponse(pdf, 'application/pdf', `${fileName(job.blocks[0]?.name ?? 'job', job.day)}.pdf`, true);
};
