import { computed, ref } from 'vue'
import { api } from '@/lib/api'

/** What the server lets one choose from, by material and field. */
type Choices = Record<string, Record<string, string[]>>
const all = ref<Choices>({})
let asked: Promise<void> | null = null

export function useChoices(material: string) {
    asked ??= api<Choices>('GET', 'materials').then(
        (answer) => void (all.value = answer),
        () => void (asked = null),
    )
    return { choices: computed(() => all.value[material] ?? {}) }
}
