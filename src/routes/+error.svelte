<script lang="ts">
	import { page } from '$app/state';
	import AppBar from '$lib/frame/AppBar.svelte';
</script>

<svelte:head><title>{page.status} · Fallow</title></svelte:head>
<AppBar path={page.url.pathname} />
<main>
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

<style>
	main {
		display: grid;
		gap: 16px;
		justify-items: start;
		max-width: 640px;
		margin: 48px auto;
		padding: 0 20px;
	}
</style>
