import { describe, expect, it } from 'vitest';
import { si } from '../quantity/quantity';
import type { DoseReading } from './read-dose';
import { readAmount, readDose } from './read-dose';

const US: DoseReading = { gallon: 'US' };
const liquid: DoseReading = { ...US, state: 'liquid' };
const dry: DoseReading = { ...US, state: 'dry' };
const A = [{ name: 'ochrazole', content: 250 }];
const AB = [...A, { name: 'umbrin', content: 100 }];

/** What a dose is read as, in SI to nine digits, or what is wrong with it; always told of the whole text, at its place. */
function told(text: string, reading: DoseReading): string {
	const read = readDose(text, reading, 'dose');
	if (read.ok) {
		const { basis, ...amount } = read.value;
		return `${basis} ${Number(Object.values(amount)[0]!.toPrecision(9))}`;
	}
	const [issue, other] = read.issues;
	expect([issue!.path, issue!.text, other]).toEqual(['dose', text, undefined]);
	return words(issue!);
}
const words = ({ code, wanted, bound }: { code: string; wanted?: string; bound?: string }) =>
	[code, ...(wanted === undefined ? [] : [`wants ${wanted}`]), ...(bound === undefined ? [] : [`bound ${bound}`])].join(
		' '
	);

type Case = readonly [text: string, reading: DoseReading, told: string];
const cases: Record<string, readonly Case[]> = {
	'per area, in the unit and the state of the product': [
		['2', { ...US, unit: 'L/ha' }, 'no-state'],
		['2', { ...liquid, unit: 'L/ha' }, 'liquidPerArea 2e-7'],
		['2', { ...dry, unit: 'kg/ha' }, 'dryPerArea 0.0002'],
		['2 L/ha', { ...US, unit: 'L/ha' }, 'liquidPerArea 2e-7'],
		['2', US, 'no-unit wants volumePerArea|massPerArea'],
		['12 oz', liquid, 'per-what'],
		['12 oz', US, 'per-what'],
		['14 oz/ac', US, 'ambiguous-oz wants volumePerArea|massPerArea'],
		['14 oz/ac', liquid, 'liquidPerArea 1.02308896e-7'],
		['14 oz/ac', dry, 'dryPerArea 0.0000980744762'],
		['2 L/ha', dry, 'wrong-kind wants massPerArea'],
		['2 kg/ha', US, 'dryPerArea 0.0002'],
		['2 kg/ha', liquid, 'no-density'],
		['2 kg/ha', { ...liquid, density: 1250 }, 'liquidPerArea 1.6e-7'],
		['5000 L/ha', liquid, 'too-large wants volumePerArea bound 1,000 L/ha'],
		['5000 kg/ha', dry, 'too-large wants massPerArea bound 1,000 kg/ha'],
		['0.00001 ml/ha', liquid, 'too-small wants volumePerArea bound 0.100 ml/ha']
	],
	'with a decimal comma only where the farm writes one': [
		['1,5 L/ha', { ...liquid, decimalComma: true }, 'liquidPerArea 1.5e-7'],
		['1,5 L/ha', liquid, 'comma wants volumePerArea|massPerArea bound .'],
		['0,1 %', { ...liquid, decimalComma: true }, 'shareLiquid 0.001'],
		['0,1 %', liquid, 'comma wants percent'],
		[
			'0,5 packets/ac',
			{ ...dry, packet: { kind: 'mass', amount: si<'mass'>(2) }, decimalComma: true },
			'dryPerArea 0.000247105381'
		]
	],
	'in packets, where one is known': [
		['2 packets/ac', { ...dry, packet: { kind: 'mass', amount: si<'mass'>(0.5) } }, 'dryPerArea 0.000247105381'],
		[
			'2 packets/ac',
			{ ...liquid, packet: { kind: 'volume', amount: si<'volume'>(0.0005) } },
			'liquidPerArea 2.47105381e-7'
		],
		['2 packets/ac', liquid, 'no-packet'],
		['x packets/ac', liquid, 'unreadable wants volumePerArea|massPerArea'],
		['0 packets/ac', liquid, 'zero wants volumePerArea|massPerArea'],
		['2 packets/L', { ...dry, packet: { kind: 'mass', amount: si<'mass'>(2) } }, 'wrong-kind wants area'],
		['2 packets/100 m2', { ...dry, packet: { kind: 'mass', amount: si<'mass'>(0.5) } }, 'dryPerArea 0.01'],
		['900 packets/m2', { ...dry, packet: { kind: 'mass', amount: si<'mass'>(2) } }, 'too-large bound less'],
		['0.000001 packets/ha', { ...dry, packet: { kind: 'mass', amount: si<'mass'>(0.001) } }, 'too-small bound more']
	],
	'of the active ingredient, named where there are several': [
		['480 g a.i./ha', { ...liquid, actives: A }, 'liquidPerArea 1.92e-7'],
		['480 g a.i./ha', { ...dry, actives: [{ name: 'o', content: 0.25 }] }, 'dryPerArea 0.000192'],
		['480 g a.i./ha', liquid, 'no-content'],
		['480 g a.i./ha', { ...US, actives: A }, 'no-content'],
		['480 g a.i./ha', { ...liquid, actives: AB }, 'which-active bound ochrazole, umbrin'],
		['480 g ochrazole a.i./ha', { ...liquid, actives: AB }, 'liquidPerArea 1.92e-7'],
		['480 g Umbrin a.i. / ha', { ...liquid, actives: AB }, 'liquidPerArea 4.8e-7'],
		['480 g of a.i./100 L', { ...liquid, actives: A }, 'shareLiquid 0.0192'],
		['480 g a.i./100 L', { ...dry, actives: [{ name: 'o', content: 0.25 }] }, 'shareDry 19.2'],
		['1 L a.i./ha', { ...liquid, actives: A }, 'wrong-kind wants massPerArea'],
		['2 packets a.i./ac', { ...liquid, actives: A, packet: { kind: 'mass', amount: si<'mass'>(1) } }, 'no-packet'],
		['0.5 % a.i.', { ...liquid, actives: A }, 'shareLiquid 0.02'],
		['480 g active ingredient per ha', { ...liquid, actives: A }, 'liquidPerArea 1.92e-7'],
		['480 g a.i./ha', { ...liquid, actives: [{ name: '', content: 250 }] }, 'liquidPerArea 1.92e-7'],
		[
			'480 g a.i./ha',
			{
				...liquid,
				actives: [
					{ name: '', content: 250 },
					{ name: '', content: 100 }
				]
			},
			'which-active bound , '
		],
		[
			'480 g am (b) a.i./ha',
			{
				...liquid,
				actives: [
					{ name: 'am (b)', content: 250 },
					{ name: 'am', content: 100 }
				]
			},
			'which-active bound am (b), am'
		],
		['200000 g a.i./100 L', { ...liquid, actives: A }, 'too-large wants percent bound 50 %']
	],
	'in millionths of the active ingredient': [
		['200 ppm', { ...liquid, actives: A }, 'shareLiquid 0.0008'],
		['200 ppm a.i.', { ...liquid, actives: A }, 'shareLiquid 0.0008'],
		['200 ppm', { ...dry, actives: [{ name: 'o', content: 0.25 }] }, 'shareDry 0.8'],
		['200 ppm', liquid, 'no-content'],
		['200 ppm', { ...US, actives: A }, 'no-content'],
		['200 ppm', { ...liquid, actives: AB }, 'which-active bound ochrazole, umbrin'],
		['0 ppm', { ...liquid, actives: A }, 'zero wants percent'],
		['x ppm', { ...liquid, actives: A }, 'unreadable wants percent'],
		['200000000 ppm', { ...liquid, actives: A }, 'too-large wants percent bound 50 %'],
		['0,5 ppm', { ...liquid, actives: A, decimalComma: true }, 'shareLiquid 0.000002']
	],
	'in parts to parts of water': [
		['1:50', liquid, 'shareLiquid 0.0196078431'],
		['1:50', dry, 'wrong-kind wants massPerArea'],
		['1:0', liquid, 'zero wants percent'],
		['0:50', liquid, 'zero wants percent'],
		['1:1', liquid, 'too-large wants percent bound 50 %'],
		['1:1.001', liquid, 'shareLiquid 0.499750125'],
		['1.2.3:5', liquid, 'unreadable wants volumePerArea|massPerArea'],
		['5:1.2.3', liquid, 'unreadable wants volumePerArea|massPerArea'],
		['0,5:50', { ...liquid, decimalComma: true }, 'shareLiquid 0.0099009901']
	],
	'in an amount that is made up, or by the volume of the mix': [
		['60 ml in 5 L', liquid, 'shareLiquid 0.012'],
		['60 g in 5 L', dry, 'shareDry 12'],
		['60 g in 5 L', US, 'shareDry 12'],
		['60 oz in 5 L', US, 'ambiguous-oz wants volumePerArea|massPerArea'],
		['60 ml in 5 L', dry, 'wrong-kind wants mass'],
		['60 ml in 5 m', liquid, 'wrong-kind wants volume'],
		['60 ml in 0 L', liquid, 'zero wants volumePerArea|massPerArea'],
		['3 L in 5 L', liquid, 'too-large wants percent bound 50 %'],
		['2.5 L in 5 L', liquid, 'too-large wants percent bound 50 %'],
		['3 kg in 5 L', dry, 'too-large wants percent bound 50 %'],
		['2.5 kg in 5 L', dry, 'too-large wants percent bound 50 %'],
		['2.4 kg in 5 L', dry, 'shareDry 480'],
		['60 parts in 5 L', liquid, 'unknown-unit wants volumePerArea|massPerArea'],
		['60 ml in 5 gal', { ...liquid, gallon: 'Imperial' }, 'shareLiquid 0.00263963098'],
		['100 ml/100 L', liquid, 'shareLiquid 0.001'],
		['100 ml / hl', liquid, 'shareLiquid 0.001'],
		['100 ml/L', liquid, 'shareLiquid 0.1'],
		['1,5 ml/0,5 L', { ...liquid, decimalComma: true }, 'shareLiquid 0.003']
	],
	'by the length of row': [
		['30 ml/100 m row', { ...liquid, rowSpacing: si<'length'>(3) }, 'liquidPerArea 1e-7'],
		['30 ml/100 m row', liquid, 'no-rows'],
		['30 g per 100 m of row', { ...dry, rowSpacing: si<'length'>(3) }, 'dryPerArea 0.0001'],
		['0 ml/100 m row', { ...liquid, rowSpacing: si<'length'>(3) }, 'zero wants volumePerArea|massPerArea'],
		['30 ml/0 m row', { ...liquid, rowSpacing: si<'length'>(3) }, 'zero wants volumePerArea|massPerArea'],
		['30 ml/m row', { ...liquid, rowSpacing: si<'length'>(3) }, 'liquidPerArea 0.00001'],
		['30 x/m row', { ...liquid, rowSpacing: si<'length'>(3) }, 'unknown-unit wants volumePerArea|massPerArea'],
		['90 L/m row', { ...liquid, rowSpacing: si<'length'>(3) }, 'too-large bound less']
	],
	'in percent': [
		['0.25 % v/v', liquid, 'shareLiquid 0.0025'],
		['0.25 % v/v', dry, 'wrong-kind wants massPerArea'],
		['5 % w/v', { ...liquid, density: 1250 }, 'shareLiquid 0.04'],
		['5 % w/v', liquid, 'no-density'],
		['5 % w/v', US, 'shareDry 50'],
		['5 % w/w', liquid, 'weight-percent wants percent'],
		['5 % v/w', liquid, 'weight-percent wants percent'],
		['0.5 %', dry, 'shareDry 5'],
		['-1 %', liquid, 'negative wants percent'],
		['x %', liquid, 'unreadable wants percent'],
		['0 %', liquid, 'zero wants percent'],
		['50 %', liquid, 'too-large wants percent bound 50 %'],
		['49.9 %', liquid, 'shareLiquid 0.499'],
		['60 % W/V', { ...liquid, density: 1250 }, 'too-large wants percent bound 50 %'],
		['49 % w/v', { ...liquid, density: 900 }, 'too-large wants percent bound 50 %'],
		['1 per cent', liquid, 'shareLiquid 0.01']
	]
};

