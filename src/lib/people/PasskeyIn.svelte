<!-- @component Signing in with what the device holds, where it can. -->
<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';

	/** Where to, after it. */
	let { to }: { to: string } = $props();
	let can = $state(false);
	let problem = $state('');
	onMount(async () => {
		can = (await import('./passkeys')).knowsPasskeys();
	});
	async function signIn() {
		problem = '';
		const { passkeys } = await import('./passkeys');
		const answer = await passkeys().signIn.passkey();
		if (answer?.error) problem = m.passkey_not_taken();
		else location.assign(to);
	}
</script>

{#if can}
	<button type="button" class="btn plain" onclick={() => void signIn()}>{m.sign_in_with_a_passkey()}</button>
	{#if problem}<p class="problem" role="alert">✕ {problem}</p>{/if}
{/if}
