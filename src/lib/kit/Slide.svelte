<!-- @component A value that is found by moving it. Skeleton's slider; what it stands at is written by whoever asks for it. -->
<script lang="ts">
	import { Slider } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		label: string;
		value: number;
		min: number;
		max: number;
		/** Smallest move; without it the way has 400 of them. */
		step?: number;
		/** What its value is in words, for people who hear it. */
		spoken: string;
		disabled?: boolean;
		onmove: (value: number) => void;
	}
	let { label, value, min, max, step, spoken, disabled = false, onmove }: Props = $props();
	/** A way without length has nowhere to move to. */
	const own = $derived(step ?? ((max - min) / 400 || 1));
</script>

<Slider
	value={[value]}
	{min}
	max={Math.max(max, min)}
	step={own}
	{disabled}
	aria-label={[label]}
	getAriaValueText={() => spoken}
	onValueChange={(d) => onmove(d.value[0] ?? value)}
>
	<Slider.Control class="flex h-12 cursor-pointer items-center data-disabled:cursor-default">
		<Slider.Track class="h-2 w-full rounded-full bg-field-border">
			<Slider.Range class="h-2 rounded-full bg-dye" />
		</Slider.Track>
		<Slider.Thumb
			index={0}
			class="h-8 w-8 rounded-full border-3 border-card bg-dye shadow outline-offset-2 focus-visible:outline-3 focus-visible:outline-dye data-disabled:bg-soft"
		/>
	</Slider.Control>
</Slider>
