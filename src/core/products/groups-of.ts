/**
 * Groups of mode of action that a label's text names: a premix has several.
 *
 * text: groups parted by `+`, `,`, `/`, `;`, `&` or `and`, with or without the word group before them.
 * @example
 * groupsOf('3 + 11') // => ["3","11"]
 * groupsOf('Group 7 and 11') // => ["7","11"]
 * groupsOf('') // => []
 */
export const groupsOf = (text: string): string[] => [
	...new Set(
		text
			.split(/[+,/;&]|\band\b/i)
			.map((part) =>
				part
					.replace(/\bgroups?\b/i, '')
					.trim()
					.toUpperCase()
			)
			.filter((part) => part !== '')
	)
];
