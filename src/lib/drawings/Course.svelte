<!-- @component The course with its flags and the sprayer on it: straw ahead, dye behind. -->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		/** Share of the course that is behind, 0 to 1. */
		done: number;
		/** Driving from right to left. */
		back: boolean;
		/** Words at the far flag, with unit. */
		length: string;
	}
	let { done, back, length }: Props = $props();

	const left = 34;
	const right = 566;
	const at = $derived(back ? right - (right - left) * done : left + (right - left) * done);
</script>

<svg
	viewBox="0 0 600 104"
	role="img"
	aria-label={m.course_of_driven({ count: length || m.unknown_length(), figure: Math.round(done * 100) })}
>
	<rect x="0" y="62" width="600" height="22" fill="var(--straw-wash)" stroke="var(--straw-edge)" stroke-width="0.75" />
	<rect x={back ? at : left} y="62" width={back ? right - at : at - left} height="22" fill="var(--dye)" />
	{#each [left, right] as x (x)}
		<path d="M{x} 62V18l26 9-26 9" fill="var(--straw)" stroke="var(--ink)" stroke-width="2" />
	{/each}
	<g transform="translate({at} 38) scale({back ? -1 : 1} 1)">
		<path d="M-40 16h40v-12h-12l-7-13h-14l-2 13h-5z" fill="var(--ink)" />
		<circle cx="-28" cy="20" r="11" fill="var(--ink)" stroke="var(--paper)" stroke-width="2" />
		<circle cx="-6" cy="24" r="7" fill="var(--ink)" stroke="var(--paper)" stroke-width="2" />
	</g>
	<text x={left} y="101" font-size="15">0</text>
	<text x={right} y="101" font-size="15" text-anchor="end">{length}</text>
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
	text {
		font-family: var(--font-text);
		fill: var(--soft);
	}
</style>
