<!-- @component What each rule says of the weather: its figure, its state as a mark and a word, and what to do about it. -->
<script lang="ts">
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
	const says: Readonly<Record<RuleState, string>> = { good: 'holds', unknown: 'not known', look: 'look', stop: 'stop' };
</script>

<ul>
	{#each findings as f (f.rule)}
		{@const words = wordRule(f, limits, settings)}
		<li data-state={f.state} data-rule={f.rule}>
			<span class="mark" aria-label={says[f.state]}>{marks[f.state]}</span>
			<b>{ruleNames[f.rule]}</b>
			<span class="num">{words.figure}</span>
			<span class="text">{words.text}</span>
		</li>
	{/each}
</ul>

<style>
	ul {
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: 34px 92px 108px minmax(0, 1fr);
		gap: 10px;
		align-items: center;
		min-height: 46px;
		padding: 4px 0;
		border-bottom: 1px solid var(--hair);
	}
	.mark {
		display: grid;
		place-items: center;
		width: 30px;
		height: 30px;
		border-radius: 4px;
		background: var(--moss-wash);
		color: var(--moss-text);
		font-weight: 700;
	}
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
	.num {
		font-size: 1.3rem;
	}
	[data-state='stop'] .text,
	[data-state='stop'] .num {
		color: var(--rust-text);
		font-weight: 600;
	}
	@media (max-width: 859px) {
		li {
			grid-template-columns: 34px minmax(0, 1fr) auto;
		}
		.text {
			grid-column: 2 / -1;
			font-size: 0.95rem;
		}
	}
</style>
