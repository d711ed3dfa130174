import { ref } from 'vue'
import type { MemberDocument } from '@/contract/member'
import { api } from '@/lib/api'

/** What new members of the office start from, by material and kind, where it has said so. */
type Starts = Record<string, Partial<MemberDocument>>
const starts = ref<Starts>({})
let asked: Promise<void> | null = null

/** The name of a start: what is usual differs between standards. */
export const startName = (material: string, kind: string, family: string): string =>
    `${material} ${kind} ${family}`.trim()

export function useStarts() {
    asked ??= api<Starts>('GET', 'starts').then(
        (answer) => void (starts.value = answer),
        () => void (asked = null),
    )

    async function keep(name: string, document: MemberDocument): Promise<void> {
        starts.value = await api<Starts>('PUT', 'starts', { kind: name, document })
    }
    async function putBack(name: string): Promise<void> {
        starts.value = await api<Starts>('DELETE', 'starts', { kind: name })
    }
    return { starts, loaded: asked, keep, putBack }
}
