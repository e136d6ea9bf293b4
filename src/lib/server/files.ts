/** Name of a file to be kept: plain letters, so that no disk and no header minds it. */
export const fileName = (...parts: string[]): string =>
	parts
		.join('-')
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '')
		.slice(0, 80) || 'fallow';

/** A file for the browser to open or to keep. */
export const fileResponse = (body: BodyInit, type: string, name: string, inline = false): Response =>
	new Response(body, {
		headers: {
			'content-type': type,
			'content-disposition': `${inline ? 'inline' : 'attachment'}; filename="${name}"`,
			'cache-control': 'no-store'
		}
	});
