<!-- @component A button for what cannot be undone: the first tap asks, the second one does it. -->
<script lang="ts">
	import { m } from '$words';
	interface Props {
		/** Word of the first button, and of the one that does it. */
		ask: string;
		words: string;
		/** Of the form that it stands in or belongs to. */
		formaction?: string;
		form?: string;
	}
	let { ask, words, formaction, form }: Props = $props();
	let asked = $state(false);
</script>

{#if asked}
	<button type="button" class="btn plain" onclick={() => (asked = false)}>{m.cancel()}</button>
	<button class="btn plain text-rust-text" {formaction} {form}>{words}</button>
{:else}
	<button type="button" class="btn plain text-rust-text" onclick={() => (asked = true)}>{ask}</button>
{/if}
