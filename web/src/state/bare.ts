/** A word without the punctuation around it, for searching and for the glossary. */
export const bare = (text: string) => text.replace(/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/gu, '');
