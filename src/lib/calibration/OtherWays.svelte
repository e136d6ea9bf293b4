<!-- @component Other ways to the same answer from the readings of one calibration, each with its gap against the joint ±. -->
<script lang="ts">
	import { m } from '$words';
	import type { AnySheet, Measured, OtherWay, TypedSprayer } from '$core';
	import { methodsFor, relativeU, showDecimals } from '$core';
	import { shownRate } from '$lib/show/answer';
	import type { CalibrationState } from './calibration.svelte';
	import { methodName, methodWords } from '$lib/wording/methods';

	interface Props {
		calibration: Pick<CalibrationState, 'settings' | 'signedOff'> & {
			/** Address that its steps lie under. */
			readonly base: string;
			readonly sprayer: Pick<TypedSprayer, 'kind' | 'drive'> & { readonly groundDriven?: boolean | undefined };
			readonly method: AnySheet['method'];
		};
		others: readonly OtherWay[];
		rate: Measured<'volumePerArea'>;
	}
	let { calibration, others, rate }: Props = $props();

	const comma = $derived(calibration.settings.decimalComma);
	const percent = (share: number) => `${showDecimals(Math.abs(share) * 100, 1, comma)} %`;
	const shown = (r: Measured<'volumePerArea'>) =>
		shownRate(r.value, 2 * relativeU(r), calibration.settings.rateUnit, comma);
	/** Where the readings of another way are taken. */
	const doors = { 'speed-width-flow': 'flow', 'plot-catch': 'plot', refill: 'tank', 'parked-drop': 'tank' } as const;
	const open = $derived(
		calibration.signedOff
			? []
			: methodsFor(calibration.sprayer).filter(
					(m) => m !== calibration.method && !others.some((o) => o.answer.method === m)
				)
	);
	/** Half the drawing is four times the joint ±, so that a gap that matters leaves the middle. */
	const at = (way: OtherWay) => 50 + Math.max(-48, Math.min(48, (way.gap.share / way.gap.joint) * 22));
	const own = $derived(shown(rate));
</script>

{#if others.length > 0 || open.length > 0}
	<div class="card grid gap-2.5 py-3 px-4.5">
		<h2>{m.measured_another_way()}</h2>
		{#each others as way (way.answer.method)}
			{@const r = shown(way.answer.rate)}
			<div
				class="grid grid-cols-[minmax(0,0.8fr)_minmax(0,1.2fr)] gap-4.5 items-center max-[700px]:grid-cols-[1fr] max-[700px]:gap-1"
				class:apart={way.gap.apart}
				data-testid="other-way"
			>
				<div>
					<b>{methodWords[way.answer.method].name}</b>
					<p><span class="num text-[1.9rem]">{r.value}</span> {r.unit} ± {r.interval}</p>
				</div>
				<div class="gap">
					<div class="scale relative h-4.5 mb-1 border-b-2 border-b-ink" aria-hidden="true">
						<i></i><b class="absolute bottom-0 w-2 h-4.5 -ml-1 bg-dye" style="left:{at(way)}%"></b>
					</div>
					<p class="text-[0.95rem] leading-[1.3]">
						{m.than_the_two_may_differ_by({
							which: way.gap.apart ? '▲ ' : '',
							share: percent(way.gap.share),
							which2: way.gap.share >= 0 ? m.more() : m.less(),
							value: own.value,
							joint: percent(way.gap.joint),
							which3: way.gap.apart ? m.with_nothing_wrong_one_reading_is() : m.with_nothing_wrong_so_they_agree()
						})}
					</p>
				</div>
			</div>
		{/each}
		{#if open.length > 0}
			<p class="lab flex flex-wrap items-center gap-x-4 gap-y-0">
				{m.from_this_calibration_you_can_also()}
				{#each open as method (method)}<a
						class="inline-block py-2 px-0 font-semibold"
						href="{calibration.base}/{doors[method]}">{methodName(method, calibration.sprayer.kind)}</a
					>{/each}
			</p>
		{/if}
	</div>
{/if}

<style>
	.scale i {
		position: absolute;
		left: 28%;
		right: 28%;
		bottom: 0;
		height: 12px;
		background: var(--moss-wash);
		box-shadow: inset 0 0 0 1px var(--moss);
	}
	.apart .scale b {
		background: var(--amber-fill);
	}
	.apart .gap p {
		color: var(--amber-text);
		font-weight: 600;
	}
</style>
