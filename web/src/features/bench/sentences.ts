/** A text by its sentences; a dot within a figure ends none. */
export const sentences = (text: string): string[] => text.split(/(?<=[.!?])\s+(?=[A-Z“])/u);
