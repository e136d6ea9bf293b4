import type {
	AreaReading,
	Catch,
	FlowReading,
	NozzleCatches,
	SpeedReading,
	TimedCourse,
	UsedReading,
	WidthReading
} from '../calibration/sheet';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Flow, Kind, Mass, Quantity, Speed, Time, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Entered } from '../quantity/entered';
import { trackSpeed } from '../track/track-speed';
import type { Round, Run, Take } from './fold-round';
import type { RigNumbers } from './rig';
import { sectionOfNozzles, sidesOfNozzles } from './rig';

/** Nozzles that spray: those whose section is not off. Numbers from 1, in the order of the rig. */
export function nozzlesOn(sections: readonly number[], off: readonly number[]): number[] {
	return sectionOfNozzles(sections).flatMap((section, i) => (off.includes(section) ? [] : [i + 1]));
}

/** Takes the readings of a round one after the other and gathers what is missing or wrong, each with its place. */
class Reader {
	readonly issues: Issue[] = [];

	need<K extends Kind>(reading: Entered<K> | null | undefined, path: string): Quantity<K> {
		if (!reading) this.issues.push({ code: 'missing', path });
		else if (reading.read.ok) return reading.read.value.value;
		else this.issues.push(...reading.read.issues.map((issue) => ({ ...issue, path })));
		return si<K>(NaN);
	}

	may<K extends Kind>(reading: Entered<K> | null | undefined, path: string): Quantity<K> | undefined {
		return reading ? this.need(reading, path) : undefined;
	}

	times(runs: readonly Run[], path: string): Time[] {
		const counted = runs.filter((r) => !r.struck);
		if (counted.length === 0) this.issues.push({ code: 'no-runs', path });
		return counted.map((run, i) => this.need(run.time, `${path}.${i}`));
	}

	result<T>(value: T): Result<T> {
		return this.issues.length > 0 ? bad(...this.issues) : good(value);
	}
}

/** The course's part of a round, or what is still missing. */
export function roundCourse(round: Round): Result<TimedCourse> {
	const r = new Reader();
	const course = r.need(round.course, 'speed.course');
	const times = r.times(round.runs, 'speed.times');
	const dial = r.may(round.dial, 'speed.dial') as Speed | undefined;
	return r.result({ course, times, dial });
}

/** Ground speed: by a track where one was taken in, else by the course. */
export function roundSpeed(round: Round): Result<SpeedReading> {
	if (!round.track) return roundCourse(round);
	const speed = trackSpeed(round.track.points, round.track.from, round.track.to);
	return speed === null
		? bad({ code: 'no-position', path: 'speed.track' })
		: good({ stated: speed.value, relative: speed.relative });
}

const readTake = (r: Reader, take: Take, path: string): Catch => {
	const value = r.need(take.amount, path);
	const kind = take.amount.read.ok ? take.amount.read.value.kind : 'volume';
	if (kind === 'mass') return { mass: si<'mass'>(value) as Mass };
	return kind === 'flow' ? { flow: si<'flow'>(value) as Flow } : { volume: si<'volume'>(value) as Volume };
};

/** The catches of a round so far: those of the nozzles that are on, with the jug, the gauge and the time they go with. */
export function roundFlow(rig: RigNumbers, round: Round): Result<FlowReading> {
	const r = new Reader();
	const on = nozzlesOn(rig.sections, round.off);
	if (on.length === 0) r.issues.push({ code: 'all-sections-off', path: 'width.on' });
	const catches = on.map((nozzle): NozzleCatches => {
		const counted = round.nozzles.get(nozzle)?.takes.filter((t) => t.counts) ?? [];
		return counted.length > 0 ? counted.map((take) => readTake(r, take, `flow.catches.${nozzle}`)) : null;
	});
	const sections = sectionOfNozzles(rig.sections);
	const sides = sidesOfNozzles(rig);
	const groups = round.groups === undefined ? rig.groups : round.groups;
	return r.result({
		time: r.may(round.catchTime, 'flow.time'),
		catches,
		numbers: on,
		sections: on.map((n) => sections[n - 1]!),
		sides: sides && on.map((n) => sides[n - 1]!),
		groups: groups ? on.map((n) => groups[n - 1]!) : undefined,
		oneSize: round.groups === null ? true : undefined,
		graduation: r.may(round.jug, 'flow.graduation'),
		rated: rig.rated ?? undefined,
		ratings: rig.ratings ?? undefined,
		pressure: r.may(round.gauge, 'flow.pressure')
	});
}

