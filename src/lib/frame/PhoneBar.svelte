<!-- @component The rooms along the lower edge of a phone, where the thumb is: four, and the rest behind More. -->
<script lang="ts">
	import { m } from '$words';
	import { Navigation } from '@skeletonlabs/skeleton-svelte';
	import type { Component } from 'svelte';
	import ClipboardList from '@lucide/svelte/icons/clipboard-list';
	import Menu from '@lucide/svelte/icons/menu';
	import Milk from '@lucide/svelte/icons/milk';
	import SprayCan from '@lucide/svelte/icons/spray-can';
	import Sunrise from '@lucide/svelte/icons/sunrise';
	import LanguagePicker from './LanguagePicker.svelte';
	import type { Me } from './me';
	import { moreRooms, nearRooms, roomsFor } from './rooms';

	interface Props {
		/** Address of the page shown, for marking its room. */
		path: string;
		me?: Me | undefined;
	}
	let { path, me }: Props = $props();
	const more = $derived(me ? roomsFor(moreRooms, me.rights) : moreRooms);
	const icons: Readonly<Record<string, typeof Menu>> = {
		'/': Sunrise,
		'/jobs': Milk,
		'/sprayers': SprayCan,
		'/log': ClipboardList
	};
	const marked = $derived(nearRooms.find((room) => room.holds(path))?.href);
	let open = $state(false);
	// What lies behind More is loaded when it is asked for.
	let Sheet = $state<Component<import('$lib/kit/Sheet.svelte').Props>>();
	async function openMore() {
		Sheet ??= (await import('$lib/kit/Sheet.svelte')).default;
		open = true;
	}
</script>

<Navigation layout="bar" class="phone-bar">
	<nav aria-label={m.rooms()} class="grid grid-cols-5">
		{#each nearRooms as room (room.href)}
			{@const Icon = icons[room.href]}
			<Navigation.TriggerAnchor href={room.href} aria-current={marked === room.href ? 'page' : undefined}>
				<Icon size={26} aria-hidden="true" /><Navigation.TriggerText>{room.name}</Navigation.TriggerText>
			</Navigation.TriggerAnchor>
		{/each}
		<Navigation.Trigger
			aria-haspopup="dialog"
			aria-expanded={open}
			data-here={marked === undefined && moreRooms.some((room) => room.holds(path))}
			onclick={() => void openMore()}
		>
			<Menu size={26} aria-hidden="true" /><Navigation.TriggerText>{m.more_title()}</Navigation.TriggerText>
		</Navigation.Trigger>
	</nav>
</Navigation>
{#if Sheet}
	<Sheet {open} title={m.more_title()} onclose={() => (open = false)}>
		<ul class="grid gap-2">
			{#each more as room (room.href)}
				<li>
					<a
						class="grid min-h-16 content-center rounded-md border-2 border-dye px-4 py-2 no-underline"
						href={room.href}
						aria-current={room.holds(path) ? 'page' : undefined}
						onclick={() => (open = false)}
						><b class="text-[1.15rem]">{room.name}</b><span class="text-soft">{room.what}</span></a
					>
				</li>
			{/each}
		</ul>
		<div class="mt-4"><LanguagePicker /></div>
	</Sheet>
{/if}
