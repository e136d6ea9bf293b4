import type { Finding } from '../../core';
import { factor, showDecimals, showFigure, usualSpeeds } from '../../core';
import type { FarmSettings } from '../settings/farm-settings';
import { fieldUnits } from '../settings/field-units';
import { methodWords } from './methods';
import type { NozzleNames } from './nozzle-names';
import { boomNames } from './nozzle-names';

export interface FindingWords {
	readonly title: string;
	readonly body: string;
	/** How loud: `look` asks for a look or an action, `stop` says that the reading should not be used as it is. */
	readonly tone: 'look' | 'stop';
}

const cleaning = 'Clean it with a soft brush or water, never a wire, never your mouth, then catch it again.';

/** Figures of a finding in a farm's own measures and sign; both measures where no farm is asked for, as on the command line. */
function figuresOf(settings: FarmSettings | null) {
	const comma = settings?.decimalComma ?? false;
	const units = settings && fieldUnits(settings);
	const figure = (value: number, digits: number) => showFigure(value, digits, comma);
	const one = (kind: 'length' | 'pressure', value: number, unit: string) =>
		`${figure(value / factor(kind, unit), 3)} ${unit}`;
	return {
		percent: (share: number) => {
			const p = Math.abs(share) * 100;
			return `${showDecimals(p, p < 9.95 ? 1 : 0, comma)} %`.replace(/[.,]0 %/, ' %');
		},
		seconds: (time: number) => `${figure(time, 3)} s`,
		/** One speed, or the two ends of a range. */
		speed: (...speeds: readonly number[]) => {
			const told = (unit: 'km/h' | 'mph') =>
				speeds.map((v) => `${showDecimals(v / factor('speed', unit), 1, comma)} ${unit}`).join(' to ');
			if (units) return told(units.speed === 'mph' ? 'mph' : 'km/h');
			return `${told('km/h')} (${told('mph')})`;
		},
		/** Along the ground: a course, a swath. */
		course: (length: number) => {
			const unit = units?.course ?? 'm';
			const value = length / factor('length', unit);
			return `${showDecimals(value, 1, comma).replace(/[.,]0$/, '')} ${unit}`;
		},
		/** A height, or another small length. */
		height: (length: number) =>
			units ? one('length', length, units.spacing) : `${one('length', length, 'm')} (${one('length', length, 'ft')})`,
		pressure: (pressure: number) =>
			units
				? one('pressure', pressure, units.pressure)
				: `${one('pressure', pressure, 'bar')} (${one('pressure', pressure, 'psi')})`,
		/** 100 ft or 30 m, and what is better. */
		shortCourse: !units
			? ['30 m (100 ft)', '60 m (200 ft)']
			: units.course === 'ft'
				? ['100 ft', '200 ft']
				: ['30 m', '60 m']
	};
}

/**
 * A finding in words: what, how much, why Fallow thinks so, and what to do. `names`: what the rig's nozzles and sections
 * are called; by number along a boom when left out. `settings`: the farm's, for its measures and its decimal sign.
 */
export function wordFinding(
	finding: Finding,
	names: NozzleNames = boomNames,
	settings: FarmSettings | null = null
): FindingWords {
	const f = figuresOf(settings);
	const sentence = sentences[finding.code] as (finding: Finding, means: Means) => FindingWords;
	return sentence(finding, { f, names, percent: f.percent });
}

/** What a sentence is made with: the farm's figures, and what its nozzles are called. */
interface Means {
	readonly f: ReturnType<typeof figuresOf>;
	readonly names: NozzleNames;
	readonly percent: (share: number) => string;
}

