import tailwindcss from '@tailwindcss/vite';
import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vite';

/** The core has no effects when it is loaded: a page takes along the formulas that it uses, and not the whole of it. */
const ofTheCore = /\/src\/core\//;

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	build: {
		rollupOptions: { treeshake: { moduleSideEffects: (id: string) => !ofTheCore.test(id) } }
	},
	optimizeDeps: { include: ['idb', 'uuid', 'apexcharts', 'comlink', 'nmea-simple', '@tmcw/togeojson'] }
});
