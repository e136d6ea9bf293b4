<!--
@component Something that stands above the page until it is closed: in the middle of a desk, at the lower edge of a phone,
where the thumb is.
-->
<script lang="ts" module>
	import type { Snippet } from 'svelte';

	export interface Props {
		open: boolean;
		title: string;
		lead?: string;
		wide?: boolean;
		/** Words of the way back. */
		back?: string;
		onclose: () => void;
		children?: Snippet;
		/** What stands beside the way back. */
		foot?: Snippet;
	}
</script>

<script lang="ts">
	import { m } from '$words';
	import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';

	let { open, title, lead = '', wide = false, back = m.back_title(), onclose, children, foot }: Props = $props();
</script>

<Dialog {open} onOpenChange={(d) => !d.open && onclose()}>
	<Portal>
		<Dialog.Backdrop class="fallow-backdrop" />
		<Dialog.Positioner class="fallow-positioner">
			<Dialog.Content class={['fallow-dialog', wide && 'wide']}>
				{#if open}
					<Dialog.Title class="title">{title}</Dialog.Title>
					{#if lead}<Dialog.Description class="lab">{lead}</Dialog.Description>{/if}
					{@render children?.()}
					<div class="flex flex-wrap justify-between gap-2.5 *:max-[500px]:flex-auto">
						<Dialog.CloseTrigger class="btn plain">{back}</Dialog.CloseTrigger>
						{@render foot?.()}
					</div>
				{/if}
			</Dialog.Content>
		</Dialog.Positioner>
	</Portal>
</Dialog>
