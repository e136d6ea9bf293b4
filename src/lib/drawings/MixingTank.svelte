<!-- @component A load in its tank: how full it stands, the marks of its steps, and what goes in just now as a band. -->
<script lang="ts">
	import { m } from '$words';
	interface Mark {
		/** Share of the load, 0 to 1. */
		readonly at: number;
		readonly figure: string;
		readonly note: string;
	}
	interface Props {
		/** How full the load stands now, 0 to 1 of the load. */
		level: number;
		/** The load as a share of the tank, 0 to 1. */
		full: number;
		marks: readonly Mark[];
		/** A product that goes in now: its words; it lies as a band on what is in. */
		now: string;
	}
	let { level, full, marks, now }: Props = $props();

	const top = 22;
	const floor = 290;
	const y = (share: number) => floor - Math.max(0, Math.min(1, share * full)) * (floor - top);
	const id = $props.id();
	/** Marks that lie close keep their words apart. */
	const spread = $derived.by(() => {
		const sorted = [...marks].sort((a, b) => b.at - a.at);
		let last = -Infinity;
		return sorted.map((m) => {
			const line = y(m.at);
			const text = Math.max(line + 6, last + 21);
			last = text;
			return { ...m, line, text };
		});
	});
</script>

<svg
	viewBox="0 0 380 310"
	role="img"
	aria-label={m.the_tank_stands_at_of_the({ figure: Math.round(level * 100), now })}
>
	<clipPath id="mix-{id}"><rect x="112" y="16" width="140" height="278" rx="26" /></clipPath>
	<rect x="112" y="16" width="140" height="278" rx="26" fill="var(--straw-wash)" />
	<g clip-path="url(#mix-{id})">
		<rect class="water" x="112" width="140" y={y(level)} height={floor + 10 - y(level)} fill="var(--dye)" />
		{#if now}<rect x="112" width="140" y={y(level) - 9} height="9" fill="var(--straw)" />{/if}
	</g>
	<rect x="112" y="16" width="140" height="278" rx="26" fill="none" stroke="var(--ink)" stroke-width="4" />
	<rect x="158" y="4" width="48" height="13" rx="5" fill="var(--ink)" />
	{#each spread as mark (mark.at + mark.figure)}
		<path d="M98 {mark.line}h14" stroke="var(--ink)" stroke-width="2.5" />
		<text class="figure" x="92" y={mark.text} text-anchor="end">{mark.figure}</text>
		<text class="note" x="264" y={mark.text}>{mark.note}</text>
	{/each}
	{#if now}<text class="now" x="264" y={y(level) - 2}>{now}</text>{/if}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		max-height: 330px;
	}
	.water {
		transition: y 400ms ease;
	}
	.figure {
		font: 700 19px var(--font-figures);
		font-stretch: 75%;
		fill: var(--ink);
	}
	.note {
		font: 400 15px var(--font-text);
		fill: var(--soft);
	}
	.now {
		font: 700 16px var(--font-figures);
		font-stretch: 82%;
		fill: var(--straw-text);
	}
	@media (prefers-reduced-motion: reduce) {
		.water {
			transition: none;
		}
	}
</style>
