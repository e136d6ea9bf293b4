import { m } from '$words';
import type { Issue } from '$core';
import { isUnit, sectionOfNozzles } from '$core';
import { typedText } from '$lib/settings/typed-text';
import { wordIssue } from '$lib/wording/issues';
import { nozzleSpans } from '$lib/wording/nozzle-names';
import type { FlowStepState } from './flow-step.svelte';

/** Nozzles that can be picked in one go: a side, a section, all. */
interface Part {
	readonly name: string;
	readonly nozzles: readonly number[];
}

/** Several nozzles in one bucket: which ones went in is picked on the drawing, and what all of them gave is typed. */
export class BucketState {
	readonly step: FlowStepState;
	picked = $state<readonly number[]>([]);
	text = $state('');
	unit = $state('');
	/** How finely the vessel is marked; empty counts as the jug does. */
	marked = $state('');
	problem = $state<string | null>(null);
	markedProblem = $state<string | null>(null);

	constructor(step: FlowStepState) {
		this.step = step;
	}

	/** Begins with nothing picked and nothing typed, in the unit of the last bucket. */
	begin(): void {
		this.picked = [];
		this.text = '';
		this.marked = '';
		this.problem = null;
		const last = this.step.calibration.entries.findLast((e) => e.kind === 'bucket');
		const held = last?.kind === 'bucket' ? last.amount.unit : this.step.unit;
		// A tip tester reads one nozzle: a bucket has a volume or a weight.
		this.unit = isUnit('flow', held) ? this.step.calibration.units.tank : held;
	}

	units: readonly string[] = $derived.by(() =>
		[...new Set([this.unit, this.step.calibration.units.tank, ...this.step.units])].filter(
			(unit) => unit !== '' && !isUnit('flow', unit)
		)
	);

	parts: readonly Part[] = $derived.by(() => {
		const { calibration } = this.step;
		const { sprayer, on } = calibration;
		const sections = sectionOfNozzles(sprayer.sections);
		const name = calibration.names.section;
		const each = sprayer.sections.map((_, s) => ({ name: name(s), nozzles: on.filter((n) => sections[n - 1] === s) }));
		return [{ name: m.all(), nozzles: on }, ...(sprayer.sections.length > 1 ? each : [])].filter(
			(p) => p.nozzles.length > 1
		);
	});

	toggle(n: number): void {
		this.picked = this.picked.includes(n) ? this.picked.filter((one) => one !== n) : [...this.picked, n];
	}
	/** Picks all of a part, or drops them where all are picked. */
	pickPart({ nozzles }: Part): void {
		const all = nozzles.every((n) => this.picked.includes(n));
		this.picked = all
			? this.picked.filter((n) => !nozzles.includes(n))
			: [...this.picked, ...nozzles.filter((n) => !this.picked.includes(n))];
	}
	holds = ({ nozzles }: Part): boolean => nozzles.every((n) => this.picked.includes(n));

	/** The jugs with what is picked, for the drawing. */
	jugs = $derived.by(() =>
		this.step.kept.jugs.map((jug) =>
			this.picked.includes(jug.n)
				? ({ ...jug, amount: null, fill: null, passedOver: false, verdict: 'together' } as const)
				: jug.verdict === 'together'
					? ({ ...jug, verdict: 'not caught' } as const)
					: jug
		)
	);

	/** Buckets that are kept, newest last. */
	kept = $derived.by(() =>
		this.step.calibration.entered.buckets
			.filter((b) => b.counts)
			.map((b) => ({
				id: b.id,
				words: m.from_typed({
					typed: typedText(b.amount.typed),
					nozzles: nozzleSpans(b.nozzles, this.step.calibration.names)
				})
			}))
	);

	/** Keeps it; answers whether it was kept. */
	async keep(): Promise<boolean> {
		if (this.picked.length < 2) {
			this.problem = m.pick_two_nozzles_or_more_on();
			return false;
		}
		const nozzles = [...this.picked].sort((a, b) => a - b);
		const issues: readonly Issue[] = await this.step.calibration.keepBucket(nozzles, this.text, this.unit, this.marked);
		const wrong = issues.find((i) => i.path === 'marked');
		this.markedProblem = wrong ? wordIssue(wrong) : null;
		const [other] = issues.filter((i) => i.path !== 'marked');
		this.problem = other ? wordIssue(other) : null;
		return issues.length === 0;
	}
}
