import tailwindcss from '@tailwindcss/vite';
import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vite';
import { oneLanguage } from './scripts/lib/one-language.mjs';
import inlang from './project.inlang/settings.json' with { type: 'json' };

/** The core has no effects when it is loaded: a page takes along the formulas that it uses, and not the whole of it. */
const ofTheCore = /\/src\/core\//;

/** The build takes the words a module a message: a page carries only what it shows (scripts/lib/words.mjs). */
const wordByWord = {
	name: 'word-by-word',
	enforce: 'pre',
	apply: 'build',
	async resolveId(this: Resolver, source: string, importer: string | undefined) {
		if (!/^\$words(\/|$)|src\/words\//.test(source)) return null;
		const found = await this.resolve(source, importer, { skipSelf: true });
		return found && found.id.replace('/src/words/', '/.words/');
	}
} as const;
interface Resolver {
	resolve(source: string, importer: string | undefined, options: { skipSelf: boolean }): Promise<{ id: string } | null>;
}

/**
 * What is fetched together. Left alone the build makes a file of nearly every module, and small files compress badly: of a
 * calibration's first view they lost a ninth. A group must not hold what only some pages need: which pages carry it, and
 * how much, is told by `npm run bench`.
 */
const together = [
	{ name: 'frame', minShareCount: 40, test: /node_modules\/(svelte|@sveltejs|devalue|clsx|esm-env)\/|vite\/preload/ },
	{
		name: 'quantity',
		minShareCount: 10,
		test: /src\/core\/(quantity\/|calibration-log\/in-order|measurement\/judge-gap|adjust\/aim-at)/
	},
	{ name: 'saying', minShareCount: 20, test: /src\/lib\/(show|settings|wording|entries|device)\// },
	{ name: 'kept', minShareCount: 5, test: /src\/lib\/(device|entries)\/|node_modules\/(idb|uuid)\// },
	{
		name: 'measuring',
		minShareCount: 8,
		test: /src\/core\/(calibration|calibration-log|sprayer|track|measurement|adjust)\//
	},
	{ name: 'calibration', minShareCount: 4, test: /src\/lib\/calibration\/[^/]+$/ },
	{ name: 'words', minShareCount: 12, test: /\/\.words\// }
].map((group, i, all) => ({ ...group, priority: all.length - i }));

export default defineConfig({
	plugins: [wordByWord, tailwindcss(), sveltekit(), oneLanguage(inlang.locales)],
	// It names svelte among its peers, which would bundle it, with another version of what it rests on.
	ssr: { external: ['better-auth', '@better-auth/passkey'] },
	build: {
		// A list of all scripts of all pages weighed 8 kB on each page. A page names its own; the others are on the device
		// by then (src/service-worker.ts).
		modulePreload: { resolveDependencies: () => [] },
		rolldownOptions: {
			treeshake: { moduleSideEffects: (id: string) => !ofTheCore.test(id) },
			output: { codeSplitting: { groups: together } }
		}
	},
	optimizeDeps: { include: ['idb', 'uuid', 'apexcharts', 'comlink', 'nmea-simple', '@tmcw/togeojson'] }
});
