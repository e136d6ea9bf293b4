<!-- @component The tank of the yard with its sight gauge, and the stick that was put in it. -->
<script lang="ts">
	import { m } from '$words';
	import ScaleEye from './ScaleEye.svelte';
	import { roundMark } from './scale-window';

	interface Props {
		/** What the sight gauge says, and the size of the tank, same unit. */
		sight: number;
		size: number;
		/** Where the stick is wet; null: it was not put in. */
		dip: number | null;
		unit: string;
		decimalComma: boolean;
		still: boolean;
	}
	let { sight, size, dip, unit, decimalComma, still }: Props = $props();
	const level = $derived(126 - Math.min(1, sight / size) * 104);
	const tens = Array.from({ length: 11 }, (_, i) => i);
</script>

<div class="grid grid-cols-[1fr_1fr] items-end gap-3">
	<figure class="grid justify-items-center gap-1">
		<svg viewBox="0 0 170 140" role="img" aria-label={m.yard_sight_gauge()} class="block h-auto w-full max-w-52">
			<path
				d="M14 26q0 -10 12 -10h88q12 0 12 10v88q0 14 -14 14h-84q-14 0 -14 -14z"
				fill="var(--card)"
				stroke="var(--ink)"
				stroke-width="3"
			/>
			<rect x="52" y="6" width="36" height="11" rx="3" fill="var(--ink)" />
			<rect x="138" y="20" width="12" height="108" rx="4" fill="var(--card)" stroke="var(--ink)" stroke-width="2" />
			<rect x="139.5" y={level} width="9" height={126 - level} fill="var(--dye)" />
			{#each tens as ten (ten)}
				<path
					d="M152 {126 - ten * 10.4}h{ten % 5 === 0 ? 13 : 7}"
					stroke="var(--ink)"
					stroke-width={ten % 5 === 0 ? 2.5 : 1.5}
				/>
			{/each}
		</svg>
		<figcaption class="lab text-center">{m.yard_sight_gauge()}</figcaption>
	</figure>
	<ScaleEye label={m.yard_dip_stick()} level={dip} mark={roundMark(size, 0.004)} {unit} {decimalComma} {still} />
</div>
