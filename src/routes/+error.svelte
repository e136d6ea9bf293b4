<script lang="ts">
	import { m } from '$words';
	import { page } from '$app/state';
	import AppBar from '$lib/frame/AppBar.svelte';
</script>

<svelte:head><title>{m.fallow_status({ status: page.status })}</title></svelte:head>
<AppBar path={page.url.pathname} />
<main class="grid gap-4 justify-items-start max-w-160 my-12 mx-auto py-0 px-5">
	<h1>
		{page.status === 404
			? m.nothing_here()
			: page.status === 503
				? m.the_farms_server_is_not_answering()
				: m.that_did_not_work()}
	</h1>
	<p>{page.error?.message}</p>
	<p class="lab">{m.readings_taken_on_this_device_are()}</p>
	<a class="btn go" href="/sprayers">{m.to_the_sprayers()}</a>
</main>
