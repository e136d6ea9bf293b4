<!-- @component What is still to be sent, in a few words. Live, so that a screen reader hears it change. -->
<script lang="ts">
	import { m } from '$words';
	import { MediaQuery } from 'svelte/reactivity';
	import type { OutboxStatus, WaitingFor } from '$lib/entries/outbox';

	let { status, short: narrow = false }: { status: OutboxStatus; short?: boolean } = $props();
	const phone = new MediaQuery('(max-width: 859px)');
	// Beside every room of the bar a sentence has no place, in Spanish least.
	const crowded = new MediaQuery('(max-width: 1499px)');
	// Beside a farm's name on a phone there is room for a few words.
	const short = $derived(narrow || phone.current);

	const waitingWords: Readonly<Record<WaitingFor, (short: boolean) => string>> = {
		signal: (short) => (short ? m.no_signal_saved_here() : m.saved_on_this_device_will_send()),
		server: (short) => (short ? m.server_busy_short() : m.server_busy_saved_here()),
		'sign-in': (short) => (short ? m.sign_in_to_send_short() : m.sign_in_to_send())
	};
	const words = $derived.by(() => {
		switch (status.state) {
			case 'sent':
				return short ? m.saved() : m.all_saved_and_sent();
			case 'sending':
				return m.sending();
			case 'waiting':
				return waitingWords[status.why](short || crowded.current);
			case 'refused':
				return short ? m.not_taken_look() : m.saved_here_but_the_farms_server({ message: status.message });
		}
	});
</script>

<span
	class="inline-flex items-center gap-2 text-[0.9rem] leading-[1.2] text-bar-soft"
	data-state={status.state}
	role="status"
>
	<span class="dot flex-none w-2.5 h-2.5 rounded-[2px] bg-dye-light" aria-hidden="true"
	></span>{#if status.state === 'refused' || status.state === 'waiting'}<a
			class="inline-flex min-h-12 items-center text-inherit"
			href={status.state === 'waiting' && status.why === 'sign-in' ? '/sign-in' : '/rounds/unsent'}>{words}</a
		>{:else}{words}{/if}
</span>

<style>
	[data-state='waiting'] .dot,
	[data-state='sending'] .dot {
		background: transparent;
		border: 2px solid var(--straw);
	}
	[data-state='refused'] {
		color: #ffd9cf;
	}
	[data-state='refused'] .dot {
		background: #ff9d88;
		border-radius: 0;
		transform: rotate(45deg);
	}
</style>
