<!-- @component Goes along with a form: what it was opened on. Once both were shown, saving again is on what is there now. -->
<script lang="ts">
	import { page } from '$app/state';

	let { seen }: { seen: string } = $props();
	const now = $derived((page.form as { readonly seen?: string } | null)?.seen ?? seen);
</script>

{#if now !== ''}<input type="hidden" name="seen" value={now} />{/if}
