import type { Slip, SumPartName } from '../../core';
import { showFigure } from '../../core';
import { shortUnit } from '../settings/field-units';

const partWords: Readonly<Record<SumPartName, string>> = {
	catch: 'the catch',
	catchTime: 'the catch time',
	nozzles: 'the number of nozzles',
	course: 'the course',
	courseTime: 'the time over the course',
	speed: 'the speed',
	width: 'the width',
	area: 'the area',
	used: 'the volume used',
	tank: 'the tank',
	volume: 'the spray volume',
	dose: 'the dose'
};

/** A slip in a sentence without its full stop, as it follows “It looks as if”. */
export function slipWords(slip: Slip, comma: boolean): string {
	switch (slip.code) {
		case 'rounded':
			return `${partWords[slip.part]} was rounded to ${showFigure(slip.to, 4, comma)}${slip.unit ? ` ${shortUnit(slip.unit)}` : ''} on the way`;
		case 'gallon':
			return 'US and Imperial gallons were mixed up';
		case 'ounces':
			return slip.taken === 160
				? 'a gallon was counted as 160 fl oz, not 128'
				: 'a gallon was counted as 128 fl oz, not 160';
		case 'square-feet':
			return 'a square metre was counted as 10 ft², not 10.76'.replace('.', comma ? ',' : '.');
		case 'acre':
			return `an acre was counted as ${slip.taken === 43_000 ? '43,000' : '44,000'} ft², not 43,560`.replaceAll(
				',',
				comma ? '.' : ','
			);
		case 'clock':
			return `${partWords[slip.part]} in minutes and seconds was read as minutes with decimals`;
		case 'minutes':
			return `${partWords[slip.part]} in seconds was taken for minutes, or the other way`;
		case 'dial':
			return 'the speed is the dial’s, not the measured one';
		case 'inches':
			return `${partWords[slip.part]} in inches was taken for feet, or the other way`;
		case 'one-nozzle':
			return `the flow is one nozzle’s, not that of all ${slip.nozzles}`;
		case 'one-side':
			return 'one side was counted, not both';
		case 'gross-width':
			return 'the whole wetted width was taken, not the swath';
		case 'half-pressure':
			return 'half of the pressure change was taken, not its square root';
		case 'percent-of-water':
			return 'the per cent was taken of the water, not of the finished mix';
	}
}
