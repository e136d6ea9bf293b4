<!-- @component What the gauge shows while the nozzles are caught: it stands open, since a pressure is forgotten first. -->
<script lang="ts">
	import { m } from '$words';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import { typed } from '$lib/settings/field-units';
	import { keptText } from '$lib/settings/typed-text';
	import QuantityField from '$lib/kit/QuantityField.svelte';

	let { calibration }: { calibration: CalibrationState } = $props();
</script>

<QuantityField
	small
	label={m.gauge_reads()}
	kept={keptText(calibration.entered.gauge?.typed, calibration.units.pressure, calibration.settings)}
	unit={calibration.units.pressure}
	disabled={calibration.signedOff}
	commit={(text) =>
		calibration.add({ kind: 'gauge', pressure: typed(text, calibration.units.pressure, calibration.settings) })}
/>
