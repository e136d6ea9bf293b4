<!-- @component Making a passkey on this device. -->
<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import { invalidateAll } from '$app/navigation';

	let can = $state(false);
	let problem = $state('');
	onMount(async () => {
		can = (await import('./passkeys')).knowsPasskeys();
	});
	async function make() {
		problem = '';
		const { passkeys } = await import('./passkeys');
		const answer = await passkeys().passkey.addPasskey({ name: m.a_passkey() });
		if (answer?.error) problem = m.passkey_not_made();
		else await invalidateAll();
	}
</script>

{#if can}
	<button type="button" class="btn plain justify-self-start" onclick={() => void make()}>{m.make_a_passkey()}</button>
	{#if problem}<p class="problem" role="alert">✕ {problem}</p>{/if}
{:else}<p class="lab">{m.no_passkeys_here()}</p>{/if}
