import tailwindcss from '@tailwindcss/vite';
import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vite';

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

export default defineConfig({
	plugins: [wordByWord, tailwindcss(), sveltekit()],
	// It names svelte among its peers, which would bundle it, with another version of what it rests on.
	ssr: { external: ['better-auth', '@better-auth/passkey'] },
	build: {
		rolldownOptions: {
			treeshake: { moduleSideEffects: (id: string) => !ofTheCore.test(id) },
			output: { codeSplitting: { groups: [{ name: 'words', test: /\/\.words\//, minShareCount: 12 }] } }
		}
	},
	optimizeDeps: { include: ['idb', 'uuid', 'apexcharts', 'comlink', 'nmea-simple', '@tmcw/togeojson'] }
});
