<!-- @component Where a pressure lies in a nozzle's range; the middle half is marked, and what finer drops come at. -->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		/** 0 at the low end of the range, 1 at the high one. */
		place: number;
		low: string;
		high: string;
		unit: string;
		/** The range is the usual one of its kind. */
		typical: boolean;
	}
	let { place, low, high, unit, typical }: Props = $props();
</script>

<div class="place">
	<div class="scale" aria-hidden="true">
		<i class="absolute -top-1 w-1 h-4.5 -ml-0.5 bg-ink" style="left:{Math.min(100, Math.max(0, place * 100))}%"></i>
	</div>
	<p class="flex justify-between text-soft text-[0.78rem] whitespace-nowrap">
		<span>{low}</span><span>{typical ? m.typical() : ''}</span><span>{high} {unit}</span>
	</p>
</div>

<style>
	.scale {
		position: relative;
		height: 12px;
		border: 1px solid var(--field-border);
		border-radius: 3px;
		background: linear-gradient(
			90deg,
			var(--card) 25%,
			var(--moss-wash) 25%,
			var(--moss-wash) 75%,
			var(--amber-wash) 75%
		);
	}
</style>
