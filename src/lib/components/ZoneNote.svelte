<!--
@component Whose clock the times are of. A farm that has no zone of its own yet gets that of the first browser that opens it;
where this phone's clock differs from the farm's, it says so.
-->
<script lang="ts">
	import { onMount } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { navigating } from '$app/state';
	import { clockAt, machineZone } from '$lib/shown/farm-time';
	import { phone, sameClock } from '$lib/state/phone-clock.svelte';

	interface Props {
		timeZone: string;
		/** Whether the farm was told its zone. */
		told?: boolean;
	}
	let { timeZone, told = true }: Props = $props();
	let now = $state(0);
	const differs = $derived(told && now > 0 && phone.zone !== null && !sameClock(timeZone, phone.zone, now));

	/** Reads the page anew. Read anew while somebody is on the way to another page, that way would be given up: it is awaited. */
	async function refresh() {
		while (navigating.complete) {
			await navigating.complete.catch(() => undefined);
			// The page is told of its end in a turn of its own.
			await new Promise((resolve) => setTimeout(resolve));
		}
		await invalidateAll();
	}

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

{#if differs && phone.zone}
	<p role="note">
		<b>▲ The farm’s clock shows {clockAt(timeZone, now)}</b> ({timeZone}), this phone’s {clockAt(phone.zone, now)}
		({phone.zone}). Times here and in records are the farm’s. <a href="/farm#zone">Change the farm’s zone</a>
	</p>
{/if}

<style>
	p {
		margin: 0;
		padding: 6px 1.25rem;
		background: var(--amber-wash);
		border-bottom: 2px solid var(--amber);
		font-size: 0.9rem;
	}
</style>