/** The swath, by what the kind of rig is measured with. */
export function roundWidth(rig: RigNumbers, round: Round): Result<WidthReading> {
	const r = new Reader();
	switch (rig.kind) {
		case 'boom': {
			const band = round.band === undefined ? rig.band : round.band;
			if (band)
				return r.result<WidthReading>({
					kind: 'band',
					band: r.need(band.band, 'width.band'),
					bands: band.bands,
					rowSpacing: r.need(band.rowSpacing, 'width.rowSpacing'),
					rows: band.rows
				});
			const on = nozzlesOn(rig.sections, round.off).length;
			return r.result<WidthReading>({ kind: 'boom', nozzles: rig.nozzles, spacing: rig.spacing!, on });
		}
		case 'airblast':
			return alleyWidth(rig, round);
		case 'knapsack':
			return r.result<WidthReading>({
				kind: 'measured',
				wetted: r.need(round.wetted, 'width.wetted'),
				usable: 'as-is',
				...guessedOf(round)
			});
		case 'boomless':
			return boomlessWidth(rig, round);
	}
}

/**
 * Alley of an arc. With one side shut a pass serves half of it, or all where the other side of the row gets nothing: that is
 * asked, and until it is answered there is no width. A round that was signed before it was asked keeps its half.
 */
export function alleyWidth(rig: RigNumbers, round: Round): Result<Extract<WidthReading, { kind: 'rows' }>> {
	const r = new Reader();
	const rowSpacing = r.need(round.rows?.spacing ?? rig.rowSpacing, 'width.rowSpacing');
	const one = rig.sections.length === 2 && round.off.length === 1;
	const otherSide = one ? (round.otherSide ?? (round.signOff ? 'sprayed' : null)) : null;
	if (one && otherSide === null) r.issues.push({ code: 'other-side', path: 'width.otherSide' });
	return r.result({
		kind: 'rows',
		rowSpacing,
		alleys: round.rows?.alleys ?? 'every',
		sides: one ? 'one' : 'both',
		...(otherSide === null ? {} : { otherSide })
	});
}

/**
 * School of a boomless swath: the one that was picked, else pans where there are pans; null until somebody picks one. A round that
 * was signed before it was asked keeps the usable share.
 */
export const schoolOf = (round: Round) =>
	round.school?.school ?? (round.panCatches.size > 0 ? 'pans' : round.signOff ? 'share' : null);

/** Share of the wetted width that is usable until somebody says another. */
export const usualShare = 0.85;

/** A wetted width that nobody taped says so, and counts for less. */
const guessedOf = ({ wettedGuessed }: Round) => (wettedGuessed ? { estimated: true as const } : {});

