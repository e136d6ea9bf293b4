<!-- @component The stopwatch as one large button: as much of the screen as a thumb can reach. -->
<script lang="ts">
	import { m } from '$words';
	import { showDecimals } from '$core';
	import type { Stopwatch } from './stopwatch.svelte';

	interface Props {
		watch: Stopwatch;
		/** What the next press times, while it stands still. */
		idle: string;
		/** What a press does: to start, and to stop. */
		press?: readonly [string, string];
		decimalComma: boolean;
		onpress: () => void;
	}
	let {
		watch,
		idle,
		press = [m.tap_at_the_first_flag_at(), m.tap_as_you_pass_the_flag()],
		decimalComma,
		onpress
	}: Props = $props();

	const state = $derived(!watch.running ? idle : watch.carriedOver ? m.running_since_before_the_reload() : 'running');
</script>

<button type="button" class="watch on-dye" class:running={watch.running} onclick={onpress}>
	<small>{state}</small>
	<span class="num">{showDecimals(watch.elapsed, 1, decimalComma)}</span>
	<span class="say">{watch.running ? press[1] : press[0]} <kbd class="phone:hidden">{m.space()}</kbd></span>
</button>

<style>
	.watch {
		width: 100%;
		display: grid;
		grid-template: 'small num' auto 'say num' auto / 1fr auto;
		align-content: center;
		gap: 4px 1rem;
		min-height: 124px;
		padding: 0 1.6rem;
		border: 0;
		border-radius: 8px;
		background: var(--dye-key);
		color: var(--on-dye);
		font: inherit;
		cursor: pointer;
		touch-action: manipulation;
		-webkit-user-select: none;
		user-select: none;
	}
	.watch .num {
		grid-area: num;
		font-size: 5.6rem;
		line-height: 0.95;
	}
	.watch small {
		grid-area: small;
		text-align: left;
		font-size: 1.05rem;
	}
	.say {
		grid-area: say;
		text-align: left;
		font-weight: 600;
		font-size: 1.05rem;
	}
	.running {
		background: #0d3d78;
		box-shadow: inset 0 0 0 4px var(--straw);
	}
	kbd {
		border: 1px solid currentColor;
		border-radius: 4px;
		padding: 1px 6px;
		font: inherit;
		font-size: 0.8rem;
		font-weight: 400;
	}
	@media (max-width: 859px) {
		.watch {
			grid-template: 'small' auto 'num' auto 'say' auto / 1fr;
			justify-items: center;
			align-content: center;
			gap: 4px;
			min-height: 184px;
			border-radius: 0;
		}
		.watch small,
		.say {
			text-align: center;
		}
		.watch .num {
			font-size: 6rem;
		}
	}
	/* A phone on its side: a line of the bar is enough, so that the fields above it stay in sight. */
	@media (max-width: 859px) and (max-height: 500px) {
		.watch {
			grid-template: 'small num say' auto / 1fr auto 1fr;
			align-items: center;
			gap: 1rem;
			min-height: 84px;
		}
		.watch .num {
			font-size: 3.6rem;
		}
		.watch small {
			text-align: right;
		}
		.say {
			text-align: left;
		}
	}
</style>
