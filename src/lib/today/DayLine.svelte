<!-- @component One day as a line of stretches: where the work fits, and what is against it elsewhere. For a phone. -->
<script lang="ts">
	import { m } from '$words';
	import type { DayStretch } from '$lib/show/day-strip';
	import type { FarmClock } from '$lib/settings/farm-time';
	import { clockText } from '$lib/settings/farm-time';
	import { ruleNames } from '$lib/wording/weather';

	interface Props {
		day: string;
		stretches: readonly DayStretch[];
		/** Now, ms. */
		now: number;
		clock: FarmClock;
	}
	let { day, stretches, now, clock }: Props = $props();
	const begin = $derived(stretches[0]?.from ?? 0);
	const end = $derived(stretches[stretches.length - 1]?.to ?? 1);
	const at = (time: number) => (100 * (time - begin)) / (end - begin);
	const marks = { fits: '', good: '', unknown: '? ', look: '▲ ', stop: '✕ ' } as const;
	const name = (s: DayStretch) =>
		s.state === 'fits' || !s.rule ? m.fits_word() : `${marks[s.state]}${ruleNames[s.rule].toLowerCase()}`;
	/** A word that would be cut is none: its mark says as much, and the words for those who listen have them all. */
	const roomy = (s: DayStretch) => at(s.to) - at(s.from) > 2.6 * name(s).length + 3;
	/** Where a window begins or ends, the day's own ends, and nothing that would stand on another. */
	const ticks = $derived.by(() => {
		const wanted = [
			{ time: begin, strong: false },
			...stretches
				.filter((s) => s.state === 'fits')
				.flatMap((s) => [s.from, s.to].map((time) => ({ time, strong: true }))),
			{ time: end, strong: false }
		];
		// One at an end of the line is written inward, a third of its place from where it stands.
		const middle = (time: number) => at(time) + (at(time) < 6 ? 7 : at(time) > 94 ? -7 : 0);
		const kept: typeof wanted = [];
		for (const tick of wanted.filter((t) => t.strong).concat(wanted.filter((t) => !t.strong)))
			if (kept.every((k) => Math.abs(middle(k.time) - middle(tick.time)) > 15)) kept.push(tick);
		return kept;
	});
	const words = $derived(
		stretches
			.map((s) => m.stretch_words({ from: clockText(clock, s.from), to: clockText(clock, s.to), state: name(s) }))
			.join(', ')
	);
</script>

<div role="img" aria-label={m.the_day_in_stretches({ day, list: words })} class="relative pb-6">
	<div class="flex h-8">
		{#each stretches as s (s.from)}
			<span class="stretch {s.state}" style="width: {at(s.to) - at(s.from)}%">
				{roomy(s) ? name(s) : marks[s.state]}
			</span>
		{/each}
	</div>
	{#if now > begin && now < end}<i class="now" style="left: {at(now)}%"></i>{/if}
	{#each ticks as tick (tick.time)}
		<small
			class="absolute top-9 whitespace-nowrap font-figures text-[1rem]"
			class:font-bold={tick.strong}
			style="left: {at(tick.time)}%; transform: translateX({at(tick.time) < 6 ? 0 : at(tick.time) > 94 ? -100 : -50}%)"
			>{clockText(clock, tick.time)}</small
		>
	{/each}
</div>

<style>
	.stretch {
		display: grid;
		place-items: center;
		min-width: 0;
		overflow: hidden;
		border: 1.5px dashed var(--amber);
		background: var(--amber-wash);
		font-size: 0.93rem;
		font-weight: 600;
		white-space: nowrap;
	}
	.fits,
	.good {
		border: 1.5px solid var(--moss);
		background: var(--moss-wash);
	}
	.stop {
		border-color: var(--rust);
		background: var(--rust-wash);
	}
	.unknown {
		border-color: var(--field-border);
		background: var(--card);
	}
	.now {
		position: absolute;
		top: -4px;
		width: 3px;
		height: 40px;
		background: var(--ink);
	}
</style>
