<!-- @component The steps of a calibration and what each yielded: straw turns to dye as a step is done. -->
<script lang="ts">
	import type { CalibrationState, StepName } from './calibration.svelte';

	interface Props {
		calibration: CalibrationState;
		step: StepName;
		onpick?: () => void;
	}
	let { calibration, step, onpick }: Props = $props();
</script>

<ol>
	{#each calibration.steps as s (s.name)}
		<li>
			<a
				href="{calibration.base}/{s.name}"
				class:on={s.name === step}
				class:dry={s.done === 0}
				aria-current={s.name === step ? 'step' : undefined}
				onclick={() => onpick?.()}
			>
				<i style="--done:{s.done * 100}%" aria-hidden="true"></i>
				<b class="font-semibold">{s.title}</b>
				<span class="num text-[1.3rem] leading-none text-right"
					>{s.figure || (s.name === 'sign-off' && s.done === 1 ? '✓' : '')}<small>{s.note}</small></span
				>
			</a>
		</li>
	{/each}
</ol>

<style>
	li a {
		display: grid;
		grid-template-columns: 8px 1fr auto;
		gap: 12px;
		align-items: center;
		min-height: 58px;
		padding-right: 16px;
		color: var(--ink);
		text-decoration: none;
	}
	li i {
		align-self: stretch;
		background: linear-gradient(var(--dye) var(--done), var(--straw-wash) var(--done));
		box-shadow: inset -1px 0 0 rgb(138 106 31 / 0.35);
		margin: 3px 0;
	}
	li a.on {
		background: var(--card);
		box-shadow:
			inset 0 1px var(--rule),
			inset 0 -1px var(--rule);
	}
	li a.dry:not(.on) b {
		color: var(--soft);
		font-weight: 500;
	}
	li small {
		display: block;
		margin-top: 3px;
		color: var(--soft);
		font: 400 0.78rem var(--font-text);
	}
</style>
