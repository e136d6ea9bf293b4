<!--
@component The frame of a page that adds or changes one thing: its name, its fields, and at the foot what can be done.
The foot stays in sight. While it is sent, it says so and takes no second tap.
-->
<script lang="ts">
	import { m } from '$words';
	import type { Snippet } from 'svelte';
	import type { Attachment } from 'svelte/attachments';
	import type { Readable } from 'svelte/store';
	import { untrack } from 'svelte';
	import Seen from './Seen.svelte';

	interface Props {
		title: string;
		lead?: string;
		/** Of the form: what sends it, whether it is being sent, and what is wrong with all of it. */
		form: {
			readonly enhance: (form: HTMLFormElement) => { destroy(): void };
			readonly submitting: Readable<boolean>;
			readonly errors: Readable<{ _errors?: string[] | undefined }>;
		};
		/** What it was opened on, so that a change by somebody else since is noticed. */
		seen?: string;
		/** The action that keeps it. */
		action?: string;
		submit: string;
		/** Where it leads without keeping. */
		back: string;
		children: Snippet;
		/** What else can be done, beside the buttons. */
		more?: Snippet;
	}
	let { title, lead = '', form, seen = '', action = '', submit, back, children, more }: Props = $props();
	const { submitting, errors } = untrack(() => form);
	const sends: Attachment<HTMLFormElement> = (node) => form.enhance(node).destroy;
</script>

<main class="plain-page">
	<div>
		<h1>{title}</h1>
		{#if lead}<p class="lab">{lead}</p>{/if}
	</div>
	<form class="grid gap-3.5" method="post" {action} novalidate {@attach sends}>
		<Seen {seen} />
		{@render children()}
		{#if $errors._errors}<p class="problem" role="alert">✕ {$errors._errors[0]}</p>{/if}
		<div class="sticky bottom-(--under,0px) z-5 flex flex-wrap gap-3.5 bg-paper py-2.5">
			<button class="btn go big" disabled={$submitting}>{$submitting ? m.saving() : submit}</button>
			<a class="btn plain" href={back}>{m.back_title()}</a>
			{@render more?.()}
		</div>
	</form>
</main>
