<!-- @component The answers of a class on one line, each with its ±, and the truth through all of them. -->
<script lang="ts">
	import { m } from '$words';
	import { showDecimals } from '$core';

	interface Answer {
		readonly name: string;
		/** All in the shown unit. */
		readonly answer: number;
		readonly u95: number;
		readonly inside: boolean;
	}
	interface Props {
		answers: readonly Answer[];
		truth: number;
		unit: string;
		digits: number;
		decimalComma: boolean;
	}
	let { answers, truth, unit, digits, decimalComma }: Props = $props();

	const row = 34;
	const left = 170;
	const right = 690;
	const low = $derived(Math.min(truth, ...answers.map((a) => a.answer - a.u95)));
	const high = $derived(Math.max(truth, ...answers.map((a) => a.answer + a.u95)));
	const x = (v: number) => (high === low ? (left + right) / 2 : left + ((v - low) / (high - low)) * (right - left));
	const f = (v: number) => showDecimals(v, digits, decimalComma);
</script>

<svg
	viewBox="0 0 720 {answers.length * row + 40}"
	role="img"
	aria-label={m.class_spread({ truth: f(truth), unit, count: answers.length })}
	class="block h-auto w-full"
>
	<path d="M{x(truth)} 26V{answers.length * row + 36}" stroke="var(--ink)" stroke-width="3" />
	<text x={x(truth)} y="18" text-anchor="middle" font-size="17" font-weight="700" fill="var(--ink)"
		>{f(truth)} {unit}</text
	>
	{#each answers as one, i (i)}
		{@const y = 34 + i * row}
		<text x={left - 12} y={y + 19} text-anchor="end" font-size="16" fill="var(--ink)">{one.name.slice(0, 18)}</text>
		<rect
			x={x(one.answer - one.u95)}
			y={y + 6}
			width={Math.max(2, x(one.answer + one.u95) - x(one.answer - one.u95))}
			height="14"
			fill={one.inside ? 'var(--dye)' : 'var(--amber-fill)'}
		/>
		<path d="M{x(one.answer)} {y + 2}v22" stroke="var(--card)" stroke-width="5" />
		<path d="M{x(one.answer)} {y + 2}v22" stroke="var(--ink)" stroke-width="2.5" />
		<text x={right + 8} y={y + 19} font-size="15" fill="var(--ink)">{one.inside ? '✓' : '✕'}</text>
	{/each}
</svg>
