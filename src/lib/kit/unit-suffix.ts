/** Units that a field can be typed in. The first is what a number without one means. */
export type SuffixUnits = readonly { readonly value: string; readonly label: string }[];

const parts = (text: string) => /^\s*([\d.,/½¼¾ ]*[\d½¼¾])\s*((?:[^\d\s.,/½¼¾].*)?)$/.exec(text);
const plain = (unit: string) => unit.trim().toLowerCase().replaceAll(/\s+/g, ' ');

/** The unit that a text is in: its own, else the one that no unit means; null where it brings one that is not among them. */
export function suffixOf(text: string, units: SuffixUnits): string | null {
	if (text.trim() === '') return units[0]?.value ?? null;
	const own = parts(text)?.[2];
	if (own === undefined) return null;
	if (own.trim() === '') return units[0]?.value ?? null;
	return units.find((u) => [u.value, u.label].some((name) => plain(name) === plain(own)))?.value ?? null;
}

/** What was typed after a unit was picked: a number goes with that unit, a text that brings its own keeps it. */
export const typedIn = (text: string, picked: string | null, units: SuffixUnits): string =>
	picked !== null && parts(text)?.[2] === '' ? withSuffix(text, picked, units) : text;

/** The same number in another unit. It is not converted: what was typed was meant in that unit. */
export function withSuffix(text: string, unit: string, units: SuffixUnits): string {
	const number = parts(text)?.[1]?.trim();
	if (number === undefined || suffixOf(text, units) === null) return text;
	return unit === units[0]?.value ? number : `${number} ${unit}`;
}
