/** A moment's day where the device is, YYYY-MM-DD. */
export function localDay(at: Date): string {
	const two = (n: number) => String(n).padStart(2, '0');
	return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}
