import { demoBlocks } from '../../demo/ground';
import { demoProducts } from '../../demo/products';
import type { longMeadow } from '../../demo/sprayers';
import { readBlock } from '../../src/core';
import { outlinedArea } from '../../src/lib/forms/block';
import type { JobCalibration } from '../../src/lib/wire/job-source';
import { idOf } from './entries';

/** The demo farm's ground and products, as a job is planned from them. */
export const blocks = demoBlocks.map((block, i) => {
	const read = readBlock(block, outlinedArea(block.boundary));
	if (!read.ok) throw new Error(block.name);
	return { id: idOf(100 + i), block, area: read.value.area as number };
});
export const products = demoProducts.map((label, i) => ({ id: idOf(200 + i), label }));
export const blockNamed = (name: string): string => blocks.find((b) => b.block.name === name)!.id;

/** A calibration that a job can rest on. */
export const calibrationOf = (
	id: number,
	sprayer: typeof longMeadow,
	litresPerHa = 200,
	doubt: string | null = null
) => ({
	id: idOf(id),
	calibrationId: idOf(id),
	team: null as JobCalibration['team'],
	flow: null as number | null,
	sprayerId: idOf(900),
	settingId: idOf(901),
	sprayer: sprayer.name,
	setting: 'All on',
	rig: sprayer,
	rate: litresPerHa * 1e-7,
	relativeU95: 0.03,
	speed: 2,
	width: 5.5,
	fieldWidth: 5.5,
	drops: null,
	signedDay: '2026-03-01',
	doubt
});