const sentences: {
	[Code in Finding['code']]: (finding: Extract<Finding, { code: Code }>, means: Means) => FindingWords;
} = {
	'nozzle-low': (finding, { names, percent }) => ({
		tone: 'look',
		title: `${names.nozzle(finding.nozzle)} is ${percent(finding.share)} ${finding.by ? 'under its rated flow' : 'low'}`,
		body: finding.neighbours
			? `Its neighbours are even, so this is a partial blockage, not pressure. ${cleaning}`
			: `Look at its filter and mouth first. ${cleaning}`
	}),
	'nozzle-blocked': (finding, { names }) => ({
		tone: 'stop',
		title: `${names.nozzle(finding.nozzle)} is blocked`,
		body: `It gives under a tenth of the others. Stop the pump, take it out and look at its filter too. ${cleaning}`
	}),
	'nozzle-high': (finding, { names, percent }) => ({
		tone: 'look',
		title: `${names.nozzle(finding.nozzle)} is ${percent(finding.share)} ${finding.by ? 'over its rated flow' : 'high'}`,
		body: 'It is worn, cracked or the wrong size. Read what is stamped on it; replace it, then catch it again.'
	}),
	'section-low': (finding, { names, percent }) => ({
		tone: 'look',
		title: `${names.section(finding.section)} is ${percent(finding.share)} low as a whole`,
		body: `All of its nozzles (${finding.nozzles[0]} to ${finding.nozzles.at(-1)}) are low together, so look at that section's filter, valve and hose before any nozzle.`
	}),
	'two-sizes': (finding, { names, percent }) => ({
		tone: 'look',
		title: `${listed(finding.small, names)} ${finding.small.length === 1 ? 'gives' : 'give'} ${percent(finding.share)} less than the others`,
		body: 'That looks like two sizes of nozzle. Do they differ on purpose? Then each is compared with its own. If not, they are blocked or the wrong size. For next time, enter the groups on the sprayer.'
	}),
	'third-out': (finding) => ({
		tone: 'stop',
		title: `${finding.out} of ${finding.caught} nozzles are out of the even band`,
		body: 'More than a third of the set is out. Replace the set together rather than nozzle by nozzle.'
	}),
	'set-over-rated': (finding, { percent }) => ({
		tone: 'look',
		title: `${setName(finding.group)} ${percent(finding.share)} more than rated`,
		body: 'Over 10 % the nozzles are worn out: replace all of them together. If they are new, the gauge reads low.'
	}),
	'set-under-rated': (finding, { percent }) => ({
		tone: 'look',
		title: `${setName(finding.group)} ${percent(finding.share)} less than rated`,
		body: 'All are low alike: the gauge reads high, the main filter is choked, or the pump or its rpm is down.'
	}),
	'run-apart': (finding, { percent }) => ({
		tone: 'look',
		title: `Run ${finding.run} is ${percent(finding.share)} ${finding.share > 0 ? 'slower' : 'faster'} than the others`,
		body: 'That is more than a stopwatch and a steady foot explain. If something went wrong, strike it and drive it again; if not, it counts.'
	}),
	'catch-apart': (finding, { names, percent }) => ({
		tone: 'look',
		title: `${names.nozzle(finding.nozzle)} was caught twice, ${percent(finding.share)} apart`,
		body: 'Two catches of one nozzle should agree within 5 %. If one was a slip, type it again as a slip; if something changed in between, say so.'
	}),
	'speed-unusual': (finding, { f }) => {
		const [low, high] = usualSpeeds[finding.rig];
		const whose = {
			boom: 'a boom',
			tractor: 'a boom on a tractor',
			atv: 'a small boom',
			'self-propelled': 'a self-propelled boom',
			boomless: 'a boomless sprayer',
			airblast: 'an airblast sprayer',
			'on foot': 'a walk'
		};
		return {
			tone: 'look',
			title: `${f.speed(finding.speed)} is ${finding.slow ? 'slow' : 'fast'} for ${whose[finding.rig]}`,
			body: `Usual is ${f.speed(low, high)}. Check the course length and its unit.`
		};
	},
	'swath-passed-by': (finding, { f, percent }) => ({
		tone: 'look',
		title: `A ${f.course(finding.width)} swath would be even too`,
		body: `Its CV is ${percent(finding.cv)}, but the next narrower width fails: only one exact spacing reaches it, and nobody drives that exactly.`
	}),
	'course-short': (finding, { f }) => ({
		tone: 'look',
		title: `A course of ${f.course(finding.course)} is short`,
		body: `Under ${f.shortCourse[0]} the thumb on the stopwatch is the largest error. ${f.shortCourse[1]} is better.`
	}),
	'catch-too-short': (finding, { f, percent }) => ({
		tone: 'look',
		title: `A ${f.seconds(finding.time)} catch is good to ±${percent(finding.good)}`,
		body: `That is too coarse to judge 5 %. Catch for ${finding.needed} s, or use a jug with finer marks.`
	}),
	'falling-from-feed': (finding, { percent }) => ({
		tone: 'look',
		title: `The catches fall ${percent(finding.share)} away from ${finding.from === 'centre' ? 'the middle' : `the ${finding.from}`}`,
		body: 'They fall steadily, nozzle by nozzle, so pressure is lost along the line: a hose or pipe too narrow, a choked strainer, or a kink. No single nozzle is at fault.'
	}),
	'sides-apart': (finding, { percent }) => ({
		tone: 'look',
		title: `The ${finding.share > 0 ? 'right' : 'left'} side gives ${percent(finding.share > 0 ? finding.share : 1 / (1 + finding.share) - 1)} more than the ${finding.share > 0 ? 'left' : 'right'}`,
		body: 'More than 5 % between the sides is not chance. Look at the other side’s filter, valve and hose, and whether both carry the same nozzles.'
	}),
	'used-apart': (finding, { percent }) => ({
		tone: 'look',
		title: `Tank reading ${finding.reading} is ${percent(finding.share)} ${finding.share > 0 ? 'over' : 'under'} the others`,
		body: 'Repeats should agree within 5 %. If one was read wrongly, strike it and do it again; if not, it counts.'
	}),
	'swath-none-even': (finding, { percent }) => ({
		tone: 'look',
		title: 'No swath from these pans is even enough',
		body: `No width that can be driven keeps the CV within ${percent(finding.limit)}. Look at nozzle height, wear and level first. The width you chose is used, and strips will show.`
	}),
	'methods-apart': (finding, { percent }) => ({
		tone: 'look',
		title: `${methodWords[finding.method].name} says ${percent(finding.share)} ${finding.share > 0 ? 'more' : 'less'}`,
		body: `The two ways may differ by ${percent(finding.joint)} with nothing wrong. One of their readings is: check the width or area, then the times, then the tank.`
	}),
	'height-outside': (finding, { f }) => ({
		tone: 'look',
		title: `Nozzles at ${f.height(finding.height)} are ${finding.height < finding.low ? 'low' : 'high'}`,
		body: `The maker gives ${f.height(finding.low)} to ${f.height(finding.high)}. Outside of it the pattern, and so the swath, is not the one on the sheet.`
	}),
	'pressure-outside': (finding, { f }) => ({
		tone: 'look',
		title: `${f.pressure(finding.pressure)} is ${finding.pressure < finding.low ? 'under' : 'over'} the sprayer’s range`,
		body: `It is made for ${f.pressure(finding.low)} to ${f.pressure(finding.high)}. Below, the pattern falls in; above, drops get fine and drift.`
	}),
	'caught-together': (finding, { names }) => ({
		tone: 'look',
		title: `${listed(finding.nozzles, names)} were caught together`,
		body: 'Their total counts. A blocked nozzle beside a worn one does not show in it: catch each alone to judge them.'
	}),
	'sample-of-one': (finding) => ({
		tone: 'look',
		title: `One nozzle stands for ${finding.nozzles}`,
		body: 'Nothing is known about the others, so the ± counts them as up to 10 % apart. Catch more of them.'
	})
};

/** Nozzles by name, the first three of them. */
const listed = (numbers: readonly number[], names: NozzleNames) =>
	`${numbers.slice(0, 3).map(names.nozzle).join(', ')}${numbers.length > 3 ? ` and ${numbers.length - 3} more` : ''}`;

const setName = (group: string) => (group === '' ? 'The set gives' : `The ${group} nozzles give`);
