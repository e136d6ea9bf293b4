import { describe, expect, it } from 'vitest';
import { usualSkill } from '../../src/core';
import { arcBox, arcNozzles, crossMark, sprayPath } from '../../src/lib/drawings/arc-geometry';
import { formOfSprayer, readSprayerForm } from '../../src/lib/forms/typed-sprayer';
import { skillOf } from '../../src/lib/settings/skill';
import { readSkillForm, skillFields, skillTexts, usualText } from '../../src/lib/forms/skill-form';
import { readSettingForm } from '../../src/lib/forms/setting-form';
import { sprayerFormSchema } from '../../src/lib/forms/sprayer-form';
import { describeSprayer } from '../../src/lib/wording/describe-sprayer';
import { methodName } from '../../src/lib/wording/methods';
import { namesOf } from '../../src/lib/wording/nozzle-names';
import { stepLead } from '../../src/lib/wording/step-leads';
import { fileName } from '../../src/lib/server/files';
import { demoSprayers } from '../../demo/sprayers';
import { driveAt } from '../../simulators/drive';
import { meterFlow } from '../../simulators/meter-protocol';
import { blower, knapsack, thrower } from '../support/sprayers';
import { testSprayer } from '../support/entries';
import { metric } from '../support/calibration-state';

const kinds = [testSprayer, thrower, blower, knapsack];

describe('a sprayer’s form', () => {
	it.each([...kinds, ...demoSprayers].map((sprayer) => [sprayer.name, sprayer] as const))(
		'%s reads back as it was',
		(_name, sprayer) => {
			const { rig: again, issues } = readSprayerForm(formOfSprayer(sprayer), metric);
			expect(issues).toEqual([]);
			expect({ kind: again.kind, nozzles: again.nozzles, sections: again.sections, groups: again.groups }).toEqual({
				kind: sprayer.kind,
				nozzles: sprayer.nozzles,
				sections: sprayer.sections,
				groups: sprayer.groups
			});
			expect(Object.keys(again).sort()).toEqual(Object.keys(sprayer).sort());
		}
	);
	const problems = (sprayer: (typeof kinds)[number], change: object) =>
		readSprayerForm({ ...formOfSprayer(sprayer), ...change }, metric).issues.map((i) => `${i.path} ${i.code}`);
	it('keeps sizes apart whose names have a comma in them', () => {
		const sizes = (groups: string, perSide = '4') =>
			readSprayerForm({ ...formOfSprayer(blower), ratings: '', perSide, groups }, { ...metric, decimalComma: true })
				.rig;
		const four = ['1,0', '1,5', '1,5', '2,0'];
		const sprayer = sizes(' 1,0; 1,5 ;1,5; 2,0 ');
		expect(sprayer.groups).toEqual([...four, ...four]);
		expect(formOfSprayer(sprayer).groups).toBe('1,0; 1,5; 1,5; 2,0');
		const one = sizes('1,0;', '1');
		expect(one.groups).toEqual(['1,0', '1,0']);
		expect(sizes(formOfSprayer(one).groups, '1').groups).toEqual(one.groups);
		expect(sizes('1.0, 1.5 1.5+2.0').groups?.slice(0, 4)).toEqual(['1.0', '1.5', '1.5', '2.0']);
	});
	it('tells each trouble of each kind at its own field', () => {
		expect(problems(blower, { perSide: 'some' })).toEqual(['perSide not-whole']);
		expect(problems(blower, { groups: '1.0, 1.5' })).toEqual(['groups count-mismatch']);
		expect(problems(blower, { ratings: '1.0 is 1' })).toEqual(['ratings unreadable']);
		expect(problems(blower, { ratings: '1.0 = 3 m' })).toEqual(['ratings wrong-kind']);
		expect(problems(blower, { ratedAt: '' })).toContain('ratedAt empty');
		expect(problems(thrower, { makerLow: '2 m', makerHigh: '1 m' })).toEqual(['makerLow upside-down']);
		expect(problems(thrower, { pressureLow: '2 bar', pressureHigh: '' })).toEqual(['pressureHigh empty']);
		expect(problems(testSprayer, { fanAngle: '3', fanHeight: '50 cm' })).toEqual(['fanAngle angle']);
		expect(problems(testSprayer, { band: '25 cm', bands: '6', bandRowSpacing: '75 cm', bandRows: '2.5' })).toEqual([
			'bandRows not-whole'
		]);
		expect(problems(knapsack, { nozzles: '' })).toEqual([]);
		expect(problems(knapsack, { name: '', tank: '0' })).toEqual(['name empty', 'tank zero']);
	});
	it('leaves out what another kind asks for', () => {
		const { rig: sprayer } = readSprayerForm(
			{ ...formOfSprayer(testSprayer), kind: 'knapsack', groups: 'a, b' },
			metric
		);
		expect(sprayer.groups).toBeUndefined();
		expect(sprayer.spacing).toBeUndefined();
		expect(sprayer.fan).toBeUndefined();
	});
	it('is a boom until somebody says otherwise', () => {
		expect(sprayerFormSchema.parse({})).toMatchObject({ kind: 'boom', name: '', drive: '' });
		expect(sprayerFormSchema.safeParse({ kind: 'balloon' }).success).toBe(false);
	});
});

