<!-- @component The loads of a job as strips of ground, each as wide as what it covers: sprayed out, at work, still to mix. -->
<script lang="ts">
	import { m } from '$words';

	interface Props {
		loads: readonly {
			readonly n: number;
			readonly area: number;
			readonly state: 'dry' | 'now' | 'out';
			readonly done: number;
		}[];
	}
	let { loads }: Props = $props();
	const whole = $derived(loads.reduce((sum, load) => sum + load.area, 0));
	const name = (load: Props['loads'][number]) =>
		({
			out: m.load_strip_out({ n: load.n }),
			now: m.load_strip_now({ n: load.n }),
			dry: m.load_strip_dry({ n: load.n })
		})[load.state];
	/** So narrow a strip has no room for its words. */
	const roomy = (load: Props['loads'][number]) => load.area / whole > 1 / 8;
</script>

<div class="flex gap-1" role="img" aria-label={m.loads_as_ground({ list: loads.map(name).join(', ') })}>
	{#each loads as load (load.n)}
		<span class="grid min-w-2 gap-1" style="flex: {load.area} 1 0">
			<span class="strip" class:now={load.state === 'now'}><i style="width: {load.done * 100}%"></i></span>
			<small class="overflow-hidden text-center text-[0.95rem]" class:font-bold={load.state === 'now'}
				>{roomy(load) ? name(load) : ' '}</small
			>
		</span>
	{/each}
</div>

<style>
	.strip {
		position: relative;
		height: 22px;
		overflow: hidden;
		border: 1.5px solid #fff;
		background: var(--straw-wash);
	}
	.strip.now {
		border-width: 3px;
		background: var(--straw);
	}
	.strip i {
		position: absolute;
		inset: 0 auto 0 0;
		background: #0a2f5c;
	}
	@media (forced-colors: active) {
		.strip i {
			background: Highlight;
			forced-color-adjust: none;
		}
	}
</style>
