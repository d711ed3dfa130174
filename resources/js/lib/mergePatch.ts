/**
 * JSON merge patch (RFC 7396) for objects: what the patch names is replaced, objects in it are merged, null takes out.
 */
export function mergePatch(target: Record<string, unknown>, patch: Record<string, unknown>): void {
    for (const [key, value] of Object.entries(patch)) {
        const old = target[key]
        if (value === null) Reflect.deleteProperty(target, key)
        else if (isObject(value) && isObject(old)) mergePatch(old, value)
        else target[key] = value
    }
}

const isObject = (value: unknown): value is Record<string, unknown> =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
