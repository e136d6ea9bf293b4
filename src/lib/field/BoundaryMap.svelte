<!--
@component A boundary on a plain map without tiles: drawn, its corners moved, holes cut, pieces taken off; its sides and its
area on the ellipsoid stand beside it while it is drawn.
-->
<script lang="ts">
	import { m } from '$words';
	import { getLocale } from '$words/runtime.js';
	import { show } from '$lib/show/show';
	import { onMount, untrack } from 'svelte';
	import type { LatLng, Layer, Map as LeafletMap, Polygon } from 'leaflet';
	import type { Boundary, Position, Ring } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';
	import { fieldUnits } from '$lib/settings/field-units';
	import { boundaryArea, distance, ringArea } from '$lib/ground/geodesic';

	interface Props {
		boundary: Boundary | null;
		/** Other blocks, for finding one's way. */
		others: readonly { readonly name: string; readonly boundary: Boundary }[];
		settings: FarmSettings;
		onchange: (boundary: Boundary | null) => void;
	}
	let { boundary, others, settings, onchange }: Props = $props();
	let element: HTMLDivElement;
	let drawing = $state('');
	const units = $derived(fieldUnits(settings));
	const area = (m2: number) => show('area', m2, settings, { digits: 4 }).text;
	const length = (m: number) => show('length', m, settings, { digits: 4 }).text;

	const position = ({ lat, lng }: LatLng): Position => [Number(lng.toFixed(8)), Number(lat.toFixed(8))];
	const closed = (points: readonly LatLng[]): Ring => {
		const ring = points.map(position);
		return ring.length > 0 ? [...ring, ring[0]!] : ring;
	};
	/** What Leaflet holds of a polygon: outlines of rings of points, nested as deep as there are pieces. */
	const outlines = (layer: Polygon): Boundary => {
		const points = layer.getLatLngs() as LatLng[] | LatLng[][] | LatLng[][][];
		const first = points[0];
		if (!first) return [];
		if (!Array.isArray(first)) return [[closed(points as LatLng[])]];
		if (!Array.isArray(first[0])) return [(points as LatLng[][]).map(closed)];
		return (points as LatLng[][][]).map((outline) => outline.map(closed));
	};

	let redraw: ((boundary: Boundary | null) => void) | null = null;
	let own = untrack(() => boundary);
	// A boundary that came from elsewhere (typed corners) is shown; one that was drawn here stands already.
	$effect(() => {
		if (boundary !== own) {
			own = boundary;
			redraw?.(boundary);
		}
	});

	onMount(() => {
		let map: LeafletMap | null = null;
		let gone = false;
		void (async () => {
			const { default: L } = await import('leaflet');
			await import('leaflet/dist/leaflet.css');
			await import('@geoman-io/leaflet-geoman-free');
			await import('@geoman-io/leaflet-geoman-free/dist/leaflet-geoman.css');
			if (gone) return;
			const made = L.map(element, { attributionControl: false, zoomControl: false, maxZoom: 22, zoomSnap: 0.5 });
			map = made;
			L.control.zoom({ zoomInTitle: m.zoom_in(), zoomOutTitle: m.zoom_out() }).addTo(made);
			const metric = units.side === 'm';
			L.control.scale({ metric, imperial: !metric, maxWidth: 160 }).addTo(made);
			const back = (b: Boundary) =>
				b.map((o) => o.map((r) => r.slice(0, -1).map(([x, y]): [number, number] => [y, x])));
			for (const other of others)
				L.polygon(back(other.boundary), { className: 'other', interactive: false, pmIgnore: true })
					.bindTooltip(other.name, { permanent: true, direction: 'center', className: 'map-name' })
					.addTo(made);
			const ground = L.featureGroup().addTo(made);
			const say = () => {
				const pieces = ground.getLayers().flatMap((layer) => outlines(layer as Polygon));
				own = pieces.length > 0 ? pieces : null;
				onchange(own);
			};
			const watch = (layer: Layer) => {
				layer.on('pm:edit pm:dragend', say);
				layer.on('pm:cut', (e) => {
					ground.removeLayer(layer);
					const cut = (e as unknown as { layer: Layer }).layer;
					ground.addLayer(cut);
					watch(cut);
					say();
				});
			};
			redraw = (b) => {
				ground.clearLayers();
				for (const outline of b ? back(b) : []) {
					const layer = L.polygon(outline, { className: 'own' });
					ground.addLayer(layer);
					watch(layer);
				}
			};
			redraw(own);
			const all = L.featureGroup([ground, ...others.map((o) => L.polygon(back(o.boundary)))]);
			const bounds = all.getBounds();
			if (bounds.isValid())
				made.fitBounds(ground.getLayers().length > 0 ? ground.getBounds() : bounds, { padding: [40, 40] });
			else made.setView([0, 0], 2);
			made.pm.setLang(getLocale());
			made.pm.addControls({
				position: 'topleft',
				drawPolygon: true,
				drawMarker: false,
				drawCircleMarker: false,
				drawPolyline: false,
				drawRectangle: false,
				drawCircle: false,
				drawText: false,
				dragMode: false,
				rotateMode: false,
				editMode: true,
				cutPolygon: true,
				removalMode: true
			});
			// The tools are shown by pictures alone; these are their names.
			const names: Record<string, string> = {
				'icon-polygon': m.draw_a_boundary(),
				'icon-edit': m.move_corners(),
				'icon-cut': m.cut_a_hole(),
				'icon-delete': m.take_off_a_piece()
			};
			for (const [icon, name] of Object.entries(names)) {
				const tool = element.querySelector(`[class*="${icon}"]`)?.closest('.button-container');
				tool?.setAttribute('title', name);
				tool?.querySelector('.leaflet-buttons-control-button')?.setAttribute('aria-label', name);
			}
			made.pm.setGlobalOptions({ allowSelfIntersection: false, snappable: true, tooltips: true });
			made.on('pm:create', ({ layer }) => {
				made.removeLayer(layer);
				ground.addLayer(layer);
				watch(layer);
				drawing = '';
				say();
			});
			made.on('pm:remove', ({ layer }) => {
				ground.removeLayer(layer);
				say();
			});
			made.on('pm:drawstart', ({ workingLayer }) => {
				drawing = m.touch_the_corners_one_after_the();
				workingLayer.on('pm:vertexadded', () => {
					const points = (workingLayer as Polygon).getLatLngs() as unknown as LatLng[];
					const corners = points.map(position);
					const last = corners.length > 1 ? distance(corners.at(-2)!, corners.at(-1)!) : 0;
					const inside =
						corners.length > 2 ? m.so_far_area_after({ area: area(ringArea([...corners, corners[0]!])) }) : '';
					drawing = last ? m.last_side({ last: length(last), inside }) : m.first_corner_set();
				});
			});
			made.on('pm:drawend', () => (drawing = ''));
			whereIAm = () =>
				navigator.geolocation.getCurrentPosition(
					({ coords }) => made.setView([coords.latitude, coords.longitude], 17),
					() => (drawing = m.this_device_does_not_tell_where_it())
				);
			element.dataset.drawn = 'true';
		})();
		return () => {
			gone = true;
			map?.remove();
		};
	});
	let whereIAm = $state<(() => void) | null>(null);
	const facts = $derived(
		boundary ? boundary.map(([outer]) => (outer ? outer.slice(1).map((p, i) => distance(outer[i]!, p)) : [])) : []
	);
