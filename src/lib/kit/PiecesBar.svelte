<!-- @component How far something is that is sent in pieces, and the way to stop it. -->
<script lang="ts">
	import { m } from '$words';
	import { Progress } from '@skeletonlabs/skeleton-svelte';
	import type { Pieces } from './pieces.svelte';

	let { pieces }: { pieces: Pieces } = $props();
	const share = $derived(pieces.all === 0 ? 0 : Math.round((pieces.done / pieces.all) * 100));
</script>

<div class="flex items-center gap-3">
	<Progress class="flex-1" value={share} translations={{ value: () => m.pieces_sent() }}>
		<Progress.Track class="h-4.5 overflow-hidden rounded bg-straw-wash ring-1 ring-straw-edge">
			<Progress.Range class="h-full bg-dye" />
		</Progress.Track>
	</Progress>
	<b class="num" role="status">{m.pieces_of({ done: pieces.done, all: pieces.all })}</b>
	<button type="button" class="btn plain" onclick={() => pieces.stop()}>{m.stop()}</button>
</div>
