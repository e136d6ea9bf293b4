<!-- @component One subject of the farm's settings: a card with its name, to which the list of subjects leads. -->
<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { FarmSubject } from './subjects';

	let { subject, children }: { subject: FarmSubject; children: Snippet } = $props();
</script>

<section
	id={subject.id}
	class="card mb-4 grid scroll-mt-4 break-inside-avoid gap-4.5 p-5"
	aria-labelledby="{subject.id}-name"
>
	<h2 id="{subject.id}-name">{subject.name}</h2>
	{@render children()}
</section>
