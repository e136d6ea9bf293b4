<!-- @component A job by every split, side by side; the one that is picked counts. -->
<script lang="ts">
	import { m } from '$words';
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
	<legend class="px-0 pt-0 pb-1.5 font-semibold">{m.how_the_job_is_split_into()}</legend>
	{#each choices as choice (choice.split)}
		<label class="card" class:on={picked === choice.split} class:no={!choice.plan}>
			<span class="flex items-center gap-2.5 min-h-8"
				><input
					type="radio"
					name="split"
					value={choice.split}
					checked={picked === choice.split}
					disabled={!choice.plan}
					onchange={() => onpick(choice.split)}
				/>
				<b>{splitWords[choice.split].name}</b>{#if offered === choice.split}<span
						class="ml-auto py-px px-2 rounded-[4px] bg-moss-wash text-moss-text font-bold text-[0.9rem]"
						>{m.suggested()}</span
					>{/if}</span
			>
			{#if choice.plan}
				<span class="count"
					><span class="num text-[2rem] leading-none">{choice.plan.loads.length}</span>
					{m.loads_3({ count: choice.plan.loads.length })}</span
				>
				<span class="facts"
					>{[
						choice.plan.loads.length > 1 && choice.least !== null && m.least({ least: volume(choice.least) }),
						choice.plan.leftover > 0 && m.cannot_be_sprayed_out({ leftover: volume(choice.plan.leftover) }),
						choice.packs > 0 && m.containers_opened({ packs: choice.packs })
					]
						.filter(Boolean)
						.join(' · ')}</span
				>
				{#if choice.time !== null && pace}
					{@const ends = jobEnd(pace, choice.time, settings)}
					<span class="facts" class:look={!ends.fits}
						>{m.about_to({
							which: ends.fits ? '' : '▲ ',
							time: shownSpan(choice.time),
							at: ends.at,
							which2: ends.fits ? '' : m.past_the_days_end({ span: shownSpan(-ends.spare) })
						})}</span
					>
				{/if}
				{#if choice.cupful && !choice.underAgitation}<span class="look">{m.its_last_load_is_a_cupful()}</span>{/if}
				{#if choice.underAgitation}<span class="look">{m.its_least_load_is_under_what()}</span>{/if}
			{:else if choice.issue}<span class="facts">{wordIssue(choice.issue)}</span>{/if}
			<span class="lab text-[0.9rem]">{splitWords[choice.split].why}</span>
		</label>
	{/each}
</fieldset>
{#if less}
	<p class="mx-0 mt-2.5 mb-0 py-2 px-3.5 border-l-6 border-l-amber bg-amber-wash">
		{m.short_of_this_ground_less_than({
			which: less.loads === 1 ? m.one_full_tank_is() : m.full_tanks_are({ loads: less.loads }),
			percent
		})}
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
