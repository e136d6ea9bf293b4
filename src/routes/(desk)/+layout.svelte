<script lang="ts">
	import { m } from '$words';
	import { getLocale } from '$words/runtime.js';
	import { isLanguage, languageOf } from '$lib/language/language';
	import type { Snippet } from 'svelte';
	import { onMount } from 'svelte';
	import { afterNavigate, beforeNavigate, invalidateAll } from '$app/navigation';
	import { navigating, page } from '$app/state';
	import type { TypedSprayer } from '$core';
	import type { LayoutData } from './$types';
	import AppBar from '$lib/frame/AppBar.svelte';
	import { forgetPages } from '$lib/frame/forget-pages';
	import PhoneBar from '$lib/frame/PhoneBar.svelte';
	import OutboxStatus from '$lib/frame/OutboxStatus.svelte';
	import ZoneNote from '$lib/frame/ZoneNote.svelte';
	import type { KeptSprayer } from '$lib/entries/calibration-store';
	import type { Setting } from '$lib/wire/sprayer';
	import type { Device } from '$lib/device/device.svelte';
	import { say } from '$lib/kit/say';
	import { timeAt } from '$lib/settings/farm-time';
	import { longUnit } from '$lib/settings/field-units';

	interface Sprayer {
		readonly id: string;
		readonly rig: TypedSprayer;
		readonly settings?: readonly Setting[];
	}
	let { data, children }: { data: LayoutData; children: Snippet } = $props();
	let device = $state<Device>();

	// The device's memory is loaded after the page: the farm is kept for working out of range, the outbox sends what waits.
	onMount(async () => {
		const { belongsTo, placeOf } = await import('$lib/device/whose');
		const before = placeOf();
		if (belongsTo(data.me.id, data.farm.id)) {
			await forgetPages();
			// Somebody who comes to this device reads their own language on it; who never picked one, not that of who was here before.
			const { language } = data.me;
			const own = isLanguage(language)
				? language
				: before === ''
					? getLocale()
					: languageOf(navigator.languages.join(','));
			if (own !== getLocale()) return (await import('$lib/frame/speak')).speak(own);
		}
		device = (await import('$lib/device/device.svelte')).device();
	});
	// Without a signal a page comes whole from the device: what a page of its own would ask the server for is not there.
	beforeNavigate(({ to, willUnload, cancel }) => {
		if (willUnload || navigator.onLine || !to?.route.id?.startsWith('/(desk)')) return;
		cancel();
		location.assign(to.url);
	});
	// What the day needs comes in the background: soon after the page is there, when it is looked at again, and each quarter
	// of an hour. Not over and over while somebody goes from page to page.
	const quarter = 900_000;
	$effect(() => {
		const here = device;
		if (!here) return;
		const keep = () => {
			if (document.visibilityState === 'visible') void here.keepDay();
		};
		const soon = setTimeout(keep, 3000);
		const often = setInterval(keep, quarter);
		return () => {
			clearTimeout(soon);
			clearInterval(often);
		};
	});
	/** When this page was kept, where it comes from the device and not from the server; null for what is now. */
	let kept = $state<number | null>(null);
	onMount(() => {
		const at = Date.parse(document.documentElement.dataset.kept ?? '');
		kept = Number.isNaN(at) ? null : at;
	});
	afterNavigate(({ type }) => {
		if (type !== 'enter') kept = null;
	});
	/** Loading anew would call off a way to another page that is being gone; that page comes fresh in any case. */
	const loadAnew = async () => {
		if (navigating.to) return;
		await invalidateAll();
		kept = null;
	};
	/** Pages that show what others are doing: they are loaded anew when somebody writes. */
	const live = /^\/\(desk\)(\/(jobs|jobs\/\[id\]|sprayers|sprayers\/\[id\]|calibrations\/\[id\]|log))?$/;
	$effect(() => {
		const { news } = device ?? {};
		if (!news || !live.test(page.route.id ?? '')) return;
		let stop: (() => void) | undefined;
		let gone = false;
		void import('$lib/device/news').then(({ follow }) => {
			if (!gone) stop = follow(news, () => true, loadAnew);
		});
		return () => {
			gone = true;
			stop?.();
		};
	});
	$effect(() => {
		void device?.store.keepFarm($state.snapshot({ ...data.farm, me: data.me }));
	});
	// What waited for a signal says once that it has gone: by being sent, not by being taken back.
	let waited = false;
	let going = false;
	$effect(() => {
		const state = device?.status.state;
		if (state === 'sent' && going) say(m.all_that_was_waiting_is_sent());
		going = state === 'sending' && waited;
		waited = state === 'waiting' || going;
	});
	// Every sprayer that was looked at can be calibrated out of range.
	$effect(() => {
		const seen: Sprayer[] = [...(page.data.sprayers ?? []), ...(page.data.sprayer ? [page.data.sprayer] : [])];
		for (const { id, rig: sprayer, settings } of seen)
			if (settings) void device?.store.keepSprayer(id, $state.snapshot({ rig: sprayer, settings }) as KeptSprayer);
	});
</script>

<a class="skip" href="#page">{m.to_the_page()}</a>
<AppBar path={page.url.pathname} farm={data.farm.name} me={data.me}>
	{#snippet right()}
		{#if data.me.rights.includes('own')}
			<a class="unit-chip max-[700px]:hidden" href="/farm" title={m.the_farms_unit()}
				>{longUnit(data.farm.settings.rateUnit)}</a
			>
		{/if}
		{#if device && device.status.state !== 'sent'}<OutboxStatus status={device.status} />{/if}
	{/snippet}
</AppBar>
<PhoneBar path={page.url.pathname} me={data.me} />
<ZoneNote clock={data.farm.settings} told={data.zoneTold} />
{#if kept !== null}
	<p class="look px-6 py-2.5 phone:px-4" role="status">
		{m.page_as_it_was({ when: timeAt(data.farm.settings, kept) })}
	</p>
{/if}
<div id="page">{@render children()}</div>