function boomlessWidth(rig: RigNumbers, round: Round): Result<WidthReading> {
	const r = new Reader();
	const school = schoolOf(round);
	const asIs = (reading: Entered<'length'> | null | undefined, path: string): WidthReading => ({
		kind: 'measured',
		wetted: r.need(reading, path),
		usable: 'as-is'
	});
	switch (school) {
		case null:
			r.need(round.wetted, 'width.wetted');
			r.issues.push({ code: 'missing', path: 'width.school' });
			return bad(...r.issues);
		case 'pans':
			return roundPans(round);
		case 'maker':
			return r.result(asIs(round.school?.length ?? rig.makerSwath, 'width.maker'));
		case 'asked': {
			const width = r.need(round.school?.length, 'width.asked');
			const pans = roundPans(round);
			return pans.ok && pans.value.kind === 'pans'
				? r.result<WidthReading>({ ...pans.value, asked: width })
				: r.result<WidthReading>({ kind: 'measured', wetted: width, usable: 'as-is' });
		}
		case 'edges': {
			const wetted = r.need(round.wetted, 'width.wetted');
			const edge = r.need(round.school?.length, 'width.edgeOverlap');
			if (edge * 2 >= wetted)
				r.issues.push({
					code: 'too-large',
					path: 'width.edgeOverlap',
					text: round.school?.length?.typed.text,
					bound: 'less than half of the wetted width'
				});
			return r.result<WidthReading>({ kind: 'measured', wetted, usable: { edgeOverlap: edge }, ...guessedOf(round) });
		}
		case 'full':
			return r.result<WidthReading>({ ...asIs(round.wetted, 'width.wetted'), ...guessedOf(round) } as WidthReading);
		case 'share': {
			const wetted = r.need(round.wetted, 'width.wetted');
			return r.result<WidthReading>({
				kind: 'measured',
				wetted,
				usable: { share: round.school?.share ?? usualShare },
				...guessedOf(round)
			});
		}
	}
}

/** The row of pans; a pan that nobody read is missing, not empty. */
export function roundPans(round: Round): Result<WidthReading> {
	const r = new Reader();
	if (!round.pans) return bad({ code: 'missing', path: 'width.pans' });
	const spacing = r.need(round.pans.spacing, 'width.spacing');
	const catches = Array.from({ length: round.pans.count }, (_, i) =>
		r.need(round.panCatches.get(i + 1), `width.catches.${i}`)
	);
	const unread = r.issues.find((i) => i.code === 'missing');
	if (unread) return bad({ code: 'missing', path: 'width.catches' });
	const { driving, maxCv } = round.pans;
	return r.result<WidthReading>({ kind: 'pans', spacing, catches, driving, maxCv });
}

/** The ground that was sprayed. */
export function roundGround(rig: RigNumbers, round: Round): Result<AreaReading> {
	const ground = round.plot;
	const r = new Reader();
	if (!ground) return bad({ code: 'missing', path: 'area' });
	switch (ground.by) {
		case 'area':
			return r.result<AreaReading>({ by: 'stated', area: r.need(ground.area, 'area') });
		case 'sides':
			return r.result<AreaReading>({
				by: 'sides',
				length: r.need(ground.length, 'area.length'),
				width: r.need(ground.width, 'area.width')
			});
		case 'row': {
			const width = alleyWidth(rig, round);
			const row = r.need(ground.row, 'area.row');
			return width.ok ? r.result<AreaReading>({ by: 'row', row, width: width.value }) : width;
		}
		case 'block':
			return r.result<AreaReading>({
				by: 'block',
				block: r.need(ground.block, 'area.block'),
				share: ground.share
			});
	}
}

/** What the tank says, and the tank itself where it was brought back to its own mark. */
export function roundUsed(
	rig: RigNumbers,
	round: Round
): Result<{ readonly used: readonly UsedReading[]; readonly tank: Volume | undefined }> {
	const r = new Reader();
	const counted = round.used.filter((u) => !u.struck);
	if (counted.length === 0) return bad({ code: 'missing', path: 'used' });
	const used = counted.map(({ reading }, i): UsedReading =>
		'added' in reading
			? { added: r.need(reading.added, `used.${i}.added`) }
			: {
					start: r.need(reading.start, `used.${i}.start`),
					left: r.need(reading.left, `used.${i}.left`)
				}
	);
	return r.result({ used, tank: round.tankBy === 'mark' ? rig.tank : undefined });
}

/** The times that the plot took. */
export function roundPlotTimes(round: Round): Result<readonly Time[]> {
	const r = new Reader();
	return r.result(r.times(round.plotRuns, 'times'));
}

/** How long the rig ran parked, where it was not for as long as the course took. */
export function roundParkedTime(round: Round): Result<Time | undefined> {
	const r = new Reader();
	return r.result(r.may(round.parkedTime, 'run'));
}
