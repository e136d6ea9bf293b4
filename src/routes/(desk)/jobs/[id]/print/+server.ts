import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';
import type { VolumePerArea } from '$core';
import { checkJob, foldRun, mixingOf, planLoads, readJob } from '$core';
import { fileName, fileResponse } from '$lib/server/files';
import { idParam, orError } from '$lib/server/page';
import { jobPapers, jobPdf } from '$lib/server/pdf/job-pdf';
import { makePdf } from '$lib/server/pdf/make-pdf';
import { wordIssue } from '$lib/wording/issues';

export const GET: RequestHandler = async ({ params, url, locals: { farm } }) => {
	const id = idParam(params.id, 'job');
	const { job, rate, sprayer, signedDay } = await orError(farm.jobs.get(id));
	const before = await farm.jobs.before(id, job);
	const read = readJob(job, rate as VolumePerArea | null, before);
	if (!read.ok) error(422, { message: wordIssue(read.issues[0]!) });
	const { sheet } = read.value;
	const plan = planLoads(sheet);
	const run = foldRun(sheet, mixingOf(job), []);
	// A job that was kept could be planned, and what it rests on is kept with it.
	if (!plan.ok || !run.ok) throw new Error(`job ${id} cannot be planned any more`);
	const paper = jobPapers.find((p) => p === url.searchParams.get('paper')) ?? 'A4';
	const page = {
		job,
		sheet,
		plan: plan.value,
		run: run.value,
		findings: checkJob(read.value),
		sprayer,
		signedDay,
		link: `${url.origin}/jobs/${id}/run`
	};
	const pdf = await makePdf(jobPdf(page, farm, paper));
	return fileResponse(pdf, 'application/pdf', `${fileName(job.blocks[0]?.name ?? 'job', job.day)}.pdf`, true);
};
