<!-- @component What each rule says of the weather: its figure, its state as a mark and a word, and what to do about it. -->
<script lang="ts">
	import { m } from '$words';
	import type { RuleFinding, RuleState, WeatherLimits } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { ruleNames, wordRule } from '$lib/wording/weather';

	interface Props {
		findings: readonly RuleFinding[];
		limits: WeatherLimits;
		settings: FarmSettings;
	}
	let { findings, limits, settings }: Props = $props();
	const marks: Readonly<Record<RuleState, string>> = { good: '✓', unknown: '?', look: '▲', stop: '✕' };
	const says: Readonly<Record<RuleState, string>> = {
		good: m.holds(),
		unknown: m.not_known(),
		look: m.look(),
		stop: m.stop_inline()
	};
</script>

<ul>
	{#each findings as f (f.rule)}
		{@const words = wordRule(f, limits, settings)}
		<li
			class="grid grid-cols-[34px_92px_108px_minmax(0,1fr)] gap-2.5 items-center min-h-11.5 py-1 px-0 border-b border-b-hair phone:grid-cols-[34px_minmax(0,1fr)_auto]"
			data-state={f.state}
			data-rule={f.rule}
		>
			<span
				class="mark grid place-items-center w-7.5 h-7.5 rounded-[4px] bg-moss-wash text-moss-text font-bold"
				aria-label={says[f.state]}>{marks[f.state]}</span
			>
			<b>{ruleNames[f.rule]}</b>
			<span class="num text-[1.3rem]">{words.figure}</span>
			<span class="text phone:col-[2/-1] phone:text-[0.95rem]">{words.text}</span>
		</li>
	{/each}
</ul>

<style>
	[data-state='look'] .mark {
		background: var(--amber-wash);
		color: var(--amber-text);
	}
	[data-state='stop'] .mark {
		background: var(--rust-wash);
		color: var(--rust-text);
	}
	[data-state='unknown'] .mark {
		border: 2px dashed var(--field-border);
		background: none;
		color: var(--ink);
	}
	[data-state='stop'] .text,
	[data-state='stop'] .num {
		color: var(--rust-text);
		font-weight: 600;
	}
</style>
