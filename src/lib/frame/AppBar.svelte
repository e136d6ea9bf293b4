<!-- @component The bar of the desk: where one is, the unit that answers come in, what is still to be sent, day or night. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import { onMount } from 'svelte';
	import Moon from '@lucide/svelte/icons/moon';
	import Sun from '@lucide/svelte/icons/sun';

	interface Props {
		/** Address of the page shown, for marking its room. */
		path: string;
		right?: Snippet;
	}
	let { path, right }: Props = $props();

	const rooms = [
		{ href: '/', name: 'Today', is: (p: string) => p === '/' },
		{ href: '/jobs', name: 'Jobs', is: (p: string) => p.startsWith('/jobs') },
		{
			href: '/sprayers',
			name: 'Sprayers',
			is: (p: string) => /^\/(sprayers|rounds|calibrations|tank-plans|nozzles)/.test(p)
		},
		{ href: '/ground', name: 'Ground', is: (p: string) => p.startsWith('/ground') },
		{ href: '/products', name: 'Products', is: (p: string) => p.startsWith('/products') },
		{ href: '/log', name: 'Log', is: (p: string) => p.startsWith('/log') },
		{ href: '/farm', name: 'Farm', is: (p: string) => p.startsWith('/farm') }
	];

	let night = $state(false);
	onMount(() => {
		night = document.documentElement.dataset.mode === 'night';
	});

	function toggle() {
		night = !night;
		if (night) document.documentElement.dataset.mode = 'night';
		else delete document.documentElement.dataset.mode;
		try {
			localStorage.setItem('fallow-mode', night ? 'night' : 'day');
		} catch {
			// Without storage the choice lasts as long as the page.
		}
	}
</script>

<header class="bar">
	<a class="logo" href="/" aria-label="Fallow, today">
		<span class="stripes" aria-hidden="true"><i></i><i></i><i></i></span><span class="name">Fallow</span>
	</a>
	<nav aria-label="Rooms">
		{#each rooms as room (room.href)}
			<a href={room.href} aria-current={room.is(path) ? 'page' : undefined}>{room.name}</a>
		{/each}
	</nav>
	<div class="right">
		{@render right?.()}
		<button type="button" class="mode" onclick={toggle} aria-pressed={night} aria-label="Night theme">
			{#if night}<Sun size={20} aria-hidden="true" />{:else}<Moon size={20} aria-hidden="true" />{/if}
		</button>
	</div>
</header>

<style>
	.bar {
		display: flex;
		align-items: center;
		gap: 1.4rem;
		height: 56px;
		padding: 0 1.25rem;
		background: var(--bar);
		color: var(--bar-text);
	}
	.logo {
		display: flex;
		align-items: center;
		gap: 0.6rem;
		min-height: 48px;
		color: inherit;
		text-decoration: none;
		font: 800 1.4rem/1 var(--font-figures);
		font-stretch: 90%;
		letter-spacing: -0.02em;
	}
	.stripes {
		display: grid;
		gap: 3px;
	}
	.stripes i {
		display: block;
		width: 22px;
		height: 4px;
		background: var(--straw);
	}
	.stripes i:nth-child(2) {
		width: 14px;
		background: #6fa5e6;
	}
	.stripes i:nth-child(3) {
		background: #6fa5e6;
	}
	nav {
		display: flex;
		gap: 4px;
		min-width: 0;
		/* More rooms than a phone is wide are reached by pushing them along. */
		overflow-x: auto;
		scrollbar-width: none;
	}
	nav a {
		display: grid;
		place-items: center;
		min-height: 48px;
		padding: 0 0.8rem;
		border-radius: 5px;
		color: var(--bar-soft);
		text-decoration: none;
		font-size: 0.98rem;
		white-space: nowrap;
	}
	nav a[aria-current] {
		background: var(--bar-raised);
		color: #fff;
	}
	.right {
		margin-left: auto;
		display: flex;
		gap: 0.9rem;
		align-items: center;
	}
	.mode {
		display: grid;
		place-items: center;
		width: 48px;
		height: 48px;
		border: 0;
		border-radius: 6px;
		background: transparent;
		color: var(--bar-soft);
		cursor: pointer;
	}
	@media (max-width: 700px) {
		.bar {
			gap: 0.25rem;
			padding: 0 0.5rem;
		}
		.name {
			display: none;
		}
		.logo {
			padding: 0 0.5rem;
		}
		nav a {
			padding: 0 0.65rem;
		}
	}
</style>
