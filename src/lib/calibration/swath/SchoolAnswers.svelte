<!-- @component The schools' answers for a swath side by side; the one that is picked is the one that counts. -->
<script lang="ts">
	import { m } from '$words';
	import type { SwathSchool } from '$core';
	import type { SchoolAnswer } from './pans.svelte';

	interface Props {
		answers: readonly SchoolAnswer[];
		/** Null until one is picked. */
		picked: SwathSchool | null;
		/** A width in words, without its unit. */
		length: (m: number | null) => string;
		unit: string;
		/** Without the notes of those that are not picked. */
		terse: boolean;
		disabled: boolean;
		onpick: (school: SwathSchool) => void;
	}
	let { answers, picked, length, unit, terse, disabled, onpick }: Props = $props();
</script>

<div
	class="grid grid-cols-6 gap-1.5 phone:grid-cols-[1fr_1fr]"
	class:terse
	role="radiogroup"
	aria-label={m.whose_swath()}
>
	{#each answers as answer (answer.school)}
		<button
			type="button"
			role="radio"
			aria-checked={picked === answer.school}
			{disabled}
			onclick={() => onpick(answer.school)}
		>
			<b class="col-[1/3] text-[0.9rem]">{answer.name}</b>
			<span class="num text-[1.7rem] leading-[1.1]">{length(answer.width)}</span><small>{unit}</small>
			<em class="col-[1/3] text-soft text-[0.78rem] not-italic leading-[1.2]">{answer.note}</em>
		</button>
	{/each}
</div>

<style>
	button {
		display: grid;
		grid-template: auto auto 1fr / auto 1fr;
		align-items: baseline;
		justify-items: start;
		gap: 0 4px;
		min-height: 84px;
		padding: 6px 10px;
		border: 2px solid var(--rule);
		border-radius: 6px;
		background: var(--card);
		color: var(--ink);
		font: inherit;
		text-align: left;
		cursor: pointer;
	}
	button[aria-checked='true'] {
		border-color: var(--dye);
		background: var(--dye-wash);
		box-shadow: inset 0 -5px var(--dye);
	}
	button[aria-checked='true'] em {
		color: var(--ink);
	}
	.terse button:not([aria-checked='true']) em {
		display: none;
	}
</style>
