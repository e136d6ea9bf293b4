<!--
@component Whose clock the times are of. A farm that has no zone of its own yet gets that of the first browser that opens it;
where this phone's clock differs from the farm's, it says so.
-->
<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import { afterNavigate, invalidateAll } from '$app/navigation';
	import { navigating } from '$app/state';
	import { clockText, machineZone } from '$lib/settings/farm-time';
	import type { FarmClock } from '$lib/settings/farm-time';
	import { phone, sameClock } from './phone-clock.svelte';

	interface Props {
		clock: FarmClock;
		/** Whether the farm was told its zone. */
		told?: boolean;
	}
	let { clock, told = true }: Props = $props();
	const timeZone = $derived(clock.timeZone);
	let now = $state(0);
	const differs = $derived(told && now > 0 && phone.zone !== null && !sameClock(timeZone, phone.zone, now));

	/** Whether somebody has typed or picked something on this page. */
	let typed = false;
	let stale = false;

	/**
	 * Reads the page anew, where that takes nothing away: on the way to another page it would give that way up, so the way is
	 * awaited; on a page where somebody has typed it would set the form back, so that page stays as it is until they leave it.
	 */
	async function refresh() {
		stale = true;
		while (navigating.complete) {
			await navigating.complete.catch(() => undefined);
			// The page is told of its end in a turn of its own.
			await new Promise((resolve) => setTimeout(resolve));
		}
		if (typed || !stale) return;
		stale = false;
		try {
			await invalidateAll();
		} catch {
			// Left while it was read, or no signal: the next page tells of it.
			stale = true;
		}
	}

	afterNavigate(({ type }) => {
		if (type === 'enter') return;
		typed = false;
		if (stale) void refresh();
	});

	onMount(() => {
		now = Date.now();
		phone.zone = machineZone();
		if (told) return;
		void fetch('/api/farm/zone', {
			method: 'PUT',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ timeZone: phone.zone })
		}).then(
			(answer) => (answer.ok ? refresh() : undefined),
			// Out of range: the next page that is opened asks again.
			() => undefined
		);
	});
</script>

<svelte:window oninputcapture={() => (typed = true)} />

{#if differs && phone.zone}
	<p class="py-1.5 px-5 bg-amber-wash border-b-2 border-b-amber text-[0.9rem]" role="note">
		<b>{m.the_farms_clock_shows({ timeZone: clockText(clock, now) })}</b>
		{m.this_phones_times_here_and_in({
			timeZone,
			zone: clockText({ ...clock, timeZone: phone.zone }, now),
			zone2: phone.zone
		})}
		<a href="/farm#zone">{m.change_the_farms_zone()}</a>
	</p>
{/if}
