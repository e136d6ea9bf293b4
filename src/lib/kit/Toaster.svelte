<!-- @component What was said in passing, for a few seconds, above the lower edge. A screen reader hears it. -->
<script lang="ts">
	import { m } from '$words';
	import { createToaster, Toast } from '@skeletonlabs/skeleton-svelte';
	import type { Said } from './say';

	const toaster = createToaster({ placement: 'bottom', overlap: true, max: 3 });
	export const show = ({ title, undo }: Said): void => {
		toaster.create({
			title,
			duration: undo ? 10_000 : 4_000,
			...(undo ? { action: { label: undo.label, onClick: undo.run } } : {})
		});
	};
</script>

<Toast.Group {toaster} class="said">
	{#snippet children(toast)}
		<Toast {toast}>
			<Toast.Message><Toast.Title>{toast.title}</Toast.Title></Toast.Message>
			{#if toast.action}<Toast.ActionTrigger>{toast.action.label}</Toast.ActionTrigger>{/if}
			<Toast.CloseTrigger aria-label={m.close()}>✕</Toast.CloseTrigger>
		</Toast>
	{/snippet}
</Toast.Group>
