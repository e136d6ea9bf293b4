<!-- @component Fields of a form that belong together, under one heading: three in a row, one on a phone. -->
<script lang="ts">
	import type { Snippet } from 'svelte';

	let { title, children }: { title: string; children: Snippet } = $props();
</script>

<fieldset class="card grid min-w-0 grid-cols-3 items-start gap-x-5 gap-y-3.5 px-5 pt-3.5 pb-4.5 phone:grid-cols-1">
	<legend class="font-figures float-left col-span-full text-[1.15rem] font-bold font-stretch-[82%]">{title}</legend>
	{@render children()}
</fieldset>