describe('a setting’s form', () => {
	const read = (
		fields: Record<string, string | string[]>,
		sections: number[],
		kind: 'boom' | 'airblast' | 'boomless' = 'boom'
	) => {
		const data = new FormData();
		for (const [name, value] of Object.entries(fields)) for (const one of [value].flat()) data.append(name, one);
		return readSettingForm(data, { kind, sections });
	};
	it('keeps what is off, and asks for a name', () => {
		expect(read({ name: 'Left only', on: '0', rpm: '540' }, [4, 4]).form).toMatchObject({ off: [1], rpm: '540' });
		expect(read({ on: ['0', '1'] }, [4, 4]).problems).toHaveProperty('name');
		expect(read({ name: 'None' }, [4, 4]).problems).toHaveProperty('on');
		expect(read({ name: 'One part' }, [4]).form.off).toEqual([]);
	});
	it('asks an arc with one side shut what becomes of the other side', () => {
		const left = { name: 'Left only', on: '0' };
		expect(read(left, [4, 4], 'airblast').problems.otherSide).toContain('twice or half');
		expect(read({ ...left, otherSide: 'not' }, [4, 4], 'airblast')).toMatchObject({
			form: { otherSide: 'not' },
			problems: {}
		});
		// Both sides open, or a sprayer that throws over open ground: no question, and no answer that stays behind.
		expect(read({ name: 'Both', on: ['0', '1'], otherSide: 'not' }, [4, 4], 'airblast').form.otherSide).toBe('');
		expect(read(left, [4, 4], 'boomless').problems).toEqual({});
	});
	it('says what is no number of turns and no pressure', () => {
		const { problems } = read({ name: 'x', on: '0', rpm: 'fast', pressure: '3 L' }, [4]);
		expect(problems.rpm).toContain('“fast”');
		expect(problems.pressure).toContain('“3 L” is not a pressure');
	});
});

describe('how well a farm measures', () => {
	it('is the usual where nothing is set, and what is set where it is', () => {
		expect(skillOf({ skill: {} })).toEqual(usualSkill);
		expect(skillOf({ skill: { stopwatch: 0.1 } }).stopwatch).toBe(0.1);
		expect(new Set(skillFields.map((f) => f.name))).toEqual(new Set(Object.keys(usualSkill)));
		for (const field of skillFields) expect(usualText(field, false)).toMatch(/^usual: [\d.]+ /);
	});
	it('goes through its form and back', () => {
		const { skill, problems } = readSkillForm(
			(name) => ({ steadyDriven: '2 %', jugMarks: '25', tape: '' })[name] ?? ''
		);
		expect(problems).toEqual({});
		expect(Object.keys(skill).sort()).toEqual(['jugMarks', 'steadyDriven']);
		expect(skill.steadyDriven).toBeCloseTo(0.02, 12);
		expect(skill.jugMarks).toBeCloseTo(25e-6, 12);
		expect(skillTexts({ skill, decimalComma: false })).toMatchObject({ steadyDriven: '2', jugMarks: '25', tape: '' });
		expect(skillTexts({ skill: { stopwatch: 0.25 }, decimalComma: true })).toMatchObject({ stopwatch: '0,25' });
	});
	it('refuses what is no measure of anything', () => {
		const { problems } = readSkillForm((name) => ({ stopwatch: '-1', tape: '300', tester: 'good' })[name] ?? '');
		expect(Object.keys(problems).sort()).toEqual(['stopwatch', 'tape', 'tester']);
	});
});

