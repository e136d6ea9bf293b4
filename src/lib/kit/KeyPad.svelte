<!-- @component Fallow's own key pad: keys for a glove. What a key does is for the screen to say. -->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		onkey: (key: string) => void;
		unit: string;
		onunit: () => void;
		onagain: () => void;
		onskip: () => void;
		onnext: () => void;
		next: string;
		decimal: string;
	}
	let { onkey, unit, onunit, onagain, onskip, onnext, next, decimal }: Props = $props();
	const keys = ['1', '2', '3', 'unit', '4', '5', '6', 'erase', '7', '8', '9', 'next', 'skip', '0', 'point'];
</script>

<div class="pad" role="group" aria-label={m.key_pad()}>
	{#each keys as key (key)}
		{#if key === 'unit'}
			<button type="button" class="f" onclick={onunit}>{unit}<br />{m.change()}</button>
		{:else if key === 'erase'}
			<button type="button" class="f" onclick={onagain}>{m.erase()}</button>
		{:else if key === 'skip'}
			<button type="button" class="f" onclick={onskip}>{m.not_caught_title()}</button>
		{:else if key === 'next'}
			<button type="button" class="next" onclick={onnext}>{next}</button>
		{:else if key === 'point'}
			<button type="button" onclick={() => onkey(decimal)} aria-label={m.decimal_point()}>{decimal}</button>
		{:else}
			<button type="button" onclick={() => onkey(key)}>{key}</button>
		{/if}
	{/each}
</div>

<style>
	.pad {
		display: grid;
		grid-template: repeat(4, minmax(48px, 1fr)) / 1fr 1fr 1fr 104px;
		gap: 7px;
		flex: 1;
		min-height: 240px;
		padding: 9px 10px max(12px, env(safe-area-inset-bottom));
		background: var(--bar);
	}
	button {
		border: 0;
		border-radius: 7px;
		background: #fffdf5;
		color: #17231f;
		font: 650 1.9rem/1 var(--font-figures);
		font-stretch: 80%;
		cursor: pointer;
		touch-action: manipulation;
		-webkit-user-select: none;
		user-select: none;
	}
	button:active {
		background: var(--straw);
	}
	.f {
		background: var(--bar-raised);
		color: #fff;
		font: 600 1.05rem/1.2 var(--font-text);
	}
	.next {
		grid-row: 3 / 5;
		grid-column: 4;
		background: #1457a8;
		color: #fff;
		font: 700 1.25rem/1.2 var(--font-text);
	}
	button:focus-visible {
		outline: 3px solid var(--straw);
		outline-offset: 1px;
	}
</style>
