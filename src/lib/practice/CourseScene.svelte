<!-- @component The course as one stands beside it: two flags, and what passes between them. Straw ahead, dye behind. -->
<script lang="ts" module>
	export type Passer = 'tractor' | 'atv' | 'walker';
</script>

<script lang="ts">
	import { m } from '$words';

	interface Props {
		/** Below 0 before the first flag, 0 to 1 between them; null where nothing passes. */
		along: number | null;
		back: boolean;
		passer: Passer;
		/** How far it is said to be from flag to flag. */
		said: string;
		/** A figure in place of what moves: how much of the way is behind, in hundredths. */
		still: boolean;
	}
	let { along, back, passer, said, still }: Props = $props();

	const left = 70;
	const right = 530;
	const wide = right - left;
	/** Where it is drawn; standing still, at the flags and halfway only. */
	const seen = $derived(along === null || !still ? along : along < 0 ? -0.1 : along <= 1 ? 0.5 : 1.1);
	const share = $derived(seen === null ? (back ? 1.1 : -0.1) : Math.min(1.12, Math.max(-0.14, seen)));
	/** To half a point: what nobody sees is not drawn. */
	const at = $derived(Math.round((along !== null && back ? right - wide * share : left + wide * share) * 2) / 2);
	const covered = $derived(seen === null ? 0 : Math.round(Math.min(1, Math.max(0, seen)) * wide) / wide);
	const words = $derived(
		along === null
			? m.yard_course_waits({ said })
			: along < 0
				? m.yard_course_comes()
				: along <= 1
					? m.yard_course_between()
					: m.yard_course_behind()
	);
</script>

{#if still && along !== null}<p class="num text-[2rem]">
		{words}
		{along >= 0 && along <= 1 ? m.yard_course_share({ share: Math.floor(along * 100) }) : ''}
	</p>{/if}
<svg viewBox="0 36 600 116" role="img" aria-label={words} class="block h-auto w-full">
	<rect x="0" y="104" width="600" height="22" fill="var(--straw-wash)" stroke="var(--straw-edge)" stroke-width="0.75" />
	<rect x={back ? right - wide * covered : left} y="104" width={wide * covered} height="22" fill="var(--dye)" />
	{#each [0, 0.25, 0.5, 0.75, 1] as tick (tick)}
		<path d="M{left + wide * tick} 126v7" stroke="var(--ink)" stroke-width="2" />
	{/each}
	{#each [left, right] as x (x)}
		<path d="M{x} 104V40l24 9-24 9" fill="var(--straw)" stroke="var(--ink)" stroke-width="2.5" />
	{/each}
	<g transform="translate({at} 104) scale({along !== null && back ? -1 : 1} 1)">
		<!-- The nose is at 0: it is what passes the flag. -->
		{#if passer === 'walker'}
			<circle cx="-9" cy="-52" r="7" fill="var(--ink)" />
			<path d="M-9 -45v22l8 23M-9 -23l-9 23M-9 -40l13 12" fill="none" stroke="var(--ink)" stroke-width="5" />
			<rect x="-26" y="-46" width="13" height="22" rx="3" fill="var(--dye)" stroke="var(--ink)" stroke-width="2" />
			<path d="M4 -28l12 14" stroke="var(--ink)" stroke-width="2.5" />
		{:else if passer === 'atv'}
			<path d="M-58 -18h54l-8 -12h-14l-6 -10h-8l4 10h-22z" fill="var(--ink)" />
			<rect x="-62" y="-40" width="24" height="20" rx="3" fill="var(--dye)" stroke="var(--ink)" stroke-width="2" />
			{#each [-48, -12] as wheel (wheel)}
				<circle cx={wheel} cy="-10" r="10" fill="var(--ink)" stroke="var(--paper)" stroke-width="2" />
			{/each}
		{:else}
			<path d="M-74 -20h74v-16h-18l-8 -22h-24l-4 22h-20z" fill="var(--ink)" />
			<rect x="-46" y="-54" width="14" height="16" fill="var(--paper)" />
			<path d="M-104 -22h26" stroke="var(--ink)" stroke-width="4" />
			<rect x="-124" y="-48" width="36" height="26" rx="3" fill="var(--dye)" stroke="var(--ink)" stroke-width="2" />
			<path d="M-130 -60v48" stroke="var(--ink)" stroke-width="4" />
			<circle cx="-56" cy="-17" r="17" fill="var(--ink)" stroke="var(--paper)" stroke-width="2.5" />
			<circle cx="-13" cy="-11" r="11" fill="var(--ink)" stroke="var(--paper)" stroke-width="2.5" />
			<circle cx="-106" cy="-11" r="11" fill="var(--ink)" stroke="var(--paper)" stroke-width="2.5" />
		{/if}
	</g>
	<text x={left} y="148" font-size="15" text-anchor="middle" fill="var(--soft)">0</text>
	<text x={right} y="148" font-size="15" text-anchor="middle" fill="var(--soft)">{said}</text>
</svg>
