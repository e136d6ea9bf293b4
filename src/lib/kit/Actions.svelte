<!-- @component What is seldom done with a page, behind one button: out, in, print, check. -->
<script lang="ts" module>
	import type { Right } from '$lib/settings/roles';

	export interface Action {
		readonly label: string;
		/** Where it leads. A file that comes from the server says so with `file`. */
		readonly href?: string;
		readonly file?: boolean;
		readonly run?: () => void;
		/** Not offered to who has not this right. */
		readonly needs?: Right;
	}
</script>

<script lang="ts">
	import { m } from '$words';
	import type { HTMLAnchorAttributes } from 'svelte/elements';
	import { Menu, Portal } from '@skeletonlabs/skeleton-svelte';
	import { may } from './may';

	interface Props {
		label?: string;
		actions: readonly Action[];
	}
	let { label = m.more_title(), actions: all }: Props = $props();
	const actions = $derived(all.filter(({ needs }) => needs === undefined || may(needs)));
</script>

<Menu positioning={{ placement: 'bottom-end', gutter: 6 }} onSelect={({ value }) => actions[Number(value)]?.run?.()}>
	<Menu.Trigger class="btn plain">{label} <Menu.Indicator aria-hidden="true">▾</Menu.Indicator></Menu.Trigger>
	<Portal>
		<Menu.Positioner class="z-30!">
			<Menu.Content class="pick-list">
				{#each actions as { label: words, href, file }, i (i)}
					<Menu.Item value={String(i)}>
						{#snippet element(attributes)}
							{#if href}<a {...attributes as HTMLAnchorAttributes} {href} data-sveltekit-reload={file ? '' : undefined}
									>{words}</a
								>
							{:else}<div {...attributes}>{words}</div>{/if}
						{/snippet}
					</Menu.Item>
				{/each}
			</Menu.Content>
		</Menu.Positioner>
	</Portal>
</Menu>
