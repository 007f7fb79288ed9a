/** A word without the punctuation around it, as it is looked for and as it stands in a glossary. */
export const bare = (text: string) => text.replace(/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/gu, '');
