import { usualSkill as skill } from '../measurement/defaults';
import type { Flow, Speed, Time, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { ActionKind, YardSeen, TapedThing, YardAction } from './actions';
import { Chance } from './chance';
import { claimedReading, noLie, truthOfClaim } from './claimed-reading';
import { freshNozzle } from './fresh-nozzle';
import { jugLevel } from './jug-level';
import type { Machine, YardSetting } from './machine';
import { machineFlows } from './machine-flows';
import { machineSpeed } from './machine-speed';
import { panLevels, wettedWidth, yardPans } from './machine-width';
import { halfFull } from './true-rate';
import { wheelSlip } from './wheel-slip';
import type { Yard } from './yard';
import { startLevel } from './yard';

/** A spray that is so much thinner than its neighbours is seen by eye. */
const seenThin = 0.3;
/** Share of a nozzle that has to be stopped for dirt to come out of it. */
const seenDirt = 0.03;
/** Sizes on a stamp are farther apart than nozzles of one size differ. */
const seenStamp = 0.1;
/** Of a tested gauge, and of counting revs. */
const tested = 0.01;
/** Of a pan that is read. */
const panRead = 0.02;
/** Way of one pass over the pans, or to see how far it wets, m. */
const shortPass = 20;
/** How long it sprays while somebody looks, s. */
const whileLooking = 30;

/** What an action comes to: what is seen, how long the sprayer runs, where the water goes, and what changes. */
export interface YardOutcome {
	readonly seen: YardSeen;
	readonly running?: Time;
	readonly landed?: Volume;
	readonly caught?: Volume;
	readonly dripped?: Volume;
	readonly filled?: Volume;
	readonly machine?: Machine;
	readonly setting?: YardSetting;
}

/** Where something is done: the yard, and the chance of that one doing. */
interface Place {
	readonly yard: Yard;
	readonly machine: Machine;
	readonly setting: YardSetting;
	readonly chance: Chance;
}
type Action<K extends ActionKind> = Extract<YardAction, { readonly do: K }>;

const flowOf = ({ machine, setting }: Place): Flow => machineFlows(machine, setting).total;
const speedOf = ({ yard, machine, setting }: Place): Speed =>
	machineSpeed(machine, setting, yard.water.tank / machine.tank);
const steady = ({ machine, chance }: Place): number =>
	1 + chance.normal(machine.pace === null ? skill.steadyDriven : skill.steadyOnFoot);

/** YardWater that lands on the ground in a time, or runs off beside it. */
const landing = (at: Place, seconds: number) => ({
	running: si<'time'>(seconds),
	landed: si<'volume'>(flowOf(at) * seconds)
});
const dripping = (at: Place, seconds: number) => ({
	running: si<'time'>(seconds),
	dripped: si<'volume'>(flowOf(at) * seconds)
});

const outcomes: { readonly [K in ActionKind]: (at: Place, action: Action<K>) => YardOutcome } = {
	set({ setting }, { rpm, gear, gauge, height, strokes }) {
		return {
			seen: { of: 'set' },
			setting: {
				rpm: rpm ?? setting.rpm,
				gear: gear ?? setting.gear,
				gauge: gauge ?? setting.gauge,
				height: height ?? setting.height,
				strokes: strokes ?? setting.strokes
			}
		};
	},
	drive(at) {
		const { machine, yard } = at;
		// Nothing is sprayed on a timed course: the nozzles are shut.
		const pass = si<'time'>((machine.course.is / speedOf(at)) * steady(at));
		const { ground, grip } = machine.slip;
		// A dial counts the wheels: it is right for the slip of a half-full tank.
		const rolled = machine.course.is / pass / (1 - wheelSlip(ground, grip, yard.water.tank / machine.tank));
		const sound = rolled * (1 - wheelSlip(ground, grip, halfFull));
		const dial = machine.dial && si<'speed'>(claimedReading(sound, machine.dial));
		const back = yard.done.filter((d) => d.action.do === 'drive').length % 2 === 1;
		return { seen: { of: 'drive', pass, dial, back }, running: si<'time'>(pass + machine.approach) };
	},
	catch({ machine, setting }, { nozzles, held }) {
		const { flows, total } = machineFlows(machine, setting);
		const jugs = nozzles.map((nozzle) => {
			const level = jugLevel(si<'volume'>((flows[nozzle - 1] ?? 0) * held), machine.jugSize.brim, machine.jug);
			return { nozzle, shown: level.shown, caught: level.held };
		});
		const caught = si<'volume'>(jugs.reduce((s, j) => s + j.caught, 0));
		return {
			seen: { of: 'catch', held, jugs },
			running: held,
			caught,
			dripped: si<'volume'>(total * held - caught)
		};
	},
	pans(at) {
		const speed = speedOf(at);
		const levels = panLevels(at.machine, at.setting, speed).map((v) =>
			si<'volume'>(Math.max(0, v * (1 + at.chance.normal(panRead))))
		);
		return { seen: { of: 'pans', levels }, ...landing(at, (yardPans.passes * shortPass) / speed) };
	},
	wet(at) {
		const wetted = wettedWidth(at.machine, at.setting);
		// Both edges waver; together they are what a wetted width is known to.
		const edge = Math.min(skill.wettedEdge, skill.wettedEdgeShare * wetted) / Math.SQRT2;
		const half = () => si<'length'>(wetted / 2 + at.chance.normal(edge));
		return { seen: { of: 'wet', left: half(), right: half() }, ...landing(at, shortPass / speedOf(at)) };
	},
	park(at, { time }) {
		const out = dripping(at, time);
		return { seen: { of: 'park', used: out.dripped }, ...out };
	},
	cover(at) {
		const { ground, course } = at.machine;
		const pass = ((ground?.is.length ?? course.is) / speedOf(at)) * steady(at);
		const out = landing(at, pass);
		return { seen: { of: 'cover', pass: si<'time'>(pass), used: out.landed }, ...out };
	},
	dip({ yard, chance }) {
		return { seen: { of: 'dip', level: si<'volume'>(yard.water.tank * (1 + chance.normal(skill.metered))) } };
	},
	fill({ yard, machine, chance }) {
		const short = si<'volume'>(Math.max(0, machine.tank * startLevel - yard.water.tank));
		return { seen: { of: 'fill', metered: si<'volume'>(short * (1 + chance.normal(skill.metered))) }, filled: short };
	},
	tape({ machine, setting, chance }, { what }) {
		const length = si<'length'>(lengths[what](machine, setting) * (1 + chance.normal(skill.tape)));
		return { seen: { of: 'tape', what, length } };
	},
	'test-gauge'(at) {
		const { pressure, gauge } = machineFlows(at.machine, at.setting);
		const read = si<'pressure'>(pressure * (1 + at.chance.normal(tested)));
		return { seen: { of: 'test-gauge', tested: read, gauge }, ...dripping(at, whileLooking) };
	},
	'count-revs'({ machine, setting, chance }) {
		const counted = truthOfClaim(setting.rpm, machine.revs ?? noLie) * (1 + chance.normal(tested));
		return { seen: { of: 'count-revs', counted: Math.round(counted), shown: setting.rpm } };
	},
	'check-jug'({ machine: { jug, jugSize } }) {
		const poured = si<'volume'>(jugSize.brim / 2);
		return { seen: { of: 'check-jug', poured, shown: jugLevel(poured, jugSize.brim, jug).shown } };
	},
	'check-sight'({ machine }) {
		const litres = si<'volume'>(machine.tank / 10);
		const rose = si<'volume'>(claimedReading(litres, machine.sight));
		// Let in to be seen, and let out again.
		return { seen: { of: 'check-sight', let: litres, rose }, filled: litres, dripped: litres };
	},
	'open-filter'({ machine }, { section }) {
		const own = section === null ? machine.mainFilter : (machine.filters[section - 1] ?? Infinity);
		const filters = machine.filters.map((c, i) => (i + 1 === section ? Infinity : c));
		return {
			seen: { of: 'open-filter', section, was: Number.isFinite(own) ? 'foul' : 'clean' },
			machine: section === null ? { ...machine, mainFilter: Infinity } : { ...machine, filters }
		};
	},
	brush({ machine }, { nozzle }) {
		const was = (machine.nozzles[nozzle - 1]?.blocked ?? 0) > seenDirt ? 'foul' : 'clean';
		const nozzles = machine.nozzles.map((n, i) => (i + 1 === nozzle ? { ...n, blocked: 0 } : n));
		return { seen: { of: 'brush', nozzle, was }, machine: { ...machine, nozzles } };
	},
	replace({ machine, chance }, { nozzle }) {
		const nozzles = machine.nozzles.map((n, i) => (nozzle === null || i + 1 === nozzle ? freshNozzle(chance) : n));
		return { seen: { of: 'replace', nozzle }, machine: { ...machine, nozzles } };
	},
	'replace-hose'({ machine }) {
		return { seen: { of: 'replace-hose' }, machine: { ...machine, hose: Infinity } };
	},
	'read-stamp'({ machine }, { nozzle }) {
		const size = machine.nozzles[nozzle - 1]?.size ?? 1;
		const stamp = size > 1 + seenStamp ? 'larger' : size < 1 - seenStamp ? 'smaller' : 'right';
		return { seen: { of: 'read-stamp', nozzle, size: stamp } };
	},
	'look-fans'(at) {
		const thin = at.machine.nozzles.flatMap((n, i) => (n.blocked > seenThin ? [i + 1] : []));
		return { seen: { of: 'look-fans', thin }, ...dripping(at, whileLooking) };
	}
};

const lengths: Readonly<Record<TapedThing, (machine: Machine, setting: YardSetting) => number>> = {
	course: ({ course }) => course.is,
	ground: ({ ground, course }) => ground?.is.length ?? course.is,
	spacing: ({ width, course }) =>
		width.by === 'throw' ? course.is : width.by === 'lance' ? width.width : width.spacing,
	height: (_, setting) => setting.height
};

/**
 * What comes of one thing that is done in a yard: a table with one entry for each.
 * @example
 * outcomeOf(openYard(exercises[0], 1), { do: 'brush', nozzle: 2 }).seen.was // => "clean"
 */
export function outcomeOf(yard: Yard, action: YardAction): YardOutcome {
	const chance = new Chance(yard.seed, `${action.do} ${yard.done.length}`);
	const make = outcomes[action.do] as (at: Place, action: YardAction) => YardOutcome;
	return make({ yard, machine: yard.machine, setting: yard.setting, chance }, action);
}
