<!-- @component What is still to be sent, in a few words. Live, so that a screen reader hears it change. -->
<script lang="ts">
	import type { OutboxStatus } from '$lib/entries/outbox';

	let { status, short = false }: { status: OutboxStatus; short?: boolean } = $props();

	const words = $derived.by(() => {
		switch (status.state) {
			case 'sent':
				return short ? 'Saved' : 'All saved and sent';
			case 'sending':
				return 'Sending …';
			case 'waiting':
				return short ? 'No signal, saved here' : 'Saved on this device · will send when back in range';
			case 'refused':
				return short ? 'Not taken: look' : `Saved here, but the farm's server refused it: ${status.message}`;
		}
	});
</script>

<span
	class="inline-flex items-center gap-2 text-[0.9rem] leading-[1.2] text-bar-soft"
	data-state={status.state}
	role="status"
>
	<span class="dot flex-none w-2.5 h-2.5 rounded-[2px] bg-dye-light" aria-hidden="true"></span>{words}
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
