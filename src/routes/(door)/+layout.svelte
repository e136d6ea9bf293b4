<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import { onMount } from 'svelte';
	import LanguagePicker from '$lib/frame/LanguagePicker.svelte';
	import { forgetPages } from '$lib/frame/forget-pages';

	let { children }: { children: Snippet } = $props();
	// What the last person looked at is nothing for the next one.
	onMount(() => void forgetPages());
</script>

<header class="flex min-h-14 items-center justify-between bg-bar px-5 text-bar-text phone:px-4">
	<a
		class="flex min-h-12 items-center text-[1.4rem] font-extrabold text-inherit no-underline"
		href="/"
		aria-label={m.fallow_today()}>Fallow</a
	>
	<LanguagePicker inBar />
</header>
<main class="mx-auto grid max-w-130 gap-4 px-5 py-8">
	{@render children()}
</main>
