<script lang="ts">
	import { m } from '$words';
	import { page } from '$app/state';
	import AppBar from '$lib/frame/AppBar.svelte';

	/** A page of the server's that the device has not kept, opened with nobody there. */
	const noSignal = $derived(page.status >= 500 && typeof navigator !== 'undefined' && !navigator.onLine);
</script>

<svelte:head><title>{m.fallow_status({ status: page.status })}</title></svelte:head>
<AppBar path={page.url.pathname} />
<main class="grid gap-4 justify-items-start max-w-160 my-12 mx-auto py-0 px-5">
	<h1>
		{noSignal
			? m.page_not_on_this_device()
			: page.status === 404
				? m.nothing_here()
				: page.status === 503
					? m.the_farms_server_is_not_answering()
					: m.that_did_not_work()}
	</h1>
	<p>{noSignal ? m.page_not_on_this_device_lead() : page.error?.message}</p>
	<p class="lab">{m.readings_taken_on_this_device_are()}</p>
	<div class="flex flex-wrap gap-2.5">
		{#if noSignal}<a class="btn go" href="/" data-sveltekit-reload>{m.today()}</a>{/if}
		<a class={['btn', noSignal ? 'plain' : 'go']} href="/sprayers" data-sveltekit-reload={noSignal || undefined}
			>{m.to_the_sprayers()}</a
		>
	</div>
</main>
