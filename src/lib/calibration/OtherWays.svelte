<!-- @component Other ways to the same answer from the readings of one round, each with its gap against the joint ±. -->
<script lang="ts">
	import type { AnySheet, Measured, OtherWay, Rig } from '$core';
	import { methodsFor, relativeU, showDecimals } from '$core';
	import { shownRate } from '$lib/show/answer';
	import type { RoundState } from './round.svelte';
	import { methodName, methodWords } from '$lib/wording/methods';

	interface Props {
		round: Pick<RoundState, 'settings' | 'signedOff'> & {
			readonly head: { readonly id: string };
			readonly rig: Pick<Rig, 'kind' | 'drive'> & { readonly groundDriven?: boolean | undefined };
			readonly method: AnySheet['method'];
		};
		others: readonly OtherWay[];
		rate: Measured<'volumePerArea'>;
	}
	let { round, others, rate }: Props = $props();

	const comma = $derived(round.settings.decimalComma);
	const percent = (share: number) => `${showDecimals(Math.abs(share) * 100, 1, comma)} %`;
	const shown = (r: Measured<'volumePerArea'>) => shownRate(r.value, 2 * relativeU(r), round.settings.rateUnit, comma);
	/** Where the readings of another way are taken. */
	const doors = { 'speed-width-flow': 'flow', 'plot-catch': 'plot', refill: 'tank', 'parked-drop': 'tank' } as const;
	const open = $derived(
		round.signedOff
			? []
			: methodsFor(round.rig).filter((m) => m !== round.method && !others.some((o) => o.calibration.method === m))
	);
	/** Half the drawing is four times the joint ±, so that a gap that matters leaves the middle. */
	const at = (way: OtherWay) => 50 + Math.max(-48, Math.min(48, (way.gap.share / way.gap.joint) * 22));
	const own = $derived(shown(rate));
</script>

{#if others.length > 0 || open.length > 0}
	<div class="card ways">
		<h2>Measured another way</h2>
		{#each others as way (way.calibration.method)}
			{@const r = shown(way.calibration.rate)}
			<div class="way" class:apart={way.gap.apart} data-testid="other-way">
				<div>
					<b>{methodWords[way.calibration.method].name}</b>
					<p><span class="num">{r.value}</span> {r.unit} ± {r.interval}</p>
				</div>
				<div class="gap">
					<div class="scale" aria-hidden="true"><i></i><b style="left:{at(way)}%"></b></div>
					<p>
						{way.gap.apart ? '▲ ' : ''}{percent(way.gap.share)}
						{way.gap.share >= 0 ? 'more' : 'less'} than {own.value}; the two may differ by {percent(way.gap.joint)}
						{way.gap.apart ? 'with nothing wrong: one reading is.' : 'with nothing wrong, so they agree.'}
					</p>
				</div>
			</div>
		{/each}
		{#if open.length > 0}
			<p class="lab doors">
				From this round you can also take:
				{#each open as method (method)}<a href="/rounds/{round.head.id}/{doors[method]}"
						>{methodName(method, round.rig.kind)}</a
					>{/each}
			</p>
		{/if}
	</div>
{/if}

<style>
	.ways {
		display: grid;
		gap: 10px;
		padding: 12px 18px;
	}
	.way {
		display: grid;
		grid-template-columns: minmax(0, 0.8fr) minmax(0, 1.2fr);
		gap: 18px;
		align-items: center;
	}
	.way .num {
		font-size: 1.9rem;
	}
	.scale {
		position: relative;
		height: 18px;
		margin-bottom: 4px;
		border-bottom: 2px solid var(--ink);
	}
	.scale i {
		position: absolute;
		left: 28%;
		right: 28%;
		bottom: 0;
		height: 12px;
		background: var(--moss-wash);
		box-shadow: inset 0 0 0 1px var(--moss);
	}
	.scale b {
		position: absolute;
		bottom: 0;
		width: 8px;
		height: 18px;
		margin-left: -4px;
		background: var(--dye);
	}
	.apart .scale b {
		background: var(--amber-fill);
	}
	.gap p {
		font-size: 0.95rem;
		line-height: 1.3;
	}
	.apart .gap p {
		color: var(--amber-text);
		font-weight: 600;
	}
	.doors {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 16px;
	}
	.doors a {
		display: inline-block;
		padding: 8px 0;
		font-weight: 600;
	}
	@media (max-width: 700px) {
		.way {
			grid-template-columns: 1fr;
			gap: 4px;
		}
	}
</style>
