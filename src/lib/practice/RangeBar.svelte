<!-- @component The answer's interval on a line, and the truth on it. -->
<script lang="ts">
	import { m } from '$words';
	import { showDecimals } from '$core';

	interface Props {
		/** All in the shown unit. */
		truth: number;
		answer: number;
		u95: number;
		unit: string;
		digits: number;
		decimalComma: boolean;
	}
	let { truth, answer, u95, unit, digits, decimalComma }: Props = $props();

	/** All of the interval and the truth, with room beside them. */
	const room = $derived((Math.max(answer + u95, truth) - Math.min(answer - u95, truth)) * 0.14);
	const low = $derived(Math.min(answer - u95, truth) - room);
	const high = $derived(Math.max(answer + u95, truth) + room);
	const x = (v: number) => 20 + ((v - low) / (high - low)) * 660;
	const f = (v: number) => showDecimals(v, digits, decimalComma);
	/** Labels keep apart where answer and truth are close. */
	const near = $derived(Math.abs(x(truth) - x(answer)) < 150);
	const rightOf = $derived(truth >= answer);
</script>

<svg
	viewBox="0 0 700 136"
	role="img"
	aria-label={m.reveal_range({ truth: f(truth), answer: f(answer), u95: f(u95), unit })}
	class="block h-auto w-full"
>
	<rect x="20" y="60" width="660" height="34" fill="var(--straw-wash)" stroke="var(--straw-edge)" />
	<rect x={x(answer - u95)} y="60" width={x(answer + u95) - x(answer - u95)} height="34" fill="var(--dye)" />
	<path d="M{x(answer)} 52V94" stroke="var(--dye-text)" stroke-width="4" />
	<path d="M{x(truth)} 46V102" stroke="var(--card)" stroke-width="11" />
	<path d="M{x(truth)} 44V104" stroke="var(--ink)" stroke-width="6" />
	<text
		x={x(answer) + (near ? (rightOf ? -10 : 10) : 0)}
		y="42"
		text-anchor={near ? (rightOf ? 'end' : 'start') : 'middle'}
		class="fig"
		fill="var(--dye-text)">{f(answer)}</text
	>
	<text
		x={x(truth) + (near ? (rightOf ? 10 : -10) : 0)}
		y="42"
		text-anchor={near ? (rightOf ? 'start' : 'end') : 'middle'}
		class="fig big"
		fill="var(--ink)">{f(truth)}</text
	>
	<text x={x(answer - u95)} y="126" text-anchor="middle" font-size="24" fill="var(--ink)">{f(answer - u95)}</text>
	<text x={x(answer + u95)} y="126" text-anchor="middle" font-size="24" fill="var(--ink)">{f(answer + u95)}</text>
</svg>

<style>
	.fig {
		font: 700 28px var(--font-figures);
		font-stretch: 80%;
	}
	.big {
		font-size: 40px;
	}
</style>
