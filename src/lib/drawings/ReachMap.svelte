<!--
@component What a sprayer can reach: speed across, pressure up. The reach of the nozzle as an area, the wanted volume as a line
on it, where the sprayer is now, and the handle that slides along the line. Outside of the area it says why not.
-->
<script lang="ts">
	import { m } from '$words';
	interface Span {
		readonly low: number;
		readonly high: number;
	}
	interface Props {
		/** In the shown unit. */
		speeds: Span;
		pressures: Span;
		speedUnit: string;
		pressureUnit: string;
		/** Pressure on the wanted line, and on the line of what was measured, by speed. */
		wanted: (speed: number) => number;
		measured: ((speed: number) => number) | null;
		/** Words at the two lines, like `168 wanted`. */
		wantedText: string;
		measuredText: string;
		now: { readonly speed: number; readonly pressure: number } | null;
		point: { readonly speed: number; readonly pressure: number };
		/** What the handle says to those who listen. */
		pointText: string;
		/** Whether the handle stands inside the area. */
		inside: boolean;
		narrow: boolean;
		/** What lies beyond the two ends of the speeds. */
		slowText: string;
		fastText: string;
		disabled?: boolean;
		onspeed: (speed: number) => void;
		onpressure: (pressure: number) => void;
	}
	let {
		speeds,
		pressures,
		speedUnit,
		pressureUnit,
		wanted,
		measured,
		wantedText,
		measuredText,
		now,
		point,
		pointText,
		inside,
		narrow,
		slowText,
		fastText,
		disabled = false,
		onspeed,
		onpressure
	}: Props = $props();

	const size = $derived(narrow ? { w: 358, h: 290 } : { w: 700, h: 330 });
	const box = $derived({ left: 44, right: size.w - 10, top: 10, bottom: size.h - 40 });
	const from = $derived(Math.min(speeds.low, now?.speed ?? Infinity, point.speed) * 0.82);
	const to = $derived(Math.max(speeds.high, now?.speed ?? 0, Math.min(point.speed, speeds.high * 1.6)) * 1.08);
	const most = $derived(
		Math.max(pressures.high * 1.22, (now?.pressure ?? 0) * 1.1, Math.min(point.pressure, pressures.high * 1.8) * 1.08)
	);
	const x = (speed: number) => box.left + ((speed - from) / (to - from)) * (box.right - box.left);
	const y = (pressure: number) => box.bottom - (pressure / most) * (box.bottom - box.top);
	const steps = 48;

	function path(curve: (speed: number) => number): string {
		let d = '';
		for (let i = 0; i <= steps; i += 1) {
			const speed = from + ((to - from) * i) / steps;
			const pressure = curve(speed);
			if (!(pressure <= most * 1.001)) break;
			d += `${d ? 'L' : 'M'}${x(speed).toFixed(1)} ${y(pressure).toFixed(1)}`;
		}
		return d;
	}
	/** Where a curve leaves the picture, for its words. */
	function end(curve: (speed: number) => number): { x: number; y: number } {
		let last = { x: x(from), y: y(curve(from)) };
		for (let i = 0; i <= steps; i += 1) {
			const speed = from + ((to - from) * i) / steps;
			if (curve(speed) > most) break;
			last = { x: x(speed), y: y(curve(speed)) };
		}
		return last;
	}
	/** The words of the line that lies to the left stand on its left, those of the other on its right: they never meet. */
	function beside(at: { x: number; y: number }, left: boolean) {
		const room = 92;
		const y = Math.max(box.top + 34, at.y + 4);
		if (left && at.x - room > box.left) return { x: at.x - 9, y, anchor: 'end' as const };
		if (at.x + room < box.right) return { x: at.x + 9, y, anchor: 'start' as const };
		return { x: box.right - 6, y: y + 24, anchor: 'end' as const };
	}
	function ticks(low: number, high: number, count: number): number[] {
		const raw = (high - low) / count;
		const power = 10 ** Math.floor(Math.log10(raw));
		const step = power * (raw / power >= 5 ? 5 : raw / power >= 2 ? 2 : 1);
		const first = Math.ceil(low / step) * step;
		return Array.from({ length: Math.floor((high - first) / step + 1e-9) + 1 }, (_, i) =>
			Number((first + i * step).toPrecision(10))
		);
	}

	const area = $derived({
		x: x(speeds.low),
		y: y(pressures.high),
		w: x(speeds.high) - x(speeds.low),
		h: y(pressures.low) - y(pressures.high)
	});
	/** Toward the top of its range a nozzle makes finer drops. */
	const fine = $derived(y(pressures.high - (pressures.high - pressures.low) * 0.2));
	const wantedEnd = $derived(end(wanted));
	const measuredEnd = $derived(measured ? end(measured) : null);
	/** What a zone is stands on the side that the lines do not leave by. */
	const whyLeft = $derived(
		[wantedEnd, measuredEnd].filter((e) => e && e.x > area.x + area.w / 2).length >= (measuredEnd ? 1.5 : 1)
	);
	const wantedAt = $derived(beside(wantedEnd, !measuredEnd || wantedEnd.x <= measuredEnd.x));
	const handle = $derived({
		x: Math.min(box.right, Math.max(box.left, x(point.speed))),
		y: Math.min(box.bottom, Math.max(box.top, y(point.pressure)))
	});

	let svg = $state<SVGSVGElement>();
	let dragging = $state(false);
	function speedAt(event: PointerEvent): number {
		const rect = svg!.getBoundingClientRect();
		const px = ((event.clientX - rect.left) / rect.width) * size.w;
		return Math.min(to, Math.max(from, from + ((px - box.left) / (box.right - box.left)) * (to - from)));
	}
	function onpointerdown(event: PointerEvent) {
		if (disabled) return;
		dragging = true;
		svg!.setPointerCapture(event.pointerId);
		onspeed(speedAt(event));
	}
	function onkeydown(event: KeyboardEvent) {
		const fine = event.shiftKey ? 0.002 : 0.01;
		const move: Record<string, () => void> = {
			ArrowRight: () => onspeed(point.speed * (1 + fine)),
			ArrowLeft: () => onspeed(point.speed * (1 - fine)),
			ArrowUp: () => onpressure(point.pressure * (1 + fine)),
			ArrowDown: () => onpressure(point.pressure * (1 - fine))
		};
		const go = move[event.key];
		if (!go || disabled) return;
		event.preventDefault();
		go();
	}
