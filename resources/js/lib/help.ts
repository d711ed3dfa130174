import fields from '../../../docs/fields.md?raw'

/** What the fields ask for, by label: the texts of docs/fields.md. */
const texts = new Map([...fields.matchAll(/^- \*\*(.+?)\*\*: (.+)$/gm)].map(([, label, text]) => [label, text]))

export const helpOf = (label: string | undefined): string | undefined => (label ? texts.get(label) : undefined)
