<!-- @component Where another amount went in than the step asks for: it is kept as it was poured, and everything after goes by it. -->
<script lang="ts">
	import type { JobRunState } from './job-run.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import { saidIn } from '$lib/settings/said-in';
	import { unitsLike } from '$lib/settings/unit-lists';

	let { run, unit }: { run: JobRunState; unit: string } = $props();
	let open = $state(false);
	let amount = $state('');
	let picked = $state('');
	let problem = $state<string | undefined>();

	async function keep() {
		problem = (await run.pourOther(saidIn(amount, picked, unit))) ?? undefined;
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
		<UnitField
			label="Poured in this step"
			bind:value={amount}
			bind:unit={() => picked || unit, (to) => (picked = to)}
			units={unitsLike(unit)}
			{problem}
			hint="Doses, season and record go by it."
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
