<script lang="ts">
	import { page } from '$app/state';
	import AppBar from '$lib/frame/AppBar.svelte';
</script>

<svelte:head><title>{page.status} · Fallow</title></svelte:head>
<AppBar path={page.url.pathname} />
<main class="grid gap-4 justify-items-start max-w-160 my-12 mx-auto py-0 px-5">
	<h1>
		{page.status === 404
			? 'Nothing here'
			: page.status === 503
				? 'The farm’s server is not answering'
				: 'That did not work'}
	</h1>
	<p>{page.error?.message}</p>
	<p class="lab">Readings taken on this device are kept on it, whatever the server does.</p>
	<a class="btn go" href="/sprayers">To the sprayers</a>
</main>
