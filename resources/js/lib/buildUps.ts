import type { BuildUpDocument, LayerDocument } from '@/contract/member'
import { readQuantity } from '@/lib/quantity'

/** A copy that can be changed. */
export const copyOf = (buildUps: BuildUpDocument[]): BuildUpDocument[] =>
    buildUps.map((b) => ({ name: b.name, layers: b.layers.map((l) => ({ ...l })) }))

/** The load of a layer in N/mm²; null while it cannot be read. */
export function loadOfLayer(layer: LayerDocument): number | null {
    if (!layer.thickness.trim()) return readQuantity(layer.weight, 'areaLoad')
    const [thickness, weight] = [readQuantity(layer.thickness, 'size'), readQuantity(layer.weight, 'unitWeight')]
    return thickness === null || weight === null ? null : thickness * weight
}

/** The load of all layers in N/mm²; null while one of them cannot be read. */
export function loadOf(buildUp: BuildUpDocument): number | null {
    return buildUp.layers.reduce<number | null>((sum, layer) => {
        const load = loadOfLayer(layer)
        return sum === null || load === null ? null : sum + load
    }, 0)
}
