<!-- @component The word and the colour that stand on every screen of the practice. -->
<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	let { children }: { children?: Snippet } = $props();
</script>

<div class="band flex items-center gap-3 px-5 phone:px-4">
	<b class="text-[1.05rem] whitespace-nowrap">{m.practice()}</b>
	<span class="truncate phone:hidden">{m.practice_band()}</span>
	<span class="ml-auto whitespace-nowrap">{@render children?.()}</span>
</div>

<style>
	.band {
		min-height: 30px;
		background: var(--practice);
		color: #fff;
	}
	.band :global(a) {
		color: inherit;
	}
</style>
