<!-- @component The word and the colour that stand on every screen of the practice. -->
<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	let { children }: { children?: Snippet } = $props();
</script>

<div class="flex min-h-7.5 items-center gap-3 bg-practice px-5 text-white phone:px-4 [&_a]:text-inherit">
	<b class="text-[1.05rem] whitespace-nowrap">{m.practice()}</b>
	<span class="truncate phone:hidden">{m.practice_band()}</span>
	<span class="ml-auto whitespace-nowrap">{@render children?.()}</span>
</div>
