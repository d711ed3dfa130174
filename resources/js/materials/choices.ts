import { computed, ref } from 'vue'
import { api } from '@/lib/api'

/** What a standard leaves to nations, as the server lists it. */
export interface Parameter {
    key: string
    tex: string
    value: number
    clause: string
}

/** What the server lets one choose from, by material and field; and the national parameters of each material. */
type Materials = Record<string, { choices: Record<string, string[]>; parameters: Parameter[] }>
const all = ref<Materials>({})
let asked: Promise<void> | null = null

export function useMaterials() {
    asked ??= api<Materials>('GET', 'materials').then(
        (answer) => void (all.value = answer),
        () => void (asked = null),
    )
    return all
}

export function useChoices(material: string) {
    const materials = useMaterials()
    return { choices: computed(() => materials.value[material]?.choices ?? {}) }
}
