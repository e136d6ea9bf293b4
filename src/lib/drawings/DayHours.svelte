<!-- @component Days of a forecast hour by hour: where all rules hold, where to look, where to stop; start times that fit lie under them. -->
<script lang="ts">
	import { m } from '$words';
	import type { RuleState } from '$core';
	import type { DayStrip } from '$lib/show/day-strip';
	import type { FarmClock } from '$lib/settings/farm-time';
	import { getLocale } from '$words/runtime.js';
	import { clockAt, clockWords, dayAt } from '$lib/settings/farm-time';
	import { weekdayText } from '$lib/settings/near-day';

	interface Props {
		strips: readonly DayStrip[];
		/** Stretches of start times that fit, seconds since 1970. */
		windows: readonly { readonly from: number; readonly to: number }[];
		/** Now, ms. */
		now: number;
		clock: FarmClock;
	}
	let { strips, windows, now, clock }: Props = $props();
	const zone = $derived(clock.timeZone);
	const cell = 24;
	const row = 44;
	const marks: Readonly<Record<RuleState, string>> = { good: '', unknown: '?', look: '▲', stop: '✕' };
	const fill: Readonly<Record<RuleState, string>> = {
		good: 'var(--moss-wash)',
		unknown: 'var(--card)',
		look: 'var(--amber-wash)',
		stop: 'var(--rust-wash)'
	};
	const nameOf = (day: string) => (day === dayAt(zone, now) ? m.today() : weekdayText(day, getLocale()));
	const hourText = (h: number) => {
		const two = `${h}`.padStart(2, '0');
		return clock.hour12 ? clockWords(`${h === 24 ? '00' : two}:00`, clock) : two;
	};
	/** Parts of an hour that lie in a window, as shares of it. A window that is one moment long still shows. */
	const fitsIn = (at: number) =>
		windows.flatMap((w) => {
			const [from, to] = [w.from - at / 1000, w.to - at / 1000].map((s) => Math.min(3600, Math.max(0, s)) / 3600) as [
				number,
				number
			];
			const touches = w.to >= at / 1000 && w.from < at / 1000 + 3600;
			return touches && (to > from || w.from === w.to) ? [{ from, share: Math.max(0.08, to - from) }] : [];
		});
	/** On a phone the day begins where it is now, and not at midnight. */
	const toNow = (box: HTMLElement) => {
		const [hours, minutes] = clockAt(zone, now).split(':').map(Number);
		const share = (hours! + minutes! / 60) / 24;
		box.scrollLeft = Math.max(0, share * box.scrollWidth - 0.25 * box.clientWidth);
	};
	const words = $derived(
		strips
			.map((s) => {
				const good = s.hours.filter((h) => h?.state === 'good').length;
				return m.all_rules_hold_in_hours({ day: nameOf(s.day), good });
			})
			.join('. ')
	);
</script>

<div class="days">
	<!-- The names stay where they are while the hours scroll under a thumb; the drawing tells them to those who listen. -->
	<div class="names" aria-hidden="true" style="grid-template-rows: 22fr repeat({strips.length}, {row}fr) 2fr">
		<span></span>
		{#each strips as strip (strip.day)}<b>{nameOf(strip.day)}</b>{/each}
	</div>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex (what scrolls sideways has to take the focus) -->
	<div class="scroll" role="region" aria-label={m.hour_by_hour()} tabindex="0" {@attach toNow}>
		<svg viewBox="0 0 {24 * cell + 4} {strips.length * row + 24}" role="img" aria-label={words}>
			{#each [0, 6, 12, 18, 24] as h (h)}
				<text x={h * cell} y="14" text-anchor={h === 24 ? 'end' : h === 0 ? 'start' : 'middle'}>{hourText(h)}</text>
			{/each}
			{#each strips as strip, i (strip.day)}
				<g transform="translate(0 {22 + i * row})">
					{#each strip.hours as hour, h (h)}
						{#if hour}
							<rect x={h * cell} y="0" width={cell - 1} height="26" fill={fill[hour.state]} stroke="var(--rule)" />
							<text x={h * cell + cell / 2} y="18" text-anchor="middle" class="mark {hour.state}"
								>{marks[hour.state]}</text
							>
							{#each fitsIn(hour.at) as part (part.from)}<rect
									x={h * cell + part.from * (cell - 1)}
									y="29"
									width={part.share * (cell - 1)}
									height="6"
									fill="var(--dye)"
								/>{/each}
							{#if hour.at <= now && now < hour.at + 3600000}<rect
									x={h * cell}
									y="-2"
									width={cell - 1}
									height="30"
									fill="none"
									stroke="var(--ink)"
									stroke-width="2.5"
								/>{/if}
						{/if}
					{/each}
				</g>
			{/each}
		</svg>
	</div>
</div>

<style>
	.days {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr);
		gap: 10px;
		max-width: 860px;
	}
	.names {
		display: grid;
	}
	.scroll {
		overflow-x: auto;
	}
	svg {
		display: block;
		width: 100%;
		min-width: 440px;
	}
	text {
		font: 600 13px var(--font-text);
		fill: var(--soft);
	}
	b {
		padding-top: 4px;
		font: 700 1.05rem var(--font-figures);
		font-stretch: 82%;
		white-space: nowrap;
	}
	.mark {
		font-size: 13px;
	}
	.mark.look {
		fill: var(--amber-text);
	}
	.mark.stop {
		fill: var(--rust-text);
	}
</style>
