<!-- @component One step of a calibration: its title, what to do, its body, and the one thing to do next, within the thumb's reach. -->
<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		title: string;
		lead: string;
		/** Words on the next button; none when empty. */
		next: string;
		onnext: () => void;
		children: Snippet;
		/** The body brings its own action on a phone (a key pad). */
		bare?: boolean;
		/** The body brings its own next button everywhere. */
		ownFoot?: boolean;
		/** On a phone the stopwatch holds the thumb's place; the next button goes above it, smaller. */
		besideWatch?: boolean;
	}
	let { title, lead, next, onnext, children, bare = false, ownFoot = false, besideWatch = false }: Props = $props();
</script>

<div class="flex flex-col gap-3 flex-[1_0_auto] phone:flex-1 phone:min-h-0" class:bare>
	<div class="head flex items-end gap-4" class:beside={besideWatch}>
		<div class="flex-1">
			<h1 class="phone:text-[1.6rem]">{title}</h1>
			{#if lead}<p class="lab mt-1">{lead}</p>{/if}
		</div>
		{#if next && besideWatch}<button type="button" class="btn ink above" onclick={onnext}>{next} →</button>{/if}
	</div>
	<div
		class="body relative flex flex-col gap-3 flex-[1_0_auto] phone:flex-1 phone:min-h-0 phone:my-0 phone:-mx-4 phone:py-0 phone:px-4 phone:overflow-y-auto"
	>
		{@render children()}
	</div>
	{#if next && !bare && !ownFoot}
		<div class="foot" class:desk={besideWatch}>
			<button type="button" class="btn ink big phone:w-full" onclick={onnext}>{next} →</button>
		</div>
	{/if}
</div>

<style>
	.above {
		display: none;
	}
	.foot {
		position: sticky;
		bottom: -16px;
		display: flex;
		justify-content: flex-end;
		margin-top: auto;
		padding: 4px 0 16px;
		margin-bottom: -16px;
		background: var(--paper);
	}
	@media (max-width: 859px) {
		/* The body scrolls between the bar and the next action, which never leaves the thumb. */
		.bare .body {
			gap: 0;
		}
		.foot {
			position: static;
			margin: 0 -16px;
			padding: 10px 16px max(12px, env(safe-area-inset-bottom));
			border-top: 1px solid var(--rule);
		}
		.foot.desk {
			display: none;
		}
		.beside .lab {
			display: none;
		}
		.above {
			display: inline-flex;
			padding: 0 0.8rem;
		}
		/* The bar above names the step; the heading stays for those who listen. */
		.bare .head {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			clip-path: inset(50%);
		}
		.bare {
			gap: 0;
		}
	}
</style>
