<!-- @component A job by every split, side by side; the one that is picked counts. -->
<script lang="ts">
	import { show } from '$lib/show/show';
	import type { OneLoadLess, Pace, Split, SplitChoice } from '$core';
	import { showFigure } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { jobEnd, shownSpan } from '$lib/show/job-span';
	import { wordIssue } from '$lib/wording/issues';
	import { splitWords } from '$lib/wording/jobs';

	interface Props {
		choices: readonly SplitChoice[];
		offered: Split;
		picked: Split;
		settings: FarmSettings;
		/** How the work goes, where it is known. */
		pace?: Pace | null;
		/** One load less that would do, within the ± of the spray volume. */
		less?: OneLoadLess | null;
		onpick: (split: Split) => void;
	}
	let { choices, offered, picked, settings, pace = null, less = null, onpick }: Props = $props();
	const percent = $derived(less ? `${showFigure(less.less * 100, 2, settings.decimalComma)} %` : '');
	const volume = (v: number) => show('tank', v, settings).text;
</script>

<fieldset class="grid grid-cols-2 gap-2.5 min-w-0 phone:grid-cols-1">
	<legend class="px-0 pt-0 pb-1.5 font-semibold">How the job is split into loads</legend>
	{#each choices as choice (choice.split)}
		<label class="card" class:on={picked === choice.split} class:no={!choice.plan}>
			<span class="flex items-center gap-2.5 min-h-8"
				><input
					class="w-6 h-6 accent-dye"
					type="radio"
					name="split"
					value={choice.split}
					checked={picked === choice.split}
					disabled={!choice.plan}
					onchange={() => onpick(choice.split)}
				/>
				<b>{splitWords[choice.split].name}</b>{#if offered === choice.split}<span
						class="ml-auto py-px px-2 rounded-[4px] bg-moss-wash text-moss-text font-bold text-[0.9rem]">Suggested</span
					>{/if}</span
			>
			{#if choice.plan}
				<span class="count"
					><span class="num text-[2rem] leading-none">{choice.plan.loads.length}</span>
					{choice.plan.loads.length === 1 ? 'load' : 'loads'}</span
				>
				<span class="facts"
					>{[
						choice.plan.loads.length > 1 && choice.least !== null && `least ${volume(choice.least)}`,
						choice.plan.leftover > 0 && `${volume(choice.plan.leftover)} cannot be sprayed out`,
						choice.packs > 0 && `${choice.packs} ${choice.packs === 1 ? 'container' : 'containers'} opened`
					]
						.filter(Boolean)
						.join(' · ')}</span
				>
				{#if choice.time !== null && pace}
					{@const ends = jobEnd(pace, choice.time)}
					<span class="facts" class:look={!ends.fits}
						>{ends.fits ? '' : '▲ '}about {shownSpan(choice.time)}, to {ends.at}{ends.fits
							? ''
							: `: ${shownSpan(-ends.spare)} past the day’s end`}</span
					>
				{/if}
				{#if choice.cupful && !choice.underAgitation}<span class="look"
						>▲ Its last load is a cupful: too little product to measure well.</span
					>{/if}
				{#if choice.underAgitation}<span class="look">▲ Its least load is under what the agitation can stir.</span>{/if}
			{:else if choice.issue}<span class="facts">{wordIssue(choice.issue)}</span>{/if}
			<span class="lab text-[0.9rem]">{splitWords[choice.split].why}</span>
		</label>
	{/each}
</fieldset>
{#if less}
	<p class="mx-0 mt-2.5 mb-0 py-2 px-3.5 border-l-6 border-l-amber bg-amber-wash">
		▲ {less.loads === 1 ? 'One full tank is' : `${less.loads} full tanks are`}
		{percent} short of this ground, less than the ± of the spray volume can tell. Spread over all of it, every area gets
		{percent} less water and product, and no cupful is mixed. To plan it so, take so much off the area.
	</p>
{/if}

<style>
	label {
		display: grid;
		gap: 3px;
		align-content: start;
		padding: 10px 14px;
		border: 2px solid var(--rule);
		cursor: pointer;
	}
	.on {
		border-color: var(--dye);
		background: var(--dye-wash);
	}
	.no {
		border-style: dashed;
		cursor: default;
	}
	.on .lab {
		color: var(--ink);
	}
</style>
