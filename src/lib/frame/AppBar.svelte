<!-- @component The bar of the desk: where one is, the unit that answers come in, what is still to be sent, day or night. -->
<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import type { HTMLAttributes } from 'svelte/elements';
	import { onMount } from 'svelte';
	import Moon from '@lucide/svelte/icons/moon';
	import { AppBar } from '@skeletonlabs/skeleton-svelte';
	import Sun from '@lucide/svelte/icons/sun';

	import LanguagePicker from './LanguagePicker.svelte';
	import { initialsOf } from '$lib/settings/initials';
	import type { Me } from './me';
	import { rooms, roomsFor } from './rooms';

	interface Props {
		/** Address of the page shown, for marking its room. */
		path: string;
		right?: Snippet;
		/** What the farm is called: a phone shows it in place of the app's own name. */
		farm?: string;
		/** Who looks at it; left out where the page does not know. */
		me?: Me | undefined;
	}
	let { path, right, farm = '', me }: Props = $props();
	const shown = $derived(me ? roomsFor(rooms, me.rights) : rooms);

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

<AppBar class="app-bar">
	<AppBar.Toolbar class="flex h-14 items-center gap-[1.4rem] px-5 phone:gap-2 phone:px-4">
		<!-- The library's ends of the bar are landmarks of their own; one place to go by is enough. -->
		<AppBar.Lead>
			{#snippet element(attributes)}<div {...attributes as HTMLAttributes<HTMLDivElement>}>
					<a class="logo" href="/" aria-label={m.fallow_today()}>
						<span class="stripes grid gap-0.75" aria-hidden="true"
							><i class="block w-5.5 h-1 bg-straw"></i><i class="block w-5.5 h-1 bg-straw"></i><i
								class="block w-5.5 h-1 bg-straw"
							></i></span
						><span class="whitespace-nowrap" class:phone:hidden={farm !== ''}>Fallow</span>
						{#if farm}<span class="farm hidden phone:block">{farm}</span>{/if}
					</a>
				</div>{/snippet}
		</AppBar.Lead>
		<AppBar.Headline class="phone:hidden">
			<nav aria-label={m.rooms()} class="flex gap-1">
				{#each shown as room (room.href)}
					<a href={room.href} aria-current={room.holds(path) ? 'page' : undefined}>{room.name}</a>
				{/each}
			</nav>
		</AppBar.Headline>
		<AppBar.Trail class="ml-auto flex items-center gap-[0.9rem]">
			{#snippet element(attributes)}<div {...attributes as HTMLAttributes<HTMLDivElement>}>
					{@render right?.()}
					{#if me?.id}<a
							class="grid min-h-12 min-w-12 place-items-center rounded-md text-inherit no-underline"
							href="/me"
							title={m.your_account()}
							><span class="max-w-36 truncate phone:hidden">{me.name}</span><b class="hidden phone:inline"
								>{initialsOf(me.name)}</b
							></a
						>{/if}
					<LanguagePicker inBar />
					<button
						type="button"
						class="grid place-items-center w-12 h-12 rounded-[6px] bg-transparent text-bar-soft cursor-pointer"
						onclick={toggle}
						aria-pressed={night}
						aria-label={m.night_theme()}
					>
						{#if night}<Sun size={20} aria-hidden="true" />{:else}<Moon size={20} aria-hidden="true" />{/if}
					</button>
				</div>{/snippet}
		</AppBar.Trail>
	</AppBar.Toolbar>
</AppBar>

<style>
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
	.farm {
		font-size: 1.1rem;
		font-stretch: 80%;
		line-height: 1.1;
		letter-spacing: 0;
	}
	.stripes i:nth-child(2) {
		width: 14px;
		background: #6fa5e6;
	}
	.stripes i:nth-child(3) {
		background: #6fa5e6;
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
</style>
