<!-- @component What a new account asks for: a name for the work, a name to sign in with, a password. -->
<script lang="ts">
	import { m } from '$words';
	import Field from '$lib/kit/Field.svelte';

	interface Props {
		account: { name: string; signInName: string; password: string };
		problems: Readonly<Record<string, readonly string[] | undefined>>;
	}
	let { account = $bindable(), problems }: Props = $props();
</script>

<Field
	name="name"
	label={m.your_name()}
	autocomplete="name"
	hint={m.as_it_stands_in_records()}
	bind:value={account.name}
	problem={problems.name?.[0]}
	required
/>
<Field
	name="signInName"
	label={m.sign_in_name()}
	autocomplete="username"
	hint={m.sign_in_name_hint()}
	bind:value={account.signInName}
	problem={problems.signInName?.[0]}
	required
/>
<Field
	name="password"
	type="password"
	label={m.password()}
	autocomplete="new-password"
	hint={m.password_hint()}
	bind:value={account.password}
	problem={problems.password?.[0]}
	required
/>
