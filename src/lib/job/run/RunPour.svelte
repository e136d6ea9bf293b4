<!-- @component Where another amount went in than the step asks for: it is kept as it was poured, and everything after goes by it. -->
<script lang="ts">
	import type { JobRunState } from './job-run.svelte';
	import FormField from '$lib/kit/FormField.svelte';

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
		novalidate
		onsubmit={(e) => {
			e.preventDefault();
			void keep();
		}}
	>
		<FormField
			label="Poured in this step"
			inputmode="decimal"
			bind:value={amount}
			{problem}
			hint="With its unit where it is not {unit}. Doses, season and record go by it."
		/>
		<div class="foot">
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
	form {
		display: grid;
		gap: 10px;
	}
	.foot {
		display: grid;
		grid-template-columns: 1fr 2fr;
		gap: 10px;
	}
	.foot .btn {
		min-height: 56px;
	}
</style>
