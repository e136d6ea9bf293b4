import { isBareNumber } from '../../core/index';

/**
 * A number with the unit that was picked beside its field, where that is another than the field's own: as if it had been typed. A bare oz could be
 * fluid, so that a picked weight says so.
 */
export const saidIn = (text: string, picked: string, own: string): string =>
	picked !== '' && picked !== own && isBareNumber(text.trim())
		? `${text.trim()} ${picked === 'oz' ? 'oz av' : picked}`
		: text;
