<!-- @component What is needed now and then, behind its title. What is folded away stays in its form. Skeleton's accordion, of one. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import ChevronDown from '@lucide/svelte/icons/chevron-down';
	import { Accordion } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		title: string;
		open?: boolean;
		class?: string;
		/** How its title looks. */
		headClass?: string;
		/** What stands beside the title. */
		head?: Snippet;
		children: Snippet;
	}
	let { title, open = $bindable(false), class: extra = '', headClass = '', head, children }: Props = $props();
</script>

<Accordion
	collapsible
	value={open ? ['it'] : []}
	onValueChange={(d) => (open = d.value.length > 0)}
	class={['fold', extra]}
>
	<Accordion.Item value="it">
		<Accordion.ItemTrigger
			class={[
				'flex w-full min-h-12 items-center justify-between gap-3 py-1 text-left font-semibold cursor-pointer',
				headClass
			]}
		>
			{title}
			<span class="flex items-center gap-2"
				>{@render head?.()}
				<Accordion.ItemIndicator class="transition-transform motion-reduce:transition-none data-[state=open]:rotate-180"
					><ChevronDown aria-hidden="true" /></Accordion.ItemIndicator
				></span
			>
		</Accordion.ItemTrigger>
		<Accordion.ItemContent>
			<!-- On paper nothing is pressed: its title is a line. -->
			<p class="hidden font-semibold before:content-[attr(data-title)] print:block" data-title={title}></p>
			{@render children()}</Accordion.ItemContent
		>
	</Accordion.Item>
</Accordion>
