import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../../src/core';
import { defaultSettings } from '../../src/lib/settings/farm-settings';
import { recordColumns, recordLines } from '../../src/lib/files/record-csv';
import { readRecordFile } from '../../src/lib/files/record-files';
import { recordSchema } from '../../src/lib/wire/record-schema';
import { canonicalJson } from '../../src/lib/server/canonical-json';
import { SealCheck, firstSeal, sealOf } from '../../src/lib/server/seal';

const day = fc.integer({ min: 0, max: 4000 }).map((n) => addDays('2020-01-01', n));
const maybe = <T>(of: fc.Arbitrary<T>) => fc.oneof(fc.constant(null), of);
const word = fc.stringMatching(/^[A-Za-zäß€][A-Za-z0-9 ,;"'\-äß€]{0,24}$/).map((w) => w.trim());
/** Names of ground are parted by `;` in a file, so none has one in it. */
const place = word.map((w) => w.replace(/;/g, '').trim() || 'B');

const record = fc
	.record({
		day,
		blocks: fc.uniqueArray(place, { minLength: 1, maxLength: 3 }),
		area: fc.integer({ min: 100, max: 900_000 }),
		operator: word,
		remarks: word,
		products: fc.array(
			fc.record({
				name: word,
				kind: fc.constantFrom('volume' as const, 'mass' as const),
				total: fc.double({ min: 1e-6, max: 10, noNaN: true }),
				entryHours: maybe(fc.integer({ min: 0, max: 300 })),
				harvestDays: maybe(fc.integer({ min: 0, max: 300 }))
			}),
			{ maxLength: 3 }
		),
		rate: fc.double({ min: 1e-6, max: 1e-3, noNaN: true })
	})
	.map(({ day: on, blocks, area, operator, remarks, products, rate }) =>
		recordSchema.parse({
			format: 'fallow-record/1',
			day: on,
			startedAt: `${on}T06:00:00.000Z`,
			endedAt: `${on}T08:00:00.000Z`,
			blocks: blocks.map((name) => ({ id: '', name, area: area / blocks.length, share: 1, part: null })),
			area,
			products: products.map((p) => ({
				...p,
				id: '',
				registration: '',
				group: '',
				dose: { text: '1 L/ha', unit: 'L/ha', gallon: 'US' },
				perGround: p.total / area
			})),
			plannedVolume: rate,
			trueVolume: rate,
			mix: rate * area,
			sprayer: 'Boom',
			calibrationId: null,
			takenIn: true,
			speed: null,
			weather: { before: null, end: null },
			operator,
			licence: '',
			crop: '',
			stage: '',
			condition: '',
			target: '',
			waterSource: '',
			buffer: '',
			remarks
		})
	);

describe('records as files', () => {
	const id = (n: number) => `01900000-0000-7000-8000-${n.toString(16).padStart(12, '0')}`;

	it('that went out as CSV come in the same, whatever they say', () => {
		fc.assert(
			fc.property(fc.array(record, { minLength: 1, maxLength: 6 }), (list) => {
				const csv = [recordColumns.join(','), ...list.map((r, i) => recordLines(id(i), r))].join('\r\n');
				const { rows } = readRecordFile(csv, defaultSettings, { blocks: [], products: [] });
				expect(rows.flatMap((r) => (r.ok ? [] : r.issues))).toEqual([]);
				const told = (r: { day: string; area: number; mix: number; trueVolume: number | null }) => ({
					day: r.day,
					area: r.area,
					mix: r.mix,
					trueVolume: r.trueVolume
				});
				rows.forEach((row, i) => {
					if (!row.ok) return;
					const { record: back } = row.value;
					expect(row.value.id).toBe(id(i));
					expect(told(back)).toEqual(told(list[i]!));
					// A cell’s own spaces and what keeps it from being a formula are not part of it.
					const plain = (text: string) => text.trim();
					expect([back.operator, back.remarks].map(plain)).toEqual([list[i]!.operator, list[i]!.remarks].map(plain));
					expect(back.blocks.map((b) => b.name)).toEqual(list[i]!.blocks.map((b) => b.name));
					expect(back.products.map((p) => [p.name, p.kind, p.total, p.entryHours, p.harvestDays])).toEqual(
						list[i]!.products.map((p) => [p.name, p.kind, p.total, p.entryHours, p.harvestDays])
					);
				});
			}),
			{ numRuns: 300 }
		);
	});

	it('cannot be changed, moved or left out without a seal that breaks at that very place', () => {
		fc.assert(
			fc.property(
				fc.array(record, { minLength: 2, maxLength: 8 }),
				fc.nat(),
				fc.constantFrom('change', 'drop', 'swap'),
				(list, n, how) => {
					let previous = firstSeal;
					const chain = list.map((r, i) => {
						const canonical = canonicalJson({ ...r, remarks: `${i} ${r.remarks}` });
						const link = { id: id(i), place: i + 1, canonical, previous, hash: sealOf(canonical, previous) };
						previous = link.hash;
						return link;
					});
					const look = (links: typeof chain) => {
						const check = new SealCheck();
						for (const link of links) {
							const broken = check.next(link);
							if (broken) return broken;
						}
						return null;
					};
					expect(look(chain)).toBeNull();
					const at = n % (chain.length - 1);
					const forged =
						how === 'change'
							? chain.map((l, i) => (i === at ? { ...l, canonical: l.canonical.replace(/"day":"2/, '"day":"1') } : l))
							: how === 'drop'
								? chain.filter((_, i) => i !== at)
								: // Two places changed, each with its own text and seal: the chain tells.
									chain.map((l, i) =>
										i === at
											? { ...chain[at + 1]!, place: l.place }
											: i === at + 1
												? { ...chain[at]!, place: l.place }
												: l
									);
					expect(look(forged)?.place).toBe(how === 'drop' ? at + 2 : at + 1);
				}
			),
			{ numRuns: 300 }
		);
	});
});
