import { numberPattern } from './read-number';
import { tidyText } from './tidy-text';

/**
 * Whether a text is a number alone, or a number of times another, so that the unit of its field is meant.
 * @example
 * isBareNumber('1 ½') // => true
 * isBareNumber('3 × 12') // => true
 * isBareNumber('3 ft') // => false
 */
export const isBareNumber = (text: string): boolean =>
	new RegExp(`^${numberPattern}(?: ?[x×*] ?${numberPattern})?$`, 'i').test(tidyText(text));
