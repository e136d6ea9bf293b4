<!-- @component What stops the work: each with a field for the reason that passes it. The one place where a stop is asked about. -->
<script lang="ts">
	import type { Stop } from '$core';
	import { shortestReason } from '$core';
	import { stopKey } from '$lib/wire/passed-stops';
	import { stopTitle } from '$lib/wording/safety';
	import FormField from '$lib/kit/FormField.svelte';

	interface Props {
		/** Stops that want a reason; those that have one may stay in sight. */
		stops: readonly Stop[];
		reasonOf: (stop: Stop) => string;
		onreason: (stop: Stop, reason: string) => void;
		/** Passes one stop at once, with a button of its own; where it is left out the page's own button takes them all. */
		onpass?: (stop: Stop, reason: string) => void;
		/** Name of the fields in a form. */
		name?: string;
	}
	let { stops, reasonOf, onreason, onpass, name }: Props = $props();
</script>

{#if stops.length > 0}
	<section class="stops" aria-label="Stop">
		<h2>✕ Stop</h2>
		<p>Change it, or write why the work goes on. The reason stands in the record.</p>
		<ul>
			{#each stops as stop (stopKey(stop))}
				<li data-stop={stop.code}>
					<b>{stopTitle(stop)}</b>
					{#if name}<input type="hidden" name="{name}-stop" value={JSON.stringify(stop)} />{/if}
					<FormField
						label="Reason for going on"
						{...name ? { name } : {}}
						bind:value={() => reasonOf(stop), (v) => onreason(stop, v)}
					/>
					{#if onpass}<button
							type="button"
							class="btn"
							disabled={reasonOf(stop).trim().length < shortestReason}
							onclick={() => onpass(stop, reasonOf(stop))}>Go on with this reason</button
						>{/if}
				</li>
			{/each}
		</ul>
	</section>
{/if}

<style>
	.stops {
		display: grid;
		gap: 10px;
		padding: 12px 16px;
		border-left: 6px solid var(--rust);
		background: var(--rust-wash);
	}
	h2 {
		color: var(--rust-text);
		font-size: 1.3rem;
	}
	ul {
		display: grid;
		gap: 14px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		gap: 6px;
	}
	.btn {
		justify-self: start;
		min-height: 56px;
	}
</style>
