import type { Flow, Pressure, Speed, VolumePerArea } from '$core';
import { inUnit, showFigure, showWithInterval } from '$core';
import type { FarmSettings } from '$lib/formats/farm-settings';
import { fieldUnits, longUnit, shortUnit } from '$lib/formats/field-units';

/** Figures of adjusting, in the farm's measures. */
export function adjustFigures(settings: FarmSettings) {
	const units = fieldUnits(settings);
	const figure = (value: number, digits = 3) => showFigure(value, digits, settings.decimalComma);
	return {
		rateUnit: longUnit(settings.rateUnit),
		/** A spray volume without its unit. */
		rate: (rate: VolumePerArea | number) => figure(inUnit('volumePerArea', rate as VolumePerArea, settings.rateUnit)),
		/** The same with how sure it is. */
		sure: (rate: VolumePerArea | number, u95: number) => {
			const value = inUnit('volumePerArea', rate as VolumePerArea, settings.rateUnit);
			return showWithInterval(value, value * u95, settings.decimalComma);
		},
		speed: (speed: Speed, paced = false) => (paced ? figure(speed * 100) : figure(inUnit('speed', speed, units.speed))),
		speedUnit: (paced = false) => (paced ? '% of the present pace' : units.speed),
		pressure: (pressure: Pressure) => figure(inUnit('pressure', pressure, units.pressure)),
		pressureUnit: units.pressure,
		flow: (flow: Flow | number) => figure(inUnit('flow', flow as Flow, units.flow)),
		flowUnit: shortUnit(units.flow),
		percent: (share: number) => `${figure(Math.abs(share) * 100, Math.abs(share) < 0.1 ? 2 : 3)} %`,
		figure
	};
}
export type AdjustFigures = ReturnType<typeof adjustFigures>;
