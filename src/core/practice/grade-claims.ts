import type { YardAction } from './actions';
import type { Claim, Fault } from './faults';
import { thingOf } from './faults';

/** What became of a fault: found by its name; its place seen but called something else; or missed. */
export type FaultGrade = 'found' | 'misnamed' | 'missed';

export interface GradedFault {
	readonly fault: Fault;
	readonly grade: FaultGrade;
	/** What it was called instead. */
	readonly as: Claim | null;
	/** Whether it was mended in the yard: washed, brushed, replaced, set right. */
	readonly mended: boolean;
}

export interface Grades {
	readonly faults: readonly GradedFault[];
	/** What was named and is not so. */
	readonly wrong: readonly Claim[];
}

const same = (claim: Claim, fault: Fault) => claim.kind === fault.kind && claim.at === fault.at;
/** Nozzle 4 called worn where it is larger; the gauge called low where it is high. */
const sameThing = (claim: Claim, fault: Fault) => thingOf(claim.kind) === thingOf(fault.kind) && claim.at === fault.at;

const mends = (action: YardAction, { kind, at }: Fault): boolean => {
	switch (action.do) {
		case 'brush':
			return kind === 'nozzle-blocked' && action.nozzle === at;
		case 'replace':
			return kind === 'set-worn'
				? action.nozzle === null
				: thingOf(kind) === 'nozzle' && (action.nozzle === null || action.nozzle === at);
		case 'open-filter':
			return (
				(kind === 'section-filter' && action.section === at) || (kind === 'main-filter' && action.section === null)
			);
		case 'replace-hose':
			return kind === 'hose';
		case 'set':
			return thingOf(kind) === 'height' && action.height !== undefined;
		default:
			return false;
	}
};

/**
 * What a learner named, held against what was wrong.
 *
 * Source: a fault is found where its kind and its place are named; named at its place with another kind it is misnamed.
 * @example
 * const fault = { kind: 'gauge-high', at: null, size: 0.1 };
 * gradeClaims([fault], [{ kind: 'gauge-high', at: null }], []).faults[0].grade // => "found"
 * gradeClaims([fault], [{ kind: 'gauge-low', at: null }], []).faults[0].grade // => "misnamed"
 * gradeClaims([fault], [{ kind: 'set-worn', at: null }], []).wrong.length // => 1
 */
export function gradeClaims(
	faults: readonly Fault[],
	claims: readonly Claim[],
	actions: readonly YardAction[]
): Grades {
	const used = new Set<Claim>();
	const graded = faults.map((fault): GradedFault => {
		const right = claims.find((claim) => same(claim, fault));
		const near = right ?? claims.find((claim) => !used.has(claim) && sameThing(claim, fault));
		if (near) used.add(near);
		return {
			fault,
			grade: right ? 'found' : near ? 'misnamed' : 'missed',
			as: right ? null : (near ?? null),
			mended: actions.some((action) => mends(action, fault))
		};
	});
	return { faults: graded, wrong: claims.filter((claim) => !used.has(claim)) };
}