</script>

<!-- svelte-ignore a11y_no_static_element_interactions (the handle takes the keys; the picture only follows a finger) -->
<svg
	bind:this={svg}
	viewBox="0 0 {size.w} {size.h}"
	class:dragging
	{onpointerdown}
	onpointermove={(e) => dragging && onspeed(speedAt(e))}
	onpointerup={() => (dragging = false)}
	onpointercancel={() => (dragging = false)}
>
	<defs>
		<pattern id="no-go" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
			<line x1="0" y1="0" x2="0" y2="8" class="hatch" />
		</pattern>
		<clipPath id="inside"><rect x={area.x} y={area.y} width={area.w} height={area.h} /></clipPath>
		<clipPath id="plot"
			><rect x={box.left} y={box.top} width={box.right - box.left} height={box.bottom - box.top} /></clipPath
		>
	</defs>
	<rect
		x={box.left}
		y={box.top}
		width={box.right - box.left}
		height={box.bottom - box.top}
		fill="url(#no-go)"
		class="outside"
	/>
	<g clip-path="url(#plot)">
		<rect x={area.x} y={area.y} width={area.w} height={area.h} class="area" />
		<rect x={area.x} y={area.y} width={area.w} height={Math.max(0, fine - area.y)} class="fine" />
	</g>
	{#each ticks(from, to, narrow ? 5 : 8) as tick (tick)}
		<line x1={x(tick)} y1={box.bottom} x2={x(tick)} y2={box.bottom + 5} class="tick" />
		<text x={x(tick)} y={box.bottom + 19} text-anchor="middle" class="scale">{tick}</text>
	{/each}
	{#each ticks(0, most, 4) as tick (tick)}
		<line x1={box.left - 5} y1={y(tick)} x2={box.left} y2={y(tick)} class="tick" />
		<text x={box.left - 8} y={y(tick) + 4} text-anchor="end" class="scale">{tick}</text>
	{/each}
	<text x={box.right} y={size.h - 4} text-anchor="end" class="axis">{speedUnit} →</text>
	<text x={box.left + 6} y={box.top + 15} class="axis">↑ {pressureUnit}</text>

	{#if y(pressures.high) - box.top > 18}
		<text
			x={narrow ? area.x + 2 : whyLeft ? area.x + 8 : area.x + area.w - 8}
			y={y(pressures.high) - 7}
			text-anchor={narrow || whyLeft ? 'start' : 'end'}
			class="why">{narrow ? m.too_hard_drift() : m.over_the_nozzle_fine_drops_drift()}</text
		>
	{/if}
	{#if box.bottom - y(pressures.low) > 18}
		<text
			x={narrow ? area.x + area.w : area.x + area.w / 2}
			y={y(pressures.low) + 16}
			text-anchor={narrow ? 'end' : 'middle'}
			class="why">{narrow ? m.too_soft() : m.under_it_the_pattern_falls_in()}</text
		>
	{/if}
	{#if !narrow}
		<text transform="translate({(box.left + area.x) / 2 + 4} {area.y + 4}) rotate(-90)" text-anchor="end" class="why"
			>{slowText}</text
		>
		{#if box.right - (area.x + area.w) > 22}
			<text
				transform="translate({(box.right + area.x + area.w) / 2 + 4} {area.y + area.h / 2}) rotate(-90)"
				text-anchor="middle"
				class="why">{fastText}</text
			>
		{/if}
	{/if}
	{#if fine - area.y > 14}<text
			x={narrow || whyLeft ? area.x + 8 : area.x + area.w - 8}
			y={area.y + 15}
			text-anchor={narrow || whyLeft ? 'start' : 'end'}
			class="why amber">{m.finer_drops()}</text
		>{/if}

	<g clip-path="url(#plot)">
		{#if measured}<path d={path(measured)} class="measured" />{/if}
		<path d={path(wanted)} class="wanted off" />
		<path d={path(wanted)} class="wanted" clip-path="url(#inside)" />
	</g>
	{#if measuredEnd && measuredText}
		{@const at = beside(measuredEnd, measuredEnd.x < wantedEnd.x)}
		<text x={at.x} y={at.y} text-anchor={at.anchor} class="line-text">{measuredText}</text>
	{/if}
	<text x={wantedAt.x} y={wantedAt.y} text-anchor={wantedAt.anchor} class="line-text wet">{wantedText}</text>
	{#if now}
		<circle cx={x(now.speed)} cy={y(now.pressure)} r="8" class="now" />
		<text x={x(now.speed) + 14} y={y(now.pressure) + 6} class="line-text">{m.now_inline()}</text>
	{/if}
	<!-- Speed is what the handle's figure is; up and down move the pressure, and the speed with it. -->
	<g
		role="slider"
		tabindex={disabled ? -1 : 0}
		aria-label={m.speed_and_pressure_on_the_line()}
		aria-valuemin={from}
		aria-valuemax={to}
		aria-valuenow={point.speed}
		aria-valuetext={pointText}
		aria-disabled={disabled}
		class="handle"
		class:out={!inside}
		{onkeydown}
	>
		<circle cx={handle.x} cy={handle.y} r="24" class="touch" />
		<circle cx={handle.x} cy={handle.y} r="13" class="dot" />
		<path
			d="M{handle.x - 5} {handle.y}h10M{handle.x - 2} {handle.y - 4}l-4 4 4 4M{handle.x + 2} {handle.y - 4}l4 4-4 4"
			class="grip"
		/>
	</g>
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
		touch-action: pan-y;
		cursor: pointer;
		user-select: none;
	}
	.dragging {
		touch-action: none;
	}
	.hatch {
		stroke: var(--hair);
		stroke-width: 2;
	}
	.outside {
		stroke: var(--field-border);
	}
	.area {
		fill: var(--moss-wash);
		stroke: var(--moss);
		stroke-width: 2;
	}
	.fine {
		fill: var(--amber-wash);
	}
	.tick {
		stroke: var(--field-border);
	}
	.scale {
		fill: var(--soft);
		font: 500 13px var(--font-figures);
		font-variant-numeric: tabular-nums;
	}
	.axis {
		fill: var(--ink);
		font: 600 13px var(--font-text);
	}
	.why {
		fill: var(--ink);
		stroke: var(--card);
		stroke-width: 4;
		paint-order: stroke;
		font: 500 13px var(--font-text);
	}
	.why.amber {
		fill: var(--amber-text);
		stroke: none;
	}
	.measured {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
		stroke-dasharray: 2 5;
	}
	.wanted {
		fill: none;
		stroke: var(--dye);
		stroke-width: 5;
	}
	.wanted.off {
		stroke-width: 2.5;
		stroke-dasharray: 7 6;
	}
	.line-text {
		fill: var(--ink);
		stroke: var(--card);
		stroke-width: 5;
		paint-order: stroke;
		font: 700 15px var(--font-figures);
		font-stretch: 82%;
	}
	.line-text.wet {
		fill: var(--dye-text);
	}
	.now {
		fill: var(--card);
		stroke: var(--ink);
		stroke-width: 3;
	}
	.touch {
		fill: transparent;
	}
	.dot {
		fill: var(--dye);
		stroke: var(--card);
		stroke-width: 2.5;
	}
	.out .dot {
		fill: var(--rust);
	}
	.grip {
		fill: none;
		stroke: var(--on-dye);
		stroke-width: 1.8;
	}
	.handle:focus {
		outline: none;
	}
	.handle:focus-visible .touch {
		stroke: var(--dye);
		stroke-width: 3;
	}
</style>
