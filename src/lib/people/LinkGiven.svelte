<!-- @component A link that was just made: shown once, as words to copy and as a code that a phone reads. -->
<script lang="ts">
	import { m } from '$words';
	import { QrCode } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		link: string;
		forWhom: string;
		/** Whether a phone can reach it: an address of this computer alone leads nowhere from there. */
		loopback: boolean;
	}
	let { link, forWhom, loopback }: Props = $props();
	let copied = $state(false);
	async function copy() {
		await navigator.clipboard.writeText(link);
		copied = true;
	}
</script>

<section
	class="card grid grid-cols-[auto_minmax(0,1fr)] gap-4 p-4 phone:grid-cols-1"
	aria-label={m.the_link()}
	role="status"
>
	<div class="rounded-md bg-white p-2" role="img" aria-label={m.code_of_the_link()}>
		<QrCode value={link}
			><QrCode.Frame class="h-40 w-40 text-black"><QrCode.Pattern class="fill-black" /></QrCode.Frame></QrCode
		>
	</div>
	<div class="grid content-start gap-2.5">
		<p><b>{forWhom ? m.link_for({ name: forWhom }) : m.the_link()}</b></p>
		<p>{m.link_shown_once()}</p>
		<input
			class="field-input"
			readonly
			value={link}
			aria-label={m.the_link()}
			onfocus={(e) => e.currentTarget.select()}
		/>
		<button type="button" class="btn" onclick={() => void copy()}>{copied ? m.copied() : m.copy_the_link()}</button>
		{#if loopback}<p class="look">{m.link_on_this_computer_only()}</p>{/if}
	</div>
</section>