describe('words of each kind', () => {
	it('name its nozzles as people do', () => {
		expect([1, 4, 5, 8].map(namesOf(blower).nozzle)).toEqual(['Left 1', 'Left 4', 'Right 1', 'Right 4']);
		expect(namesOf(testSprayer).nozzle(5)).toBe('Nozzle 5');
		expect(namesOf(blower).section(1)).toBe('Right side');
		expect(namesOf(testSprayer).section(1)).toBe('Right section');
	});
	it('say what it is made of, how it is measured and what to do', () => {
		for (const sprayer of kinds) {
			expect(describeSprayer(sprayer)).not.toMatch(/undefined|NaN/);
			for (const method of ['speed-width-flow', 'plot-catch', 'refill', 'parked-drop'] as const) {
				expect(methodName(method, sprayer.kind)).not.toBe('');
				for (const step of ['ready', 'speed', 'swath', 'plot', 'flow', 'tank', 'volume', 'sign-off'] as const)
					expect(stepLead(step, sprayer.kind, method)).toMatch(/[.]$/);
			}
		}
		expect(describeSprayer(blower)).toBe('2 × 4 nozzles, 3 sizes · 5 m rows');
	});
});

describe('a drawn arc', () => {
	it('has its nozzles mirrored, from the bottom up, all within the drawing', () => {
		const nozzles = arcNozzles(6);
		expect(nozzles.map((n) => n.n)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]);
		for (let i = 0; i < 6; i += 1) {
			expect(nozzles[i]!.x + nozzles[i + 6]!.x).toBeCloseTo(2 * arcBox.x, 6);
			expect(nozzles[i]!.y).toBeCloseTo(nozzles[i + 6]!.y, 6);
			if (i > 0) expect(nozzles[i]!.y).toBeLessThan(nozzles[i - 1]!.y);
			expect(nozzles[i]!.x + nozzles[i]!.ux * 170).toBeGreaterThan(0);
			expect(nozzles[i]!.y + nozzles[i]!.uy * 170).toBeGreaterThan(0);
		}
		expect(arcNozzles(1)).toHaveLength(2);
		expect(sprayPath(nozzles[0]!, 50)).toMatch(/^M[-\d.]+ [-\d.]+(L[-\d.]+ [-\d.]+){3}Z$/);
		expect(crossMark(nozzles[0]!, 50)).not.toContain('NaN');
	});
});

describe('the simulated yard', () => {
	it('drives a strip, slows down, turns into the next lane and comes back, without a jump', () => {
		const settings = { speed: 2.2, strip: 180 };
		let before = driveAt(0, settings);
		for (let s = 0.2; s < 400; s += 0.2) {
			const now = driveAt(s, settings);
			const east = (now.longitude - before.longitude) * 95_974;
			const north = (now.latitude - before.latitude) * 110_852;
			expect(Math.hypot(east, north)).toBeLessThan(0.2 * 2.3);
			before = now;
		}
		expect(driveAt(40, settings).speed).toBe(2.2);
		expect(driveAt(0, settings).speed).toBe(0);
	});
	it('has a meter whose nozzles differ a little, and the same each time', () => {
		const sprayer = { flow: 1.2, nozzle: 3, fault: 'none' } as const;
		expect(meterFlow(5, sprayer)).toBe(meterFlow(5, sprayer));
		for (let n = 1; n < 40; n += 1) expect(Math.abs(meterFlow(n, sprayer) / 1.2 - 1)).toBeLessThan(0.01);
	});
});

describe('a file’s name', () => {
	it('is plain letters, whatever the sprayer is called', () => {
		expect(fileName('Längs-Wiese "Boom"', '2026-03-14')).toBe('l-ngs-wiese-boom-2026-03-14');
		expect(fileName('../../etc')).toBe('etc');
		expect(fileName('…')).toBe('fallow');
	});
});
