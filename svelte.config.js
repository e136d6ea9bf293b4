import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	kit: {
		adapter: adapter({ out: 'build', precompress: true }),
		alias: { $core: 'src/core/index.ts', $words: 'src/words/messages.js', '$words/*': 'src/words/*' },
		// The round's pages are one shell for every address, so its links cannot be relative.
		paths: { relative: false },
		csp: {
			mode: 'nonce',
			directives: {
				'default-src': ['self'],
				'script-src': ['self'],
				'style-src': ['self', 'unsafe-inline'],
				'img-src': ['self', 'data:'],
				'font-src': ['self'],
				'connect-src': ['self'],
				'worker-src': ['self'],
				'object-src': ['none'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		},
		// Every write is held against its origin in hooks.server.ts, whatever its content type, and told as the API tells it.
		csrf: { trustedOrigins: ['*'] },
		// Registered by hand, so that the page is told when the device can work without the server.
		serviceWorker: { register: false }
	}
};
