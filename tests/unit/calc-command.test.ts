import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import golden from '../golden/golden.json';

const folder = mkdtempSync(join(tmpdir(), 'fallow-calc-'));
afterAll(() => rmSync(folder, { recursive: true }));

function command(args: readonly string[], input = '') {
	const script = new URL('../../scripts/calc.mjs', import.meta.url).pathname;
	const done = spawnSync(process.execPath, [script, ...args], { input, encoding: 'utf8' });
	return { code: done.status, out: done.stdout, err: done.stderr };
}
const file = (name: string, text: string) => {
	const path = join(folder, name);
	writeFileSync(path, text);
	return path;
};
const boom = (golden as { id: string; sheet: Record<string, unknown> }[]).find((c) => c.id === 'boom-metric')!.sheet;
const sheet = (change: object) => JSON.stringify({ ...boom, ...change });

describe('npm run -s calc', () => {
	it('prints one answer and exits 0', () => {
		const { code, out, err } = command([file('boom.json', JSON.stringify(boom))]);
		expect([code, err]).toEqual([0, '']);
		expect(JSON.parse(out).rate['L/ha']).toBeCloseTo(181.48444444444445, 9);
	});

	it('reads standard input', () => {
		expect(JSON.parse(command(['-'], JSON.stringify(boom)).out).width.m).toBe(4);
	});

	it('answers every line of an ndjson file in order, and exits 2 if any failed', () => {
		const lines = [JSON.stringify(boom), '{ not json', sheet({ method: 'refill' }), '', JSON.stringify(boom)].join(
			'\n'
		);
		const { code, out, err } = command([file('many.ndjson', lines)]);
		const answers = out
			.trim()
			.split('\n')
			.map((line) => JSON.parse(line) as { error?: object; rate?: object });
		expect([code, err, answers.map((a) => ('error' in a ? 'error' : 'rate'))]).toEqual([
			2,
			'',
			['rate', 'error', 'error', 'rate']
		]);
	});

	const speed = boom.speed as object;
	const flow = boom.flow as { catches: unknown[] };
	const wanted = (golden as { id: string; sheet: Record<string, unknown> }[]).find(
		(c) => c.id === 'adjust-up-12'
	)!.sheet;
	const adjustment = (change: object) => JSON.stringify({ ...wanted, ...change });
	const plan = (change: object) =>
		JSON.stringify({
			format: 'fallow-plan/1',
			area: { area: '1 ha' },
			rate: '200 L/ha',
			tank: '600 L',
			split: 'equal',
			products: [],
			...change
		});
	const bad: readonly [string, string, string][] = [
		['a wanted volume of zero', adjustment({ wanted: '0 L/ha' }), 'wanted'],
		['speeds upside down', adjustment({ speedRange: ['9 km/h', '4 km/h'] }), 'speedRange.0'],
		['pressures upside down', adjustment({ nozzle: { ...(wanted.nozzle as object), min: '5 bar' } }), 'nozzle.min'],
		['an adjustment of another format', adjustment({ format: 'fallow-adjust/2' }), 'format'],
		['an unknown key of an adjustment', adjustment({ gear: 'B2' }), 'gear'],
		['two of four', JSON.stringify({ format: 'fallow-fourth/1', rate: '180 L/ha', speed: '8 km/h' }), ''],
		[
			'four of four',
			JSON.stringify({ format: 'fallow-fourth/1', rate: '180 L/ha', speed: '8 km/h', width: '12 m', flow: '27 L/min' }),
			''
		],
		[
			'a speed that nothing drives',
			JSON.stringify({ format: 'fallow-fourth/1', rate: '180 L/ha', speed: '80 km/h', width: '12 m' }),
			'speed'
		],
		[
			'a full tank of product alone',
			JSON.stringify({
				format: 'fallow-plan/1',
				rate: '20 L/ha',
				tank: '600 L',
				products: [{ name: 'Ochre', dose: '20 L/ha' }]
			}),
			'products'
		],
		['a full tank and a way of splitting', plan({ area: undefined }), 'area'],
		['ground and no way of splitting', plan({ split: undefined }), 'split'],
		['malformed JSON', '{"format":', ''],
		['no object', '[1]', ''],
		['an unknown format', sheet({ format: 'other/1' }), 'format'],
		['an unknown key', sheet({ colour: 'blue' }), 'colour'],
		['an unknown key inside', sheet({ speed: { ...speed, colour: 'blue' } }), 'speed.colour'],
		['an unknown method', sheet({ method: 'guess' }), 'method'],
		['a method that lacks its parts', sheet({ method: 'plot-catch' }), 'plot'],
		[
			'less than nothing used',
			JSON.stringify({
				format: 'fallow-sheet/1',
				method: 'refill',
				area: { area: '1 ha' },
				used: [{ start: '5 L', left: '6 L' }]
			}),
			'used.0'
		],
		[
			'two schools of width at once',
			sheet({ width: { kind: 'measured', wetted: '8 m', share: 0.85, asIs: true } }),
			'width'
		],
		[
			'an overlap wider than the swath',
			sheet({ width: { kind: 'measured', wetted: '8 m', edgeOverlap: '5 m' } }),
			'width.edgeOverlap'
		],
		[
			'pans that no pass can even out',
			sheet({
				width: {
					kind: 'pans',
					spacing: '1 m',
					catches: ['90 ml', '0 ml', '0 ml', '0 ml'],
					driving: 'one-way',
					maxCv: 0.01
				}
			}),
			'width.catches'
		],
		['an unknown width', sheet({ width: { kind: 'guess' } }), 'width.kind'],
		['rows without their length', plan({ split: 'whole-rows', rows: 4, rowSpacing: '5 m' }), 'rowLength'],
		['whole packs without a pack', plan({ split: 'whole-packs' }), 'pack'],
		['a tank of dead volume alone', plan({ dead: '600 L' }), 'dead'],
		[
			'a dose by the row without rows',
			plan({ products: [{ name: 'Chalk', dose: '30 ml/100 m row' }] }),
			'products.0.dose'
		],
		['packets of an unknown size', plan({ products: [{ name: 'Chalk', dose: '2 packets/ac' }] }), 'products.0.dose'],
		['a cap that is a share', plan({ products: [{ name: 'Chalk', dose: '1 L/ha', max: '1 %' }] }), 'products.0.max'],
		[
			'a weight of a liquid',
			plan({ products: [{ name: 'Chalk', dose: '1 kg/ha', state: 'liquid' }] }),
			'products.0.dose'
		],
		[
			'a ratio of nothing',
			plan({ products: [{ name: 'Chalk', dose: { product: '0 ml', inTotal: '5 L' } }] }),
			'products.0.dose'
		],
		['a wrong kind of unit', sheet({ speed: { ...speed, course: '3 L' } }), 'speed.course'],
		['a negative time', sheet({ speed: { ...speed, times: ['27 s', '-3 s'] } }), 'speed.times.1'],
		['a 900 km/h sprayer', sheet({ speed: { value: '900 km/h' } }), 'speed.value'],
		['a 0.5 mm spacing', sheet({ width: { kind: 'boom', nozzles: 8, spacing: '0.5 mm' } }), 'width.spacing'],
		['a comma', sheet({ flow: { ...flow, catches: ['60,2 ml', ...flow.catches.slice(1)] } }), 'flow.catches.0'],
		['too few catches', sheet({ flow: { ...flow, catches: flow.catches.slice(1) } }), 'flow.catches'],
		['a bare number', sheet({ flow: { ...flow, time: '30' } }), 'flow.time'],
		[
			'a dose that could be two',
			JSON.stringify({
				format: 'fallow-plan/1',
				area: { area: '1 ha' },
				rate: '200 L/ha',
				tank: '600 L',
				split: 'equal',
				products: [{ name: 'Chalk', dose: '14 oz/ac' }]
			}),
			'products.0.dose'
		]
	];
	it('tells everything that is wrong with its path, without a stack trace', () => {
		const { code, out, err } = command([file('bad.ndjson', bad.map(([, text]) => text).join('\n'))]);
		expect([code, err]).toEqual([2, '']);
		expect(out).not.toMatch(/\n\s+at /);
		const answers = out
			.trim()
			.split('\n')
			.map((line) => JSON.parse(line) as { error: { path: string; message: string } });
		expect(answers.map((a, i) => [bad[i]![0], a.error.path])).toEqual(bad.map(([what, , path]) => [what, path]));
		for (const answer of answers) expect(answer.error.message.length).toBeGreaterThan(8);
	});

	it('says in one line that a file is not there, or that none was named', () => {
		expect(command(['nowhere.json'])).toMatchObject({ code: 2, err: '' });
		expect(JSON.parse(command([]).out).error.message).toContain('npm run -s calc');
	});
});
