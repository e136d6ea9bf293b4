<!-- @component Where another amount went in than the step asks for: it is kept as it was poured, and everything after goes by it. -->
<script lang="ts">
	import type { JobRunState } from './job-run.svelte';
	import Field from '$lib/kit/Field.svelte';

	let { run, unit }: { run: JobRunState; unit: string } = $props();
	let open = $state(false);
	let amount = $state('');
	let problem = $state<string | undefined>();

	async function keep() {
		problem = (await run.pourOther(amount)) ?? undefined;
		if (problem) return;
		open = false;
		amount = '';
	}
</script>

{#if !open}
	<button type="button" class="btn plain other" onclick={() => (open = true)}>Another amount went in</button>
{:else}
	<form
		class="grid gap-2.5"
		novalidate
		onsubmit={(e) => {
			e.preventDefault();
			void keep();
		}}
	>
		<Field
			label="Poured in this step"
			inputmode="decimal"
			bind:value={amount}
			{problem}
			hint="With its unit where it is not {unit}. Doses, season and record go by it."
		/>
		<div class="foot grid grid-cols-[1fr_2fr] gap-2.5">
			<button type="button" class="btn plain" onclick={() => (open = false)}>Back</button>
			<button class="btn go">It went in</button>
		</div>
	</form>
{/if}

<style>
	.other {
		justify-self: start;
		min-height: 48px;
	}
	.foot .btn {
		min-height: 56px;
	}
</style>
