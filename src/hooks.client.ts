import { overwriteGetLocale } from '$words/runtime.js';
import { isLanguage } from '$lib/language/language';

// The page says which language it was made in, so a page that the device has kept goes on in its own.
overwriteGetLocale(() => {
	const { lang } = document.documentElement;
	return isLanguage(lang) ? lang : 'en';
});
