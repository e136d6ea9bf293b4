import { m } from '$words';
import type { Flow, Pressure, Speed, VolumePerArea } from '$core';
import { factor, inUnit, showFigure } from '$core';
import type { OutFigures } from '$lib/wording/adjust';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { show } from './show';
import { fieldUnits, longUnit, shortUnit } from '$lib/settings/field-units';

/** Figures of adjusting, in the farm's measures. */
export function adjustFigures(settings: FarmSettings) {
	const units = fieldUnits(settings);
	const figure = (value: number, digits = 3) => showFigure(value, digits, settings.decimalComma);
	return {
		rateUnit: longUnit(settings.rateUnit),
		/** A spray volume without its unit. */
		rate: (rate: VolumePerArea | number) => figure(inUnit('volumePerArea', rate as VolumePerArea, settings.rateUnit)),
		/** The same with how sure it is. */
		sure: (rate: VolumePerArea | number, u95: number) => show('rate', rate, settings, { u95 }),
		speed: (speed: Speed, paced = false) => (paced ? figure(speed * 100) : figure(inUnit('speed', speed, units.speed))),
		speedUnit: (paced = false) => (paced ? m.of_the_present_speed() : units.speed),
		pressure: (pressure: Pressure) => figure(inUnit('pressure', pressure, units.pressure)),
		pressureUnit: units.pressure,
		flow: (flow: Flow | number) => figure(inUnit('flow', flow as Flow, units.flow)),
		flowUnit: shortUnit(units.flow),
		percent: (share: number) => `${figure(Math.abs(share) * 100, Math.abs(share) < 0.1 ? 2 : 3)} %`,
		figure,
		/** For the limits of the levers. */
		out: {
			comma: settings.decimalComma,
			speed: [factor('speed', units.speed), units.speed],
			pressure: [factor('pressure', units.pressure), units.pressure],
			flow: [factor('flow', units.flow), shortUnit(units.flow)]
		} satisfies OutFigures
	};
}