</script>

<div
	class="map h-105 border-2 border-field-border rounded-[6px] z-0"
	bind:this={element}
	role="application"
	aria-label={m.map_of_the_boundary_its_corners()}
></div>
<div class="said flex justify-between items-center gap-3 min-h-13" role="status">
	{#if drawing}<p>{drawing}</p>
	{:else if boundary}
		<p>
			<span class="num text-[1.6rem]">{area(boundaryArea(boundary))}</span>
			{m.on_the_ellipsoid_sides({
				list: facts.flat().slice(0, 8).map(length).join(', '),
				which: facts.flat().length > 8 ? ' …' : ''
			})}
		</p>
	{:else}<p class="lab">{m.nothing_is_drawn_yet_the_tool()}</p>{/if}
	{#if whereIAm}<button type="button" class="btn plain" onclick={whereIAm}>{m.where_i_am()}</button>{/if}
</div>

<style>
	/* The map's own style is no layer, and stands above the utilities. */
	.map {
		background: var(--paper-deep);
	}
	.map :global(path.own),
	.map :global(path.leaflet-interactive) {
		fill: var(--straw);
		fill-opacity: 0.35;
		stroke: var(--straw-edge);
		stroke-width: 3;
	}
	.map :global(path.other) {
		fill: var(--soft);
		fill-opacity: 0.12;
		stroke: var(--soft);
		stroke-width: 1;
	}
	.map :global(.map-name) {
		border: 0;
		background: none;
		box-shadow: none;
		color: var(--ink);
		font: 600 0.85rem var(--font-text);
	}
	.map :global(.leaflet-control-scale-line) {
		border-color: var(--ink);
		background: var(--card);
		color: var(--ink);
		font: 600 0.85rem var(--font-figures);
	}
	.map :global(.leaflet-bar a) {
		width: 48px;
		height: 48px;
		line-height: 48px;
	}
</style>
