<!-- @component Where the error came from: from the truth down or up to the answer, the longest step first. -->
<script lang="ts">
	import { m } from '$words';
	import type { ErrorPart } from '$core';
	import { showDecimals } from '$core';
	import { sourceText } from '$lib/wording/practice';

	interface Props {
		parts: readonly ErrorPart[];
		/** In the shown unit, as `scale` makes them. */
		truth: number;
		answer: number;
		scale: (rate: number) => number;
		digits: number;
		decimalComma: boolean;
	}
	let { parts, truth, answer, scale, digits, decimalComma }: Props = $props();

	/** What moved the answer by less than a digit of it is told together. */
	const told = $derived.by(() => {
		const least = 10 ** -digits / 2;
		return parts.map((p) => ({ source: p.source, amount: scale(p.amount) })).filter((p) => Math.abs(p.amount) >= least);
	});
	const steps = $derived.by(() => {
		let at = truth;
		return told.map((part) => {
			const from = at;
			at += part.amount;
			return { ...part, from, to: at };
		});
	});
	const edges = $derived([truth, answer, ...steps.map((s) => s.to)]);
	const [low, high] = $derived([Math.min(...edges), Math.max(...edges)]);
	const x = (v: number) => (high === low ? 50 : 4 + ((v - low) / (high - low)) * 92);
	const signed = (v: number) => `${v < 0 ? '−' : '+'}${showDecimals(Math.abs(v), digits, decimalComma)}`;
</script>

{#if steps.length === 0}
	<p class="lab">{m.reveal_no_parts()}</p>
{:else}
	<ol class="grid gap-2">
		{#each steps as { source, amount, from, to } (source)}
			{@const words = sourceText(source)}
			<li
				class="grid grid-cols-[minmax(0,13rem)_minmax(0,1fr)_4.5rem] items-center gap-3 max-[500px]:grid-cols-[1fr_4.5rem]"
			>
				<span><b>{words.name}</b><br /><span class="lab">{words.why}</span></span>
				<span
					class="relative block h-7 border-x border-x-rule max-[500px]:col-span-2 max-[500px]:row-start-2"
					aria-hidden="true"
				>
					<i
						class="absolute inset-y-0 bg-dye"
						style="left: {Math.min(x(from), x(to))}%; width: {Math.max(0.8, Math.abs(x(to) - x(from)))}%"
					></i>
				</span>
				<span class="num text-right text-[1.3rem]">{signed(amount)}</span>
			</li>
		{/each}
	</ol>
{/if}
