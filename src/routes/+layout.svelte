<script lang="ts">
	import '../app.css';
	import type { Snippet } from 'svelte';
	import { mount, onMount } from 'svelte';
	import type { Said } from '$lib/kit/say';
	import { showWith } from '$lib/kit/say';
	import { bringIntoSight } from '$lib/kit/in-sight';

	let { children }: { children: Snippet } = $props();

	onMount(() => {
		// From here on a tap is heard; before, the page is only a picture.
		document.documentElement.dataset.alive = 'yes';
		// The page says when the device can go on without the server: tests and people may want to know.
		void navigator.serviceWorker?.register('/service-worker.js', { type: 'module' }).then(async () => {
			await navigator.serviceWorker.ready;
			document.documentElement.dataset.offline = 'ready';
		});
		let toaster: { readonly show: (said: Said) => void } | undefined;
		showWith(async () => {
			const { default: Toaster } = await import('$lib/kit/Toaster.svelte');
			toaster ??= mount(Toaster, { target: document.body });
			return toaster.show;
		});
		return bringIntoSight(document.body, () => performance.now());
	});
</script>

{@render children()}
