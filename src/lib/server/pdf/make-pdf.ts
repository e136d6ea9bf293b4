import { createRequire } from 'node:module';
import type { TDocumentDefinitions } from 'pdfmake/interfaces';

const require = createRequire(import.meta.url);
const font = (path: string) => require.resolve(path);

/** TTF files of the two families; web fonts would print invisible letters. Found once, when first something is printed. */
const families = () => ({
	Text: {
		normal: font('@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf'),
		bold: font('@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf'),
		italics: font(
			'@expo-google-fonts/atkinson-hyperlegible-next/400Regular_Italic/AtkinsonHyperlegibleNext_400Regular_Italic.ttf'
		)
	},
	Figures: {
		normal: font('@expo-google-fonts/archivo-narrow/500Medium/ArchivoNarrow_500Medium.ttf'),
		bold: font('@expo-google-fonts/archivo-narrow/700Bold/ArchivoNarrow_700Bold.ttf')
	}
});

export const papers = ['A4', 'LETTER'] as const;
export type Paper = (typeof papers)[number];
export const paperOf = (text: string | null): Paper => (text === 'LETTER' ? 'LETTER' : 'A4');

interface PdfMaker {
	setFonts(fonts: object): void;
	setUrlAccessPolicy(policy: () => boolean): void;
	setLocalAccessPolicy(policy: (path: string) => boolean): void;
	createPdf(definition: TDocumentDefinitions): { getBuffer(): Promise<Buffer> };
}
let maker: PdfMaker | null = null;

/** A PDF from its definition, with Fallow's own fonts in it. Nothing is fetched from anywhere. */
export async function makePdf(definition: TDocumentDefinitions): Promise<Uint8Array<ArrayBuffer>> {
	if (!maker) {
		maker = (await import('pdfmake')).default as unknown as PdfMaker;
		const fonts = families();
		const files = new Set(Object.values(fonts).flatMap((family) => Object.values<string>(family)));
		maker.setFonts(fonts);
		maker.setUrlAccessPolicy(() => false);
		maker.setLocalAccessPolicy((path) => files.has(path));
	}
	const buffer = await maker
		.createPdf({ ...definition, defaultStyle: { font: 'Text', fontSize: 9.5, color: '#17231f' } })
		.getBuffer();
	return new Uint8Array(buffer);
}