describe('a dose is read', () => {
	for (const [how, list] of Object.entries(cases))
		it.each(list)(`${how}: %s`, (text, reading, expected) => expect(told(text, reading)).toBe(expected));
});

describe('an amount of product is read', () => {
	it.each<Case>([
		['5 L', dry, 'wrong-kind wants mass'],
		['0 L', liquid, 'zero wants volume'],
		['0 kg', dry, 'zero wants mass'],
		['5 kg', liquid, 'no-density'],
		['5 kg', { ...liquid, density: 1250 }, 'volume 0.004'],
		['5 kg', US, 'mass 5'],
		['5 L', US, 'volume 0.005'],
		['8 oz', dry, 'mass 0.226796185'],
		['8 oz', liquid, 'volume 0.000236588237'],
		['8 oz', US, 'ambiguous-oz wants volume|mass'],
		['5', { ...liquid, unit: 'L' }, 'volume 0.005'],
		['x', liquid, 'unreadable wants volume|mass'],
		['1,5 L', { ...liquid, decimalComma: true }, 'volume 0.0015']
	])('%s', (text, reading, expected) => {
		const read = readAmount(text, reading, 'pack');
		const one = read.ok ? `${read.value.kind} ${Number(read.value.amount.toPrecision(9))}` : words(read.issues[0]!);
		expect(one).toBe(expected);
	});
});
