<!-- @component What the gauge shows while the nozzles are caught: it stands open, since a pressure is forgotten first. -->
<script lang="ts">
	import { m } from '$words';
	import type { RoundState } from '$lib/calibration/round.svelte';
	import { typed } from '$lib/settings/field-units';
	import { keptText } from '$lib/settings/typed-text';
	import QuantityField from '$lib/kit/QuantityField.svelte';

	let { round }: { round: RoundState } = $props();
</script>

<QuantityField
	small
	label={m.gauge_reads()}
	kept={keptText(round.entered.gauge?.typed, round.units.pressure, round.settings)}
	unit={round.units.pressure}
	disabled={round.signedOff}
	commit={(text) => round.add({ kind: 'gauge', pressure: typed(text, round.units.pressure, round.settings) })}
/>
