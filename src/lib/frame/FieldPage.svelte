<!-- @component A page of a job that is filled in where the work is: the desk's bar, or on a phone a slim one with the way back. -->
<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import type { OutboxStatus as Status } from '$lib/entries/outbox';
	import AppBar from './AppBar.svelte';
	import OutboxStatus from './OutboxStatus.svelte';

	interface Props {
		title: string;
		/** Where the way back leads, and its words. */
		back: string;
		backWords: string;
		status: Status;
		path: string;
		children: Snippet;
	}
	let { title, back, backWords, status, path, children }: Props = $props();
	const phone = new MediaQuery('(max-width: 859px)');
</script>

<a class="skip" href="#work">{m.to_the_page()}</a>
{#if phone.current}
	<header class="flex items-center justify-between min-h-14 py-0 px-4 bg-bar text-bar-text">
		<a class="flex items-center min-h-12 text-inherit font-semibold" href={back}>← {backWords}</a>
		<OutboxStatus {status} short />
	</header>
{:else}
	<AppBar {path}>
		{#snippet right()}<OutboxStatus {status} />{/snippet}
	</AppBar>
{/if}
<main class="plain-page" id="work">
	<div class="flex items-baseline justify-between gap-4">
		<h1>{title}</h1>
		{#if !phone.current}<a href={back}>{backWords}</a>{/if}
	</div>
	{@render children()}
</main>
